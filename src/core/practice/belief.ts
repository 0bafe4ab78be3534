import type { HeatStep } from '../catalogue';
import { alike, type Clue } from '../explain';
import { isAsking, overAt, type Act } from './act';
import { rowAt, type Ran } from './ran';
import { allowedBy, type Seen } from './seen';
import { SENSES } from './senses';
import type { Setting } from './setting';
import { worldOf } from './truth';
import { runShown } from './window';

/** A numbered world that may be the true one, and how much it counts. */
export type Possible = { readonly index: number; readonly weight: number };
/** The same, and how its judged pieces went. */
export type World = Possible & { readonly rans: readonly Ran[] };

/** Worlds that a belief is held over, and those that must at least be left of them [1]. Source: ours. */
const WORLDS = 60;
const ENOUGH = 8;
/** Before anything was seen they all count alike. */
export const ALL_WORLDS: readonly Possible[] = Array.from({ length: WORLDS }, (_, index) => ({ index, weight: 1 }));
/** Worlds that count less than this share of the heaviest are left out [1]. */
const COUNTS_FROM = 0.02;

/** Moments that a belief looks at in a bake as long as the recipe's [1]. Source: ours. */
const LOOKS = 40;
const SHORTEST_LOOK_MIN = 1;
/** Minutes between two moments that a belief looks at [min]. */
const lookEvery = ({ goal }: Setting): number => Math.max(SHORTEST_LOOK_MIN, goal.minutes / LOOKS);

/** Runs a programme in every world that counts; one that lies beyond the model says nothing. */
export function runAll(setting: Setting, steps: readonly HeatStep[], possible: readonly Possible[]): World[] {
  const heaviest = Math.max(...possible.map(({ weight }) => weight));
  return possible.flatMap(({ index, weight }): World[] => {
    if (weight < COUNTS_FROM * heaviest) return [];
    const rans = runShown(setting, steps, {
      draw: worldOf(index, setting.unknown),
      everyMin: lookEvery(setting),
      only: 'judged',
    });
    return rans.ok ? [{ index, weight, rans: rans.value }] : [];
  });
}

/** The worlds as they count after what was seen: the more what they would have shown is like it (core/explain, alike). */
export function believe(worlds: readonly World[], clues: readonly Clue[]): World[] {
  if (clues.length === 0) return [...worlds];
  const { weights } = alike(clues, worlds.length, ENOUGH);
  return worlds.map((world, i) => ({ ...world, weight: weights[i] }));
}

/** What was seen, as every world would have shown it. */
export function cluesOf(worlds: readonly World[], acts: readonly Act[], seen: readonly Seen[]): Clue[] {
  return seen.flatMap(({ minute, by, told }) => {
    const act = acts.find((one) => one.minute === minute && isAsking(one));
    if (!act) return [];
    const { of, sd } = SENSES[by];
    return told.map((one, p): Clue => {
      const [low, high] = allowedBy(by, one, worlds[0].rans[p]);
      return { ofDraw: worlds.map(({ rans }) => of(rans[p], rowAt(rans[p], overAt(act)))), low, high, sd };
    });
  });
}

/** The mean of a value over worlds, each as much as it counts. */
export function meanOver(worlds: readonly World[], value: (world: World) => number): number {
  const all = worlds.reduce((sum, { weight }) => sum + weight, 0);
  return worlds.reduce((sum, world) => sum + world.weight * value(world), 0) / all;
}

/** Where four of five of the worlds lie, as much as they count. */
export function bandOver(
  worlds: readonly World[],
  value: (world: World) => number,
): { readonly low: number; readonly high: number } {
  const sorted = worlds.map((world) => ({ at: value(world), weight: world.weight })).sort((one, other) => one.at - other.at);
  const all = sorted.reduce((sum, { weight }) => sum + weight, 0);
  const quantile = (share: number): number => {
    let before = 0;
    return (sorted.find(({ weight }) => (before += weight) >= share * all) ?? sorted[sorted.length - 1]).at;
  };
  return { low: quantile(0.1), high: quantile(0.9) };
}
