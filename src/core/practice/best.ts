import type { Finish } from '../programme';
import { ALL_WORLDS, meanOver, runAll, type Possible, type World } from './belief';
import { Known } from '../yield';
import { worthOf } from './goal';
import { daysOf, endingAt, type Ran } from './ran';
import type { Setting } from './setting';
import { asWritten, type Way } from './ways';

/** The best moment to take them out along a way, and what that is worth on average over what may be true. */
export type Chosen = { readonly way: Way; readonly out_minute: number; readonly expected: number };

/** Moments along a way at which they may be taken out [1]. */
const MOMENTS = 30;
/** Waters nearer than this keep the same [%]. */
const SAME_WATER_PCT = 0.2;

/** Days that pieces keep, by their water. */
export type Days = (finish: Finish) => number;

/** Days by water, looked up: the worlds pass by the same waters again and again. */
export function daysByWater(setting: Setting): Days {
  const known = new Map<string, number>();
  return (finish) => {
    const key = [finish.moisture_pct, finish.wettestMoisture_pct].map((pct) => Math.round(pct / SAME_WATER_PCT)).join();
    const days = known.get(key) ?? daysOf(setting, finish);
    known.set(key, days);
    return days;
  };
}

/** What it is worth to take all judged pieces out at a minute; each counts alike. */
export function worthAt(rans: readonly Ran[], minute: number, days: Days): number {
  const worths = rans.map((ran) => worthOf(ran.setting.goal, endingAt(ran, nearestRow(ran, minute), days)).all);
  return worths.reduce((sum, worth) => sum + worth, 0) / worths.length;
}

/** The mean worth over worlds of taking them out at a minute. */
export const expectedAt = (worlds: readonly World[], minute: number, days: Days): number =>
  meanOver(worlds, ({ rans }) => worthAt(rans, minute, days));

/** The best moment of a way over what is possible; null where no world can be worked out. */
export function bestAlong(
  setting: Setting,
  way: Way,
  possible: readonly Possible[],
  days: Days,
): (Chosen & { readonly worlds: readonly World[] }) | null {
  const worlds = runAll(setting, way.steps, possible);
  if (worlds.length === 0) return null;
  const chosen = momentsOf(worlds[0].rans[0].minutes, way.from_min).map((out_minute) => ({
    way,
    out_minute,
    expected: expectedAt(worlds, out_minute, days),
    worlds,
  }));
  return chosen.reduce((best, one) => (one.expected > best.expected ? one : best));
}

/** The recorded moment that is nearest to a minute. */
function nearestRow({ minutes }: Ran, minute: number): number {
  let nearest = 0;
  for (let row = 1; row < minutes.length; row++)
    if (Math.abs(minutes[row] - minute) < Math.abs(minutes[nearest] - minute)) nearest = row;
  return nearest;
}

/** Moments from a minute on, evenly by number over what was recorded. */
function momentsOf(minutes: readonly number[], from_min: number): number[] {
  const after = minutes.filter((minute) => minute >= from_min - 1e-6);
  const stride = Math.max(1, Math.floor(after.length / MOMENTS));
  return after.filter((_, i) => i % stride === 0);
}

/** What a plan that nobody looks after is worth in every world, its end chosen over all of them. */
export type Blind = { readonly chosen: Chosen; readonly worthIn: ReadonlyMap<number, number> };

/** Settings whose blind plan was worked out lately. */
const KEPT = 32;
const blind = new Known<Blind | null>(KEPT);

/** The recipe's own programme by the clock, taken out when that is best before anything is seen. */
export function blindBest(setting: Setting, days: Days): Blind | null {
  const key = JSON.stringify([setting.document, setting.unknown]);
  const known = blind.get(key);
  if (known !== undefined) return known;
  const best = bestAlong(setting, asWritten(setting), ALL_WORLDS, days);
  const worked = best && {
    chosen: { way: best.way, out_minute: best.out_minute, expected: best.expected },
    worthIn: new Map(best.worlds.map(({ index, rans }) => [index, worthAt(rans, best.out_minute, days)])),
  };
  blind.put(key, worked);
  return worked;
}
