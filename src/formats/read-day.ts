import Joi from 'joi';
import { HORIZON, USUAL_GOALS, checkPossible, type Day } from '@/core/bakeday';
import { fail, type Result } from '@/core/failure';
import { checkWith } from './read-batch';

/** The day document as Joi checks it; docs/day-file.md describes it. Minutes are whole, on one clock that runs on over midnight. */
const minute = Joi.number().integer().min(0).max(100_000);
const length = Joi.number().integer().min(0).max(20_160);
const id = Joi.string().min(1).max(120);
const span = Joi.array().items(minute).length(2);

const attention = Joi.object({
  off: Joi.alternatives(Joi.number().integer().min(-20_160).max(20_160), Joi.string().valid('mid')).default(0),
  end: Joi.boolean().valid(true),
  len: length.min(1).required(),
  n: Joi.number().valid(1, 2).default(1),
  flex: Joi.number().min(0).max(1440),
  noisy: Joi.boolean(),
  extend: length,
  interruptible: Joi.boolean().valid(true),
  maxPause: length,
});
const mode = Joi.object({
  res: id.required(),
  T: Joi.number().min(-60).max(400).required(),
  Tout: Joi.number().min(-60).max(400),
  q: Joi.number().min(0).max(100_000).required(),
  dur: length,
});
const step = Joi.object({
  id: id,
  name: Joi.string().max(200),
  dur: length.required(),
  modes: Joi.array().items(mode).max(50),
  hands: Joi.array().items(attention).max(50),
  minWait: length,
  maxWait: length.allow(null),
  excl: Joi.boolean().valid(true),
  sameRes: Joi.boolean().valid(true),
  store: Joi.object({ id: id.required(), q: Joi.number().min(0).required() }),
  pin: minute,
  pinMode: Joi.number().integer().min(-1).max(49),
});
const DAY = Joi.object<Raw>({
  t0: minute.required(),
  t1: minute,
  handsCap: Joi.number().integer().min(1).max(10).default(1),
  win: Joi.array().items(span).max(100).default([]),
  quiet: Joi.array().items(span).max(100).default([]),
  machines: Joi.array()
    .items(
      Joi.object({
        id: id.required(),
        kind: Joi.string().valid('oven', 'dehy', 'fd').required(),
        slots: Joi.number().min(0).required(),
        tol: Joi.number().min(0).default(5),
        heat: Joi.number().greater(0).default(10),
        cool: Joi.number().greater(0).default(4),
        ambient: Joi.number().min(-30).max(60).default(20),
        maxT: Joi.number(),
        turn: length,
        kHold: Joi.number().min(0),
        kHeat: Joi.number().min(0),
      }),
    )
    .max(50)
    .unique('id')
    .default([]),
  stores: Joi.array()
    .items(Joi.object({ id: id.required(), cap: Joi.number().min(0).required() }))
    .max(50)
    .unique('id')
    .default([]),
  batches: Joi.array()
    .items(
      Joi.object({
        id: id.required(),
        due: minute.required(),
        release: minute,
        weight: Joi.number().min(0).max(1000),
        steps: Joi.array().items(step).min(1).max(100).required(),
      }),
    )
    .min(1)
    .max(60)
    .unique('id')
    .required(),
  obj: Joi.object({ tard: Joi.number().min(0), mk: Joi.number().min(0), sum: Joi.number().min(0), energy: Joi.number().min(0) }),
});

type Raw = Omit<Day, 't1' | 'obj' | 'batches'> & {
  readonly t1?: number;
  readonly obj?: Partial<Day['obj']>;
  readonly batches: ReadonlyArray<{
    readonly id: string;
    readonly steps: ReadonlyArray<
      Record<string, unknown> & {
        readonly id?: string;
        readonly name?: string;
        readonly maxWait?: number | null;
        readonly hands?: ReadonlyArray<{ readonly flex?: number }>;
      }
    >;
  }>;
};

/** Reads a day's text; the first mistake is told, with its key, and so is a step that can never fit. */
export function readDay(text: string): Result<Day> {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return fail('NOT_JSON', 'This is not JSON. A day holds t0, machines, batches with their steps, and when somebody is awake.');
  }
  return checkDay(value);
}

export function checkDay(value: unknown): Result<Day> {
  const checked = checkWith(DAY, value);
  if (!checked.ok) return checked;
  const { t0, t1 = t0 + HORIZON, obj, batches, ...rest } = checked.value;
  if (t1 <= t0) return fail('OUT_OF_RANGE', 'The day ends before it begins: t1 must be later than t0.', 't1');
  const named = batches.map((batch) => ({
    ...batch,
    steps: batch.steps.map(({ maxWait, ...one }, j) => ({
      ...one,
      id: one.id ?? String(j),
      name: one.name ?? one.id ?? `step ${j + 1}`,
      ...(maxWait === null || maxWait === undefined ? {} : { maxWait }),
      ...(one.hands
        ? {
            hands: one.hands.map((hands) => ({
              ...hands,
              ...(hands.flex === undefined ? {} : { flex: Math.floor(hands.flex) }),
            })),
          }
        : {}),
    })),
  }));
  return checkPossible({ ...rest, t0, t1, obj: { ...USUAL_GOALS, ...obj }, batches: named } as unknown as Day);
}
