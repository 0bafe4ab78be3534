import type { Day, Mode, PlannedStep, Step } from './day';
import type { Genome } from './genome';
import { earliestPlace, machineUse, nearestPlace, type Placed } from './place';
import { Timeline, type StoreUse } from './timeline';
import type { Workshop } from './workshop';

/** A plan with its cost terms. */
export type Decoded = { readonly plan: readonly PlannedStep[]; readonly pinMiss: number };

/** A committed step, and how to take it back. */
type Committed = PlannedStep & { readonly undo: () => void; readonly store: StoreUse | null; readonly mode: Mode | null };

/**
 * Makes a plan of a genome: steps in its order, each at the earliest place that is free, with earlier steps of the same
 * batch put off where a wait would get too long. Null beyond the horizon, or when its cost must exceed the limit.
 *
 * @param bound - tells from a batch and the earliest end it can still have what it costs at least
 */
export function decode(
  shop: Workshop,
  genome: Genome,
  bound: (b: number, end: number) => number = () => 0,
  limit = Infinity,
): Decoded | null {
  const { day } = shop;
  const line = new Timeline(day, shop.calendar, shop.effort);
  const done: Committed[][] = day.batches.map(() => []);
  const reserved = reservePins(line, shop, genome);
  const next = day.batches.map(() => 0);
  const cost = day.batches.map(() => 0);
  let total = 0;
  for (const b of genome.order) {
    const goal = next[b]++;
    if (!extendBatch(line, shop, b, goal, genome, done[b], reserved)) return null;
    const last = done[b][done[b].length - 1];
    const now = bound(b, last.e + shop.tail[b][goal]);
    total += now - cost[b];
    cost[b] = now;
    if (total > limit) return null;
  }
  const plan = done.flat().map(({ b, j, s, e, m, att }) => ({ b, j, s, e, m, att }));
  return { plan, pinMiss: pinMissOf(day, plan) };
}

const pinMissOf = (day: Day, plan: readonly PlannedStep[]): number =>
  plan.reduce((sum, { b, j, s }) => {
    const { pin } = day.batches[b].steps[j];
    return pin === undefined ? sum : sum + Math.abs(s - pin);
  }, 0);

type Reserved = Map<number, Committed>;
const keyOf = (b: number, j: number): number => b * 1000 + j;

/** Pinned steps take their places before anything else: those whose hands cannot give way first. */
function reservePins(line: Timeline, shop: Workshop, genome: Genome): Reserved {
  const { day } = shop;
  const pinned = day.batches.flatMap(({ steps }, b) =>
    steps.flatMap((step, j) =>
      step.pin === undefined || step.sameRes || genome.pinning[b][j] === 'follow' ? [] : [{ step, b, j, pin: step.pin }],
    ),
  );
  const gives = ({ step }: { step: Step }): number => ((step.hands ?? []).some(({ flex = 0 }) => flex > 0) ? 1 : 0);
  const reserved: Reserved = new Map();
  for (const { step, b, j, pin } of pinned.sort((x, y) => gives(x) - gives(y))) {
    const near = genome.pinning[b][j] === 'near';
    const from = near ? Math.max(day.t0, day.batches[b].release ?? day.t0) : pin;
    const wish = { from, latest: near ? Infinity : pin, forced: forcedMode(step, genome.mode[b][j]), inside: null, near };
    const found = bestMode(line, shop, { b, j }, wish);
    if (found && (near || found.placed.s === pin)) reserved.set(keyOf(b, j), commit(line, step, b, j, found));
  }
  return reserved;
}

/** The mode that its pin names, or that the genome wants; -1 for any. */
const forcedMode = ({ pinMode = -1 }: Step, wanted: number): number => (pinMode >= 0 ? pinMode : wanted);

type Found = { readonly placed: Placed; readonly m: number; readonly mode: Mode | null };

type Wish = {
  readonly from: number;
  /** A start after this is too long a wait. */
  readonly latest: number;
  /** The mode that must be taken; -1 for any. */
  readonly forced: number;
  /** Where the step before was, for one that stays there. */
  readonly inside: Mode | null;
  /** As near to its pin as can be, rather than as soon. */
  readonly near: boolean;
};

/** The mode that ends soonest of those that begin in time; where none does, the one that begins soonest. */
function bestMode(line: Timeline, { day, fits }: Workshop, { b, j }: Pick<PlannedStep, 'b' | 'j'>, wish: Wish): Found | null {
  const { from, latest, forced, inside, near } = wish;
  const step = day.batches[b].steps[j];
  const modes = step.modes ?? [];
  const placeIn = (mode: Mode | null): Placed | null =>
    near && step.pin !== undefined
      ? nearestPlace({ line, step, mode, horizon: day.t1 }, from, step.pin)
      : earliestPlace(line, step, mode, from, day.t1);
  if (modes.length === 0) {
    const placed = placeIn(inside);
    return placed && { placed, m: -1, mode: inside };
  }
  let best: Found | null = null;
  for (const [m, mode] of modes.entries()) {
    if (!fits[b][j][m]) continue;
    if (inside !== null ? mode.res !== inside.res : forced >= 0 && m !== forced) continue;
    const placed = placeIn(mode);
    if (placed && (!best || isBetter(placed, best.placed, latest, near ? step.pin : undefined))) best = { placed, m, mode };
  }
  return best;
}

function isBetter(one: Placed, other: Placed, latest: number, pin?: number): boolean {
  const [inTime, otherInTime] = [one.s <= latest, other.s <= latest];
  if (inTime !== otherInTime) return inTime;
  if (pin !== undefined && Math.abs(one.s - pin) !== Math.abs(other.s - pin))
    return Math.abs(one.s - pin) < Math.abs(other.s - pin);
  return inTime ? one.e < other.e : one.s < other.s;
}

// oxlint-disable-next-line max-params -- older than the rule
function commit(line: Timeline, step: Step, b: number, j: number, { placed: { s, e, att }, m, mode }: Found): Committed {
  line.hands.push(...att);
  const machine = mode ? line.machines.get(mode.res)?.uses : undefined;
  const use = mode ? machineUse(step, mode, s, e) : null;
  if (machine && use) machine.push(use);
  const stores = step.store ? line.stores.get(step.store.id)?.uses : undefined;
  const store: StoreUse | null = step.store ? { s, e, q: step.store.q } : null;
  if (stores && store) stores.push(store);
  const undo = (): void => {
    for (const one of att) drop(line.hands, one);
    if (machine && use) drop(machine, use);
    if (stores && store) drop(stores, store);
  };
  return { b, j, s, e, m, att, undo, store, mode };
}

function drop<T>(list: T[], one: T): void {
  const at = list.lastIndexOf(one);
  if (at >= 0) list.splice(at, 1);
}

/** Where everything is free, one day is like the next: who finds no place in two finds none later [min]. */
const PATIENCE = 2880;

/** When everything that lies already, and every written hour, is over. */
function freeFrom(line: Timeline, day: Day): number {
  let last = day.t0;
  for (const { e } of line.hands) last = Math.max(last, e);
  for (const { uses } of [...line.machines.values(), ...line.stores.values()]) for (const { e } of uses) last = Math.max(last, e);
  for (const [, to] of [...day.win, ...day.quiet]) last = Math.max(last, to);
  return last;
}

/** Adds steps to a batch up to `goal`; where a wait gets too long, steps back and starts the one before later. */
// oxlint-disable-next-line max-lines-per-function, max-params -- older than the rule
function extendBatch(
  line: Timeline,
  shop: Workshop,
  b: number,
  goal: number,
  genome: Genome,
  done: Committed[],
  reserved: Reserved,
): boolean {
  const { day } = shop;
  const { steps, release = day.t0 } = day.batches[b];
  const notBefore: number[] = [];
  let hopelessFrom = Infinity;
  const putOff = (later: number): void => {
    const back = done.pop();
    if (!back) throw new Error('nothing to put off');
    back.undo();
    reserved.delete(keyOf(b, back.j));
    notBefore[back.j] = Math.max(notBefore[back.j] ?? 0, back.s + Math.max(1, later));
  };
  for (let j = done.length; j <= goal; j = done.length) {
    const step = steps[j];
    const before = done[done.length - 1] as Committed | undefined;
    const waits = before ? (steps[j - 1].maxWait ?? Infinity) : Infinity;
    const ready = before ? before.e + (steps[j - 1].minWait ?? 0) : -Infinity;
    const from = Math.max(day.t0, release, genome.lb[b][j], notBefore[j] ?? 0, ready);
    const kept = reserved.get(keyOf(b, j));
    if (kept && from <= kept.s) {
      const late = before ? kept.s - before.e - waits : 0;
      if (late > 0) {
        putOff(late);
        continue;
      }
      const blocked = before ? holdUntil(line, steps[j - 1], before, kept.s) : 0;
      if (blocked > 0) {
        putOff(blocked);
        continue;
      }
      done.push(kept);
      continue;
    }
    if (kept) {
      kept.undo();
      reserved.delete(keyOf(b, j));
    }
    const inside = step.sameRes && before ? before.mode : null;
    const latest = before ? before.e + waits : Infinity;
    const found = bestMode(
      line,
      shop,
      { b, j },
      { from, latest, forced: forcedMode(step, genome.mode[b][j]), inside, near: genome.pinning[b][j] === 'near' },
    );
    if (!found) return false;
    if (before) {
      const late = found.placed.s - before.e - waits;
      const blocked = late > 0 ? late : holdUntil(line, steps[j - 1], before, found.placed.s);
      if (blocked > 0) {
        if (hopelessFrom === Infinity) hopelessFrom = Math.min(day.t1, freeFrom(line, day) + PATIENCE + shop.longest[b]);
        if (before.s + blocked > hopelessFrom) return false;
        putOff(blocked);
        continue;
      }
    }
    done.push(commit(line, step, b, j, found));
  }
  return true;
}

/** Keeps the place in the store until the next step starts; how much later the holder should start when it cannot. */
function holdUntil(line: Timeline, step: Step, before: Committed, until: number): number {
  const { store } = before;
  if (!step.store || !store || until <= before.e) return 0;
  const free = line.storeFrom(step.store.id, before.e, until, step.store.q);
  if (free !== before.e) return Math.max(1, Math.min(free, until) - before.e);
  store.e = until;
  return 0;
}
