import type Joi from 'joi';
import { LARGEST_FILE, type BatchDocument } from '@/core/document';
import { fail, succeed, type Failure, type FailureCode, type Result } from '@/core/failure';
import { BATCH_SCHEMA } from './batch-schema';

/** Reads a batch file's text: JSON, then the schema. The first mistake is told, with its key. */
export function readBatch(text: string): Result<BatchDocument> {
  if (text.length > LARGEST_FILE)
    return fail(
      'TOO_LARGE',
      `This file has ${(text.length / 1e6).toFixed(1)} MB; a batch file has at most ${LARGEST_FILE / 1e6} MB. Is it the right file?`,
    );
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return fail('NOT_JSON', 'This is not JSON. A batch file starts with { "format": "upbeat-oven/batch", "version": 1, … }.');
  }
  return checkBatch(value);
}

/** Checks a value against the batch file's schema. */
export const checkBatch = (value: unknown): Result<BatchDocument> => checkWith(BATCH_SCHEMA, shapeFirst(value));

/**
 * Portions may stand for the shape, under their own key or as a list under `shape`: the first shape that one of them brings is then
 * that of the batch, and of every portion that brings none.
 */
function shapeFirst(value: unknown): unknown {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return value;
  const { shape, ...others } = value as Readonly<Record<string, unknown>>;
  const asList = Array.isArray(shape) && others.portions === undefined;
  if (shape !== undefined && !asList) return value;
  const portions: unknown = asList ? shape : others.portions;
  if (!Array.isArray(portions)) return value;
  const list = portions as unknown[];
  const brings = (one: unknown): one is Readonly<Record<string, unknown>> =>
    typeof one === 'object' && one !== null && Object.hasOwn(one, 'shape');
  const first = list.find(brings);
  if (!first) return { ...others, portions };
  const { shape: its, ...told } = first;
  return { ...others, shape: its, portions: list.map((one) => (one === first ? told : one)) };
}

/** A type as a schema builds it: schemas know lists that may be written to only. */
export type Writable<T> =
  T extends ReadonlyArray<infer E> ? Array<Writable<E>> : T extends object ? { -readonly [K in keyof T]: Writable<T[K]> } : T;

/** Checks any value against a schema; the first mistake comes back as a failure with the key it is at. */
export function checkWith<T>(schema: Joi.ObjectSchema<T>, value: unknown): Result<T> {
  const hidden = prototypeKey(value);
  if (hidden) return fail('UNKNOWN_KEY', unknownKey(hidden), hidden);
  // Numbers in quotes are mistakes worth telling, so nothing is converted.
  const outcome: Joi.ValidationResult<T> = schema.validate(value, { abortEarly: true, convert: false });
  return outcome.error ? failureOf(outcome.error.details[0]) : succeed(outcome.value);
}

const unknownKey = (path: string): string => `There is no key "${path}". Check its spelling, or take it out.`;

/** Keys that reach what every object is made of. */
const PROTOTYPE_KEYS: ReadonlySet<string> = new Set(['__proto__', 'constructor', 'prototype']);

/** Where a value names its own prototype, which the schema's copy would swallow unseen; null where nothing does. */
function prototypeKey(value: unknown): string | null {
  const open: Array<readonly [path: ReadonlyArray<string | number>, value: unknown]> = [[[], value]];
  for (let next = open.pop(); next; next = open.pop()) {
    const [path, inside] = next;
    if (typeof inside !== 'object' || inside === null) continue;
    for (const key of Object.keys(inside)) {
      const here = [...path, Array.isArray(inside) ? Number(key) : key];
      if (PROTOTYPE_KEYS.has(key)) return pathOf(here);
      open.push([here, (inside as Record<string, unknown>)[key]]);
    }
  }
  return null;
}

const CODES: Readonly<Record<string, FailureCode>> = {
  'object.unknown': 'UNKNOWN_KEY',
  'any.required': 'MISSING_VALUE',
  'number.min': 'OUT_OF_RANGE',
  'number.max': 'OUT_OF_RANGE',
  'number.greater': 'OUT_OF_RANGE',
  'number.infinity': 'OUT_OF_RANGE',
  'number.unsafe': 'OUT_OF_RANGE',
  'array.min': 'MISSING_VALUE',
  'array.max': 'OUT_OF_RANGE',
};

function failureOf(detail: Joi.ValidationErrorItem): Failure {
  const path = pathOf(detail.path);
  const what = path || 'the document';
  const { limit, valids, present = [] } = (detail.context ?? {}) as { limit?: number; valids?: unknown[]; present?: string[] };
  const SENTENCES: Readonly<Record<string, string>> = {
    'object.unknown': unknownKey(path),
    'any.required': `"${path}" is missing. Add it.`,
    'any.only': `"${path}" must be ${inWords(valids ?? [])}.`,
    'number.min': `"${path}" must be at least ${limit}.`,
    'number.max': `"${path}" must be at most ${limit}.`,
    'number.greater': `"${path}" must be more than ${limit}.`,
    'number.base': `"${path}" must be a number.`,
    'array.min': `"${path}" needs at least ${limit} entry.`,
    'object.oxor': `"${what}" says ${present.join(' and ')}, and only one of them can count. Keep one.`,
    'object.base': `"${what}" must be an object with keys.`,
  };
  const sentence = SENTENCES[detail.type] ?? `${detail.message.replace(/^"[^"]*"/, `"${what}"`)}.`;
  return fail(CODES[detail.type] ?? 'BAD_VALUE', sentence, path);
}

/** "a, b or c" */
function inWords(choices: readonly unknown[]): string {
  const words = choices.map(String);
  const last = words.pop() ?? '';
  return words.length === 0 ? last : `${words.join(', ')} or ${last}`;
}

/** ["recipe", "ingredients", 2, "amount"] -> recipe.ingredients[2].amount */
function pathOf(keys: ReadonlyArray<string | number>): string {
  return keys.map((key, i) => (typeof key === 'number' ? `[${key}]` : i === 0 ? key : `.${key}`)).join('');
}
