import { calendarOf, nextAwake, type Calendar } from './calendar';
import { durationOf, type Day, type Mode, type Step } from './day';
import { fitsAlone } from './place';
import { fail, succeed, type Result } from '../failure';

/** Says which step can never fit, whatever the order. A day that passes may still have no plan: see whyNoPlan. */
export function checkPossible(day: Day): Result<Day> {
  const calendar = calendarOf(day);
  const stores = new Map(day.stores.map(({ id, cap }) => [id, cap]));
  const machines = new Map(day.machines.map((machine) => [machine.id, machine]));
  for (const [b, { steps }] of day.batches.entries())
    for (const [j, step] of steps.entries()) {
      const path = `batches[${b}].steps[${j}]`;
      for (const { res, T, q } of step.modes ?? []) {
        const machine = machines.get(res);
        if (!machine) return fail('BAD_VALUE', `"${step.name}" names the machine "${res}", which is not there.`, path);
        if (machine.maxT !== undefined && T > machine.maxT)
          return fail('OUT_OF_RANGE', `"${step.name}" wants ${T} °C, but ${res} reaches ${machine.maxT}.`, path);
        if (q > machine.slots)
          return fail('OUT_OF_RANGE', `"${step.name}" takes ${q} places, but ${res} has ${machine.slots}.`, path);
      }
      if (step.sameRes && j === 0)
        return fail('BAD_VALUE', `"${step.name}" stays where it was, but nothing comes before it.`, path);
      if (step.store) {
        const cap = stores.get(step.store.id);
        if (cap === undefined)
          return fail('BAD_VALUE', `"${step.name}" is kept in "${step.store.id}", which is not there.`, path);
        if (step.store.q > cap)
          return fail('OUT_OF_RANGE', `"${step.name}" takes ${step.store.q} places of ${step.store.id}, which has ${cap}.`, path);
      }
      for (const { n, len, noisy, interruptible } of step.hands ?? []) {
        if (n > day.handsCap)
          return fail(
            'OUT_OF_RANGE',
            `"${step.name}" wants ${n} pairs of hands; there ${day.handsCap === 1 ? 'is' : 'are'} ${day.handsCap}.`,
            path,
          );
        if (nextAwake(calendar, day.t0, interruptible ? 5 : len, noisy ?? false) === Infinity)
          return fail(
            'OUT_OF_RANGE',
            `Nobody is awake for ${len} minutes at a stretch, as "${step.name}" wants. Give the day longer hours.`,
            path,
          );
      }
      const modes = modesToTry(step);
      if (!modes.some((mode) => fitsAlone(day, calendar, step, mode)))
        return fail('OUT_OF_RANGE', whyNowhere(day, calendar, step, modes), path);
    }
  return succeed(day);
}

/** The machines that a step may run in: the one that its pin names, else all of them, or none. */
function modesToTry({ modes = [], pin, pinMode = -1 }: Step): ReadonlyArray<Mode | null> {
  if (modes.length === 0) return [null];
  return pin !== undefined && pinMode >= 0 ? [modes[pinMode]] : modes;
}

/** What keeps a step from fitting even alone: its own length, a machine that is not hot in time, or its visits. */
function whyNowhere(day: Day, calendar: Calendar, step: Step, modes: ReadonlyArray<Mode | null>): string {
  const horizon = day.t1 - day.t0;
  const shortest = Math.min(...modes.map((mode) => durationOf(step, mode)));
  const unattended = { ...step, hands: [] };
  if (shortest > horizon)
    return `"${step.name}" takes ${shortest} min, but the day ends ${horizon} min after it begins. Give the day a later end (t1).`;
  if (!modes.some((mode) => fitsAlone(day, calendar, unattended, mode)))
    return `"${step.name}" is not over before the day ends: what it runs in is not at its heat in time. Give the day a later end (t1), or a machine that heats faster.`;
  return `Hands can never come to "${step.name}" as often and when it asks: too many at once, or while all are asleep. Give its visits room, or put on more hands.`;
}
