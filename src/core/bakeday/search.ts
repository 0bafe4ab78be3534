import { seededRandom } from '../quantities';
import { calendarOf } from './calendar';
import { complaintsAbout } from './check-plan';
import { costOf, weigh, type PlanCost } from './cost';
import type { Day, PlannedStep } from './day';
import { decode } from './decode';
import { allPins, freeModes, genomeOf, noBounds, type Genome, type Pinning } from './genome';
import { neighbour } from './neighbour';
import { shortest, workshopOf, type Workshop } from './workshop';

/** A plan that is valid, with what it costs. */
export type Planned = { readonly plan: readonly PlannedStep[]; readonly cost: PlanCost; readonly weight: number };

/** A step of the search: the best plan so far, told when it is new, and how much of the search is done [0..1]. */
export type SearchStep = { readonly better: Planned | null; readonly done: number };

export type SearchSettings = {
  readonly seed: number;
  /** Plans to begin with, before the rules. */
  readonly init?: readonly Genome[];
  /** Plans of before, kept when nothing better is found and they are still valid. */
  readonly keep?: readonly PlannedStep[];
  /** Start several chains from several rules: for days that are not too large, and when there is time. */
  readonly chains?: number;
  /**
   * How much of the search is done [0..1], after so many iterations, and so many places asked for. Never a clock: what is found
   * must not depend on what else the machine does.
   */
  readonly share: (iterations: number, asked: number) => number;
  /** Nobody waits any longer: the search ends with what it has, and with `done` below 1. */
  readonly outOfTime?: () => boolean;
};

/** Ends when so many times a usual search is done. */
export const workOf =
  (searches: number): SearchSettings['share'] =>
  (_iterations, asked) =>
    asked / (searches * USUAL_SEARCH.places);

/**
 * Where random numbers start, from how many rules chains do, and how many places are asked for, at every door: answers repeat on
 * every machine. Two quiet cores of 2026 take three seconds for it.
 */
export const USUAL_SEARCH = { seed: 310, chains: 6, places: 3_000_000 } as const;

/** Late acceptance: a neighbour may be as bad as what was so many iterations ago. Source: measured, ours. */
const HISTORY = 60;
/** Lateness weighs less while searching small days: else the search freezes as soon as all is in time. */
const SOFT = 8;
const LARGE_STEPS = 75;
const STALE = 4000;
const CHAIN_SHARE = 0.1;

type Scored = { readonly genome: Genome; readonly planned: Planned; readonly soft: number };

/**
 * Searches for a good plan. Yields after every iteration, so that a worker may show what is better and stop when it must;
 * the first steps carry what the simple rules find, each as soon as it is there.
 */
export function* searchInSteps(day: Day, settings: SearchSettings): Generator<SearchStep, Planned | null> {
  const shop = workshopOf(day, calendarOf(day));
  const random = seededRandom(settings.seed);
  const tokens = day.batches.reduce((sum, { steps }) => sum + steps.length, 0);
  const softTard = tokens > LARGE_STEPS ? day.obj.tard : Math.min(SOFT, day.obj.tard);
  const score = scorer(shop, softTard);
  const pool: Scored[] = [];
  let best = keptPlan(day, settings.keep, softTard);
  if (best) yield { better: best.planned, done: 0 };
  for (const genome of [...(settings.init ?? []), ...rules(shop)]) {
    const found = score(genome);
    if (!found) continue;
    pool.push(found);
    if (best && best.planned.weight < found.planned.weight) continue;
    best = found;
    yield { better: best.planned, done: 0 };
  }
  if (pool.length === 0) pool.push(...anyPlan(shop, score, random));
  best ??= pool[0] ?? null;
  if (!best) return null;
  pool.sort((a, b) => a.planned.weight - b.planned.weight);
  yield { better: best.planned, done: 0 };

  let iterations = 0;
  const done = (): number => Math.min(1, settings.share(iterations, shop.effort.asked));
  function* chain(from: Scored, until: number): Generator<SearchStep> {
    let current = from;
    let history = new Array<number>(HISTORY).fill(current.soft);
    let stale = 0;
    for (let i = 0; done() < until && !settings.outOfTime?.(); i++) {
      iterations++;
      const past = history[i % HISTORY];
      const next = score(neighbour(day, current.genome, current.planned.plan, random), Math.max(current.soft, past));
      let better: Planned | null = null;
      if (next && (next.soft <= current.soft || next.soft <= past)) {
        current = next;
        if (best && next.planned.weight < best.planned.weight - 1e-9) {
          best = next;
          better = next.planned;
          stale = 0;
        }
      }
      history[i % HISTORY] = current.soft;
      if (!better && ++stale > STALE && best) {
        current = best;
        history = new Array<number>(HISTORY).fill(1.03 * best.soft + 10);
        stale = 0;
      }
      yield { better, done: done() };
    }
  }
  const chains = tokens > LARGE_STEPS || settings.init ? 0 : (settings.chains ?? 0);
  for (let k = 0; k < chains; k++) {
    const start = score(withRandomModes(day, pool[k % pool.length].genome, random));
    if (start) yield* chain(start, (k + 1) * CHAIN_SHARE);
  }
  yield* chain(best, 1);
  return best.planned;
}

/** Makes plans of genomes and weighs them; null for one without a plan, or dearer than the limit. */
const scorer =
  (shop: Workshop, softTard: number) =>
  (genome: Genome, limit = Infinity): Scored | null => {
    const { day } = shop;
    const found = decode(shop, genome, boundWith(day, softTard), limit);
    if (!found) return null;
    const cost = costOf(day, found.plan, found.pinMiss);
    const planned = { plan: found.plan, cost, weight: weigh(day, cost) };
    return { genome, planned, soft: weigh(day, cost, softTard) };
  };

/** Incumbent records that are still valid, as something to begin from. */
function keptPlan(day: Day, keep: readonly PlannedStep[] | undefined, softTard: number): Scored | null {
  if (!keep || keep.length === 0 || complaintsAbout(day, keep).length > 0) return null;
  const pinMiss = keep.reduce((sum, { b, j, s: start }) => sum + Math.abs(start - (day.batches[b].steps[j].pin ?? start)), 0);
  const cost = costOf(day, keep, pinMiss);
  return {
    genome: genomeOf(day, keep),
    planned: { plan: keep, cost, weight: weigh(day, cost) },
    soft: weigh(day, cost, softTard),
  };
}

/** What a batch costs at least that cannot end before `end`. */
const boundWith =
  ({ batches }: Day, tard: number) =>
  (b: number, end: number): number =>
    tard * (batches[b].weight ?? 1) * Math.max(0, end - batches[b].due);

/** Orders that a planner would try by hand: by due time, by slack, by length, by heat. */
function rules({ day, tail }: Workshop): Genome[] {
  const { batches } = day;
  const work = batches.map(({ steps }) => steps.reduce((sum, step) => sum + shortest(step) + (step.minWait ?? 0), 0));
  const hottest = batches.map(({ steps }) => Math.max(0, ...steps.flatMap(({ modes }) => (modes ?? []).map(({ T }) => T))));
  const byBatch = [
    (b: number) => batches[b].due,
    (b: number) => batches[b].due - work[b],
    (b: number) => -work[b],
    (b: number) => -hottest[b],
    (b: number) => hottest[b],
  ].map((key) =>
    batches
      .map((_, b) => b)
      .sort((x, y) => key(x) - key(y))
      .flatMap((b) => batches[b].steps.map(() => b)),
  );
  const head = batches.map(({ steps }) => {
    let at = 0;
    return steps.map((step) => {
      const start = at;
      at += shortest(step) + (step.minWait ?? 0);
      return start;
    });
  });
  const byStep = [
    (b: number, j: number) => batches[b].due - tail[b][j],
    (b: number, j: number) => -tail[b][j],
    (b: number, j: number) => head[b][j],
    (b: number, j: number) => 0.3 * batches[b].due - tail[b][j],
  ].map((key) =>
    batches
      .flatMap(({ steps }, b) => steps.map((_, j) => ({ b, j, at: key(b, j) })))
      .sort((x, y) => x.at - y.at || x.b - y.b || x.j - y.j)
      .map(({ b }) => b),
  );
  const pinnings: Pinning[] = batches.some(({ steps }) => steps.some(({ pin }) => pin !== undefined))
    ? ['hold', 'near']
    : ['hold'];
  return pinnings.flatMap((pinning) =>
    [...byBatch, ...byStep].map((order) => ({ order, mode: freeModes(day), lb: noBounds(day), pinning: allPins(day, pinning) })),
  );
}

const LUCKY_TRIES = 20;

/** Where no rule ends in a plan: whichever modes happen to. The soonest of a step may leave the next one nowhere to go. */
function anyPlan(shop: Workshop, score: (genome: Genome) => Scored | null, random: () => number): Scored[] {
  if (!shop.day.batches.some(({ steps }) => steps.some(({ modes = [] }) => modes.length > 1))) return [];
  const orders = rules(shop);
  for (let k = 0; k < LUCKY_TRIES; k++) {
    const found = score(withRandomModes(shop.day, orders[k % orders.length], random));
    if (found) return [found];
  }
  return [];
}

const RANDOM_MODE = 0.6;
const withRandomModes = (day: Day, genome: Genome, random: () => number): Genome => ({
  ...genome,
  mode: day.batches.map(({ steps }) =>
    steps.map(({ modes = [] }) => (modes.length > 1 && random() < RANDOM_MODE ? Math.floor(random() * modes.length) : -1)),
  ),
});
