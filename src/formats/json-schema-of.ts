import type { Field, Fields, GroupField, NumberField, TextField } from '@/core/fields';

/** A JSON Schema, draft 2020-12. */
export type JsonSchema = { readonly [key: string]: unknown };

/** The published schema of a field: what `joiOf` checks, said for machines elsewhere. */
export function jsonSchemaOf(field: Field): JsonSchema {
  const described = describe(field);
  return { ...(described ? { description: described } : {}), ...bare(field) };
}

/** Meaning and what holds where it is left out, in one sentence. */
function describe({ meaning, usual }: Field): string {
  const without = usual === undefined ? '' : `left out: ${usual}`;
  return [meaning, without].filter(Boolean).join('; ');
}

function bare(field: Field): JsonSchema {
  switch (field.kind) {
    case 'number':
      return numberOf(field);
    case 'choice':
      return { type: 'string', enum: field.of, ...defaultOf(field) };
    case 'text':
      return textOf(field);
    case 'flag':
      return { type: 'boolean', ...defaultOf(field) };
    case 'constant':
      return { const: field.value };
    case 'group':
      return groupOf(field);
    case 'list':
      return {
        type: 'array',
        items: jsonSchemaOf(field.of),
        ...(field.least === undefined ? {} : { minItems: field.least }),
        maxItems: field.most,
      };
    case 'variants':
      return {
        type: 'object',
        required: [field.by],
        oneOf: Object.entries(field.of).map(([name, fields]) => objectOf(fields, { [field.by]: { const: name } })),
      };
  }
}

const defaultOf = (field: { readonly default?: unknown }): JsonSchema =>
  field.default === undefined ? {} : { default: field.default };

const numberOf = ({ min, max, above, whole, ...field }: NumberField): JsonSchema => ({
  type: whole ? 'integer' : 'number',
  [above ? 'exclusiveMinimum' : 'minimum']: min,
  maximum: max,
  ...defaultOf(field),
});

/** Spaces at either end are mistakes, and so is nothing at all, unless the field says otherwise. */
function textOf({ max, empty, untrimmed, pattern, ...field }: TextField): JsonSchema {
  const shape = pattern?.source ?? (untrimmed ? undefined : '^(\\S([\\s\\S]*\\S)?)?$');
  return {
    type: 'string',
    ...(empty ? {} : { minLength: 1 }),
    maxLength: max,
    ...(shape === undefined ? {} : { pattern: shape }),
    ...defaultOf(field),
  };
}

function objectOf(fields: Fields, told: JsonSchema = {}): JsonSchema {
  const properties = { ...told, ...Object.fromEntries(Object.entries(fields).map(([key, field]) => [key, jsonSchemaOf(field)])) };
  const required = [...Object.keys(told), ...Object.keys(fields).filter((key) => fields[key].required)];
  return { type: 'object', additionalProperties: false, properties, ...(required.length > 0 ? { required } : {}) };
}

function groupOf({ fields, atMostOneOf, needs, standsFor = {} }: GroupField): JsonSchema {
  const { required = [], ...object } = objectOf(fields) as { required?: string[] } & JsonSchema;
  const always = required.filter((key) => !(key in standsFor));
  const either = Object.entries(standsFor).map(([key, other]) => ({
    anyOf: [
      { required: [key] },
      { required: [other], properties: { [other]: { type: 'array', contains: { type: 'object', required: [key] } } } },
    ],
  }));
  return {
    ...object,
    ...(always.length > 0 ? { required: always } : {}),
    ...(either.length > 0 ? { allOf: either } : {}),
    ...(atMostOneOf ? { not: { anyOf: pairsOf(atMostOneOf).map((required) => ({ required })) } } : {}),
    ...(needs ? { dependentRequired: Object.fromEntries(Object.entries(needs).map(([key, beside]) => [key, [beside]])) } : {}),
  };
}

/** Every two of several. */
const pairsOf = (names: readonly string[]): string[][] =>
  names.flatMap((name, i) => names.slice(i + 1).map((other) => [name, other]));
