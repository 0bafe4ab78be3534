import type { Calendar } from './calendar';
import {
  MOST_PAUSES,
  SHORTEST_STRETCH,
  calledAt,
  durationOf,
  type Attention,
  type Day,
  type HandsUse,
  type Mode,
  type Step,
} from './day';
import { Timeline, type MachineUse } from './timeline';

/** Where a step may lie. */
export type Placed = { readonly s: number; readonly e: number; readonly att: readonly HandsUse[] };

/** The earliest place of a step in one mode from a moment on; null beyond the horizon. */
// oxlint-disable-next-line max-params -- older than the rule
export function earliestPlace(line: Timeline, step: Step, mode: Mode | null, from: number, horizon: number): Placed | null {
  const dur = durationOf(step, mode);
  let s = from;
  while (s < horizon) {
    const work = fitHands(line, step.hands ?? NO_HANDS, s, dur);
    if (typeof work === 'number') {
      s = work;
      continue;
    }
    const { e } = work;
    const machine = mode ? line.machineFrom(mode.res, machineUse(step, mode, s, e)) : s;
    const store = step.store ? line.storeFrom(step.store.id, s, e, step.store.q) : s;
    const later = Math.max(machine, store);
    if (later === s) return e > horizon ? null : { s, e, att: work.att };
    s = later;
  }
  return null;
}

/** How far before a pin a place is looked for at first [min]; doubled until one is found. */
const BACK = 8;

/** A step in one of its modes, on a timeline that ends. */
export type Spot = { readonly line: Timeline; readonly step: Step; readonly mode: Mode | null; readonly horizon: number };
const soonest = ({ line, step, mode, horizon }: Spot, from: number): Placed | null =>
  earliestPlace(line, step, mode, from, horizon);

/** The place of a step nearest to its pin, before or after it, from a moment on; null beyond the horizon. */
export function nearestPlace(spot: Spot, from: number, pin: number): Placed | null {
  const after = soonest(spot, Math.max(from, pin));
  if (from >= pin || after?.s === pin) return after;
  const before = latestPlace(spot, from, pin);
  if (!before || !after) return before ?? after;
  return pin - before.s <= after.s - pin ? before : after;
}

/** The last place before a moment: looked for in a stretch that grows backwards. */
function latestPlace(spot: Spot, from: number, until: number): Placed | null {
  for (let [end, back] = [until, BACK]; end > from; end = Math.max(from, end - back), back *= 2) {
    let last: Placed | null = null;
    for (let at = Math.max(from, end - back); at < end; at = last.s + 1) {
      const placed = soonest(spot, at);
      if (!placed || placed.s >= end) break;
      last = placed;
    }
    if (last) return last;
  }
  return null;
}

/** Whether a step had a place in a mode if it were the only one of the day. */
export const fitsAlone = (day: Day, calendar: Calendar, step: Step, mode: Mode | null): boolean =>
  earliestPlace(new Timeline(day, calendar), step, mode, day.t0, day.t1) !== null;

export const machineUse = (step: Step, mode: Mode, s: number, e: number): MachineUse => ({
  s,
  e,
  T: mode.T,
  Tout: mode.Tout ?? mode.T,
  q: mode.q,
  excl: step.excl ?? false,
});

const NO_HANDS: readonly Attention[] = [];
const NO_USES: readonly HandsUse[] = [];

/** Hands for a step that starts at `s`, and when it ends then; or the next start that could do. */
function fitHands(line: Timeline, attentions: readonly Attention[], s: number, dur: number): Placed | number {
  let e = s + dur;
  if (attentions.length === 0) return { s, e, att: NO_USES };
  const own: HandsUse[] = [];
  const uses: HandsUse[][] = [];
  for (const i of stiffFirst(attentions)) {
    const attention = attentions[i];
    const fitted = attention.interruptible ? fitPausing(line, attention, s, dur, own) : fitOne(line, attention, s, dur, own);
    if (typeof fitted === 'number') return fitted;
    uses[i] = fitted;
    own.push(...fitted);
    if (attention.extend !== undefined || attention.interruptible) e = Math.max(e, fitted[fitted.length - 1].e);
  }
  return { s, e, att: attentions.length === 1 ? own : uses.flat() };
}

/** By a step's own list, which a search asks for again and again. */
const turns = new WeakMap<readonly Attention[], readonly number[]>();

/** Visits that cannot give way are laid first, so that those that can do so for them. */
function stiffFirst(attentions: readonly Attention[]): readonly number[] {
  const known = turns.get(attentions);
  if (known) return known;
  const gives = ({ flex = 0, extend = 0, interruptible }: Attention): boolean => flex > 0 || extend > 0 || interruptible === true;
  const all = attentions.map((_, i) => i);
  const turn = [...all.filter((i) => !gives(attentions[i])), ...all.filter((i) => gives(attentions[i]))];
  turns.set(attentions, turn);
  return turn;
}

/** One stretch of work, or the next start of the step at which it could lie where it must. */
// oxlint-disable-next-line max-params -- older than the rule
function fitOne(line: Timeline, attention: Attention, s: number, dur: number, own: readonly HandsUse[]): HandsUse[] | number {
  const { len, n, flex = 0, extend = 0 } = attention;
  const called = calledAt(attention, s, dur);
  let at = line.handsFrom(called, attention, own);
  if (at > called + flex && flex > 0) {
    const early = line.handsFrom(called - flex, attention, own);
    if (early <= called + flex) at = early;
  }
  const latest = called + Math.max(flex, extend);
  if (at <= latest) return [{ s: at, e: at + len, n }];
  return s + (at - latest);
}

/** Long work in stretches, or the next start of the step at which its pauses are short enough. */
// oxlint-disable-next-line max-params -- older than the rule
function fitPausing(line: Timeline, attention: Attention, s: number, dur: number, own: readonly HandsUse[]): HandsUse[] | number {
  const { len, n, noisy = false, maxPause = 0 } = attention;
  const called = calledAt(attention, s, dur);
  const start = line.handsFrom(called, { len: 1, n, noisy }, own);
  if (start !== called) return s + (start - called);
  const stretches: HandsUse[] = [];
  const shortest = Math.min(len, SHORTEST_STRETCH);
  let left = len;
  let at = called;
  for (let pauses = 0; ; pauses++) {
    const free = line.freeRun(at, { len: left, n, noisy }, own);
    // A stretch stops early rather than leave too little for the last one.
    const run = free === left ? left : Math.min(free, left - SHORTEST_STRETCH);
    if (run >= shortest) stretches.push({ s: at, e: at + run, n });
    if (run === left) return stretches;
    const tooShort = run < shortest;
    const rest = tooShort ? left : left - run;
    const next = line.handsFrom(at + Math.max(1, run), { len: Math.min(rest, SHORTEST_STRETCH), n, noisy }, own);
    if (tooShort || next - (at + run) > maxPause || pauses === MOST_PAUSES) return s + Math.max(1, next - called);
    left = rest;
    at = next;
  }
}
