import { HORIZON, USUAL_GOALS, checkPossible, type Attention, type Day, type Step } from '@/core/bakeday';
import { fail, type Failure, type Result } from '@/core/failure';
import { DAY, type WrittenBatch, type WrittenStep } from './day-schema';
import { checkWith } from './read-batch';

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
  for (const key of ['win', 'quiet'] as const) {
    const at = rest[key].findIndex(([from, to]) => to <= from);
    if (at >= 0)
      return fail(
        'OUT_OF_RANGE',
        'It ends before it begins. Hours over midnight run on: 22:00 to 6:00 is [1320, 1800].',
        `${key}[${at}]`,
      );
  }
  const named = { ...rest, t0, t1, obj: { ...USUAL_GOALS, ...obj }, batches: batches.map(withNames) } as Day;
  const wrong = stepMistake(named);
  return wrong ?? checkPossible(named);
}

const withNames = (batch: WrittenBatch): unknown => ({
  ...batch,
  steps: batch.steps.map(({ maxWait, hands, ...one }: WrittenStep, j) => ({
    ...one,
    id: one.id ?? String(j),
    name: one.name ?? one.id ?? `step ${j + 1}`,
    ...(maxWait === null || maxWait === undefined ? {} : { maxWait }),
    ...(hands ? { hands: hands.map(inWholeMinutes) } : {}),
  })),
});

const inWholeMinutes = ({ flex, ...visit }: Attention): Attention => ({
  ...visit,
  ...(flex === undefined ? {} : { flex: Math.floor(flex) }),
});

/** The first step that says what cannot be meant. */
function stepMistake(day: Day): Failure | null {
  for (const [b, { steps }] of day.batches.entries()) {
    const seen = new Set<string>();
    for (const [j, step] of steps.entries()) {
      const path = `batches[${b}].steps[${j}]`;
      if (seen.has(step.id))
        return fail('BAD_VALUE', `Two steps of this batch are called "${step.id}". Give each its own id.`, `${path}.id`);
      seen.add(step.id);
      const wrong = pinMistake(step, path) ?? visitMistake(step, path) ?? heatMistake(day, step, path);
      if (wrong) return wrong;
    }
  }
  return null;
}

function pinMistake({ name, pin, pinMode, modes = [] }: Step, path: string): Failure | null {
  if (pinMode === undefined) return null;
  if (pin === undefined)
    return fail('BAD_VALUE', `"${name}" has a pinMode but no pin. Say at which minute, or take pinMode out.`, `${path}.pinMode`);
  if (pinMode >= modes.length)
    return fail(
      'OUT_OF_RANGE',
      `"${name}" is pinned to its mode ${pinMode}, but has ${modes.length}, counted from 0.`,
      `${path}.pinMode`,
    );
  return null;
}

/** Visits that do not draw their step out lie inside of it, in every machine that it may run in. */
function visitMistake({ name, dur, modes = [], hands = [] }: Step, path: string): Failure | null {
  const shortest = Math.min(...(modes.length > 0 ? modes.map((mode) => mode.dur ?? dur) : [dur]));
  for (const [i, { off, len, extend, interruptible }] of hands.entries()) {
    const from = off === 'mid' ? Math.round(shortest / 2) : off;
    const room = extend !== undefined || interruptible ? 0 : len;
    if (from + room > shortest)
      return fail(
        'OUT_OF_RANGE',
        `A visit of ${len} min at ${off} lies outside of "${name}", which takes ${shortest}. Move it inside, or let it extend the step.`,
        `${path}.hands[${i}]`,
      );
  }
  return null;
}

/** An oven or dehydrator cannot be set below the room around it. */
function heatMistake({ machines }: Day, { name, modes = [] }: Step, path: string): Failure | null {
  for (const [m, { res, T, Tout = T }] of modes.entries()) {
    const machine = machines.find(({ id }) => id === res);
    if (!machine || machine.kind === 'fd') continue;
    const coldest = Math.min(T, Tout);
    if (coldest < machine.ambient - machine.tol)
      return fail(
        'OUT_OF_RANGE',
        `"${name}" wants ${coldest} °C, but ${res} stands in a room of ${machine.ambient} and cannot cool below it.`,
        `${path}.modes[${m}]`,
      );
  }
  return null;
}
