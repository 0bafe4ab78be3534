import { A_DAY_MIN } from '../quantities';
import {
  MOST_PAUSES,
  SHORTEST_STRETCH,
  calledAt,
  durationOf,
  setupMinutes,
  type Attention,
  type Day,
  type HandsUse,
  type PlannedStep,
} from './day';
import { modesOf } from './modes';

/**
 * Holds a plan against every rule of its day, by itself: it shares nothing with the code that makes plans but the words of
 * the day, and reads its hours minute by minute on its own. Every complaint names what is wrong and when; an empty list is a valid plan.
 */
export function complaintsAbout(day: Day, plan: readonly PlannedStep[]): string[] {
  return [...sequence(day, plan), ...hands(day, plan), ...machines(day, plan), ...stores(day, plan)];
}

const recsOf = (plan: readonly PlannedStep[], b: number): PlannedStep[] =>
  plan.filter((rec) => rec.b === b).sort((x, y) => x.j - y.j);

/** Every step once, in order, with its waits and its length. */
function sequence(day: Day, plan: readonly PlannedStep[]): string[] {
  return day.batches.flatMap((batch, b) => {
    const recs = recsOf(plan, b);
    if (recs.length !== batch.steps.length || recs.some(({ j }, i) => j !== i)) return [`${batch.id}: steps are missing`];
    const modes = modesOf(batch.steps, recs);
    return recs.flatMap((rec, j) => {
      const step = batch.steps[j];
      const at = `${batch.id}/${step.id} at ${rec.s}`;
      const wrong: string[] = [];
      if (rec.s < Math.max(day.t0, batch.release ?? day.t0)) wrong.push(`${at}: before it may begin`);
      if (rec.e > day.t1) wrong.push(`${at}: beyond the horizon`);
      if (step.pinMode !== undefined && step.pinMode >= 0 && rec.m !== step.pinMode)
        wrong.push(`${at}: not in the machine that its pin names`);
      if (step.modes && step.modes.length > 0 && !modes[j]) wrong.push(`${at}: in no machine`);
      if (step.sameRes && j > 0 && modes[j]?.res !== modes[j - 1]?.res) wrong.push(`${at}: left its machine`);
      if (j > 0) {
        const { minWait = 0, maxWait = Infinity } = batch.steps[j - 1];
        const wait = rec.s - recs[j - 1].e;
        if (wait < minWait || wait > maxWait) wrong.push(`${at}: waits ${wait}`);
      }
      const dur = durationOf(step, modes[j]);
      const last = Math.max(rec.s + dur, ...rec.att.filter((_, i) => lasts(step.hands ?? [], rec, i)).map(({ e }) => e));
      if (rec.e !== last) wrong.push(`${at}: lasts until ${rec.e}, not ${last}`);
      return [...wrong, ...attentions(day, step.hands ?? [], rec, dur, at)];
    });
  });
}

/** Whether a stretch of hands belongs to an attention that draws its step out. */
const lasts = (wanted: readonly Attention[], rec: PlannedStep, i: number): boolean => {
  const owner = ownersOf(wanted, rec.att)[i];
  return owner !== undefined && (owner.extend !== undefined || owner.interruptible === true);
};

/** The attention that each stretch of hands answers, in order; interruptible ones own as many stretches as they need. */
function ownersOf(wanted: readonly Attention[], att: readonly HandsUse[]): Array<Attention | undefined> {
  const owners: Array<Attention | undefined> = [];
  let i = 0;
  for (const one of wanted) {
    let left = one.len;
    while (left > 0 && i < att.length) {
      owners.push(one);
      left -= att[i].e - att[i].s;
      i++;
      if (!one.interruptible) break;
    }
  }
  return owners;
}

// oxlint-disable-next-line max-params -- older than the rule
function attentions(day: Day, wanted: readonly Attention[], { s, att }: PlannedStep, dur: number, at: string): string[] {
  const owners = ownersOf(wanted, att);
  return wanted.flatMap((one) => {
    const mine = att.filter((_, i) => owners[i] === one);
    const total = mine.reduce((sum, use) => sum + use.e - use.s, 0);
    if (total !== one.len || mine.some(({ n }) => n !== one.n)) return [`${at}: hands for ${total} of ${one.len} min`];
    const called = calledAt(one, s, dur);
    const off = mine[0].s - called;
    const { flex = 0, extend = 0 } = one;
    const wrong = off < -flex || off > Math.max(flex, extend) ? [`${at}: hands ${off} min from when they are called for`] : [];
    if (mine.length > 1) {
      if (!one.interruptible || mine.length > MOST_PAUSES + 1) wrong.push(`${at}: paused too often`);
      for (let i = 1; i < mine.length; i++)
        if (mine[i].s - mine[i - 1].e > (one.maxPause ?? 0)) wrong.push(`${at}: pauses too long`);
      if (mine.some((use) => use.e - use.s < SHORTEST_STRETCH)) wrong.push(`${at}: a stretch too short`);
    }
    for (const use of mine) {
      if (!minutesOf(use).every((minute) => isAwake(day, minute))) wrong.push(`${at}: hands at ${use.s}, while all are asleep`);
      if (one.noisy && minutesOf(use).some((minute) => isQuiet(day, minute))) wrong.push(`${at}: too loud at ${use.s}`);
    }
    return wrong;
  });
}

const minutesOf = ({ s, e }: HandsUse): number[] => Array.from({ length: e - s }, (_, i) => s + i);
const midnightBefore = (minute: number): number => minute - (((minute % A_DAY_MIN) + A_DAY_MIN) % A_DAY_MIN);

/** Whether a minute lies in a waking window: one that is written, or one of the last day's on a later day. */
function isAwake({ win }: Day, minute: number): boolean {
  if (win.length === 0) return true;
  const lastMidnight = Math.max(...win.map(([from]) => midnightBefore(from)));
  return win.some(([from, to]) => {
    if (minute < from) return false;
    if (minute < to) return true;
    return from >= lastMidnight && (minute - from) % A_DAY_MIN < to - from;
  });
}

/** Whether a minute is quiet: as written, or as it is at the same hour in the last or first 24 hours written. */
function isQuiet({ quiet }: Day, minute: number): boolean {
  if (quiet.length === 0) return false;
  const written = (at: number): boolean => quiet.some(([from, to]) => from <= at && at < to);
  const first = Math.min(...quiet.map(([from]) => from));
  const last = Math.max(...quiet.map(([, to]) => to));
  let at = minute;
  while (at >= last) at -= A_DAY_MIN;
  while (at < first) at += A_DAY_MIN;
  return written(at);
}

/** Never more hands than there are. */
function hands(day: Day, plan: readonly PlannedStep[]): string[] {
  const uses = plan.flatMap(({ att }) => att);
  return overfull(
    uses.map(({ s, e, n }) => ({ s, e, q: n })),
    day.handsCap,
  ).map((at) => `too few hands at ${at}`);
}

/** Temperatures apart are apart in time, by as long as the machine needs; slots add up. */
function machines(day: Day, plan: readonly PlannedStep[]): string[] {
  return day.machines.flatMap((machine) => {
    const uses = day.batches.flatMap(({ id, steps }, b) => {
      const recs = recsOf(plan, b);
      return modesOf(steps, recs).flatMap((mode, j) =>
        mode?.res === machine.id
          ? [
              {
                id: `${id}/${steps[j].id}`,
                s: recs[j].s,
                e: recs[j].e,
                T: mode.T,
                Tout: mode.Tout ?? mode.T,
                q: mode.q,
                excl: steps[j].excl ?? false,
              },
            ]
          : [],
      );
    });
    const wrong = overfull(uses, machine.slots).map((at) => `${machine.id} is too full at ${at}`);
    for (const [i, x] of uses.entries()) {
      if (machine.kind !== 'fd' && x.s < day.t0 + setupMinutes(machine, machine.ambient, x.T))
        wrong.push(`${x.id}: ${machine.id} is still cold`);
      for (const y of uses.slice(i + 1)) {
        const [first, second] = x.s <= y.s ? [x, y] : [y, x];
        if (machine.kind === 'fd') {
          const together = x.s === y.s && x.e === y.e;
          if (!together && second.s < first.e + (machine.turn ?? 0))
            wrong.push(`${x.id} and ${y.id}: runs of ${machine.id} overlap`);
        } else {
          const share = Math.abs(x.T - y.T) <= machine.tol && !x.excl && !y.excl;
          if (!share && second.s < first.e + setupMinutes(machine, first.Tout, second.T))
            wrong.push(`${x.id} and ${y.id}: ${machine.id} cannot change so fast`);
        }
      }
    }
    return wrong;
  });
}

/** Places in fridge, freezer and on trays, held until the next step starts. */
function stores(day: Day, plan: readonly PlannedStep[]): string[] {
  return day.stores.flatMap(({ id, cap }) => {
    const uses = day.batches.flatMap(({ steps }, b) => {
      const recs = recsOf(plan, b);
      return steps.flatMap(({ store }, j) =>
        store?.id === id ? [{ s: recs[j].s, e: j + 1 < recs.length ? recs[j + 1].s : recs[j].e, q: store.q }] : [],
      );
    });
    return overfull(uses, cap).map((at) => `${id} is too full at ${at}`);
  });
}

/** Moments at which more is in use than there is. */
function overfull(uses: ReadonlyArray<{ readonly s: number; readonly e: number; readonly q: number }>, cap: number): number[] {
  return uses.map(({ s }) => s).filter((at) => uses.reduce((sum, { s, e, q }) => (s <= at && at < e ? sum + q : sum), 0) > cap);
}
