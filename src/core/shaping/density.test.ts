/** The densest rows on an endless sheet, against packings whose density is known (Kuperberg & Kuperberg 1990; Hales & Kusner 2016). */
import { describe, expect, it } from 'vitest';
import { ofSweep } from '../../../tests/reference/sweep';
import { seededRandom } from '../quantities';
import { makeCutter, type Cutter } from './cutter';
import { area, boundsOf, moveRing, perimeter, type Point, type Ring } from './geometry';
import type { OutlineName } from './outline-names';
import { inRowPattern, plainPatterns, type Pattern } from './row-pattern';
import { stepsOf } from './stack-rows';
import { turnCutter } from './turned-cutter';

function cutterOf(key: string, drawn: Ring): Cutter {
  const { left, right, bottom, top } = boundsOf(drawn);
  const ring = moveRing(drawn, -(left + right) / 2, -(bottom + top) / 2);
  return {
    outline: 'own',
    key,
    length_mm: right - left,
    width_mm: top - bottom,
    ring,
    area_mm2: area(ring),
    perimeter_mm: perimeter(ring),
  };
}
const regular = (corners: number): Cutter =>
  cutterOf(
    `regular ${corners}`,
    Array.from({ length: corners }, (_, i): Point => {
      const angle = (2 * Math.PI * i) / corners;
      return [50 * Math.cos(angle), 50 * Math.sin(angle)];
    }),
  );
function builtIn(name: OutlineName): Cutter {
  const made = makeCutter(name, 60);
  if (!made.ok) throw new Error(made.message);
  // The drawn outline itself: a circle as the 64-gon that it is.
  return cutterOf(`drawn ${name}`, made.value.ring);
}

type Try = { readonly pattern: Pattern | null; readonly drift: boolean };
/** Density of rows that repeat for ever, shifted by a share of their pitch [1]. */
function densityOf({ pattern, drift }: Try, shift: number): number {
  if (!pattern) return 0;
  const steps = stepsOf(pattern, pattern.pitch, shift * pattern.pitch, drift);
  if (!steps) return 0;
  const perRow = pattern.rows[0].length;
  return (2 * perRow * pattern.turned.cutter.area_mm2) / (pattern.pitch * (steps[0] + steps[1]));
}

/** Climbs from the best points of a grid by random moves that shrink: the ridges run along no axis. */
function highest(f: (at: number[]) => number, grid: number[][], step: number[]): number {
  const random = seededRandom(3);
  const starts = grid.map((at) => ({ at, value: f(at) })).sort((a, b) => b.value - a.value);
  let best = 0;
  for (let { at, value } of starts.slice(0, STARTS)) {
    for (let tried = 0; tried < TRIES; tried++) {
      const reach = 10 ** (-4 * (tried / TRIES));
      const next = at.map((x, i) => x + (2 * random() - 1) * reach * step[i]);
      const here = f(next);
      if (here > value) [at, value] = [next, here];
    }
    best = Math.max(best, value);
  }
  return best;
}
const STARTS = 24;
const TRIES = 120;

const shares = (n: number): number[] => Array.from({ length: n }, (_, i) => i / n);
const pairs = (a: number[], b: number[]): number[][] => a.flatMap((x) => b.map((y) => [x, y]));
const angles = shares(24).map((share) => 180 * share);

/** All pieces as they lie. */
const single = (cutter: Cutter): number =>
  highest(
    ([angle, shift]) => densityOf({ pattern: plainPatterns(turnCutter(cutter, 0, angle))[0], drift: true }, shift),
    pairs(angles, shares(16)),
    [7.5, 1 / 16],
  );
function densities(cutter: Cutter): [single: number, double: number] {
  const lies = single(cutter);
  // An outline that is its own half-turn has nothing to gain from one.
  return [lies, turnCutter(cutter, 0, 0).halfTurnAlike ? lies : Math.max(lies, double(cutter))];
}
/** Every second piece half-turned: whole rows, or within the row. */
function double(cutter: Cutter): number {
  const rows = [true, false].map((drift) =>
    highest(
      ([angle, shift]) => {
        const patterns = plainPatterns(turnCutter(cutter, 0, angle));
        return densityOf({ pattern: patterns[patterns.length - 1], drift }, shift);
      },
      pairs(angles, shares(16)),
      [7.5, 1 / 16],
    ),
  );
  const within = highest(
    ([angle, height, shift]) => {
      const turned = turnCutter(cutter, 0, angle);
      const { bottom, top } = turned.near[0][1];
      return densityOf({ pattern: inRowPattern(turned, bottom + height * (top - bottom)), drift: true }, shift);
    },
    pairs(angles, [0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8]).flatMap((at) => shares(12).map((shift) => [...at, shift])),
    [7.5, 0.1, 1 / 12],
  );
  return Math.max(...rows, within);
}

/** Corners, and the densities that are known: as it lies, and half-turned. */
const REGULAR = [
  ['triangle', 3, 2 / 3, 1],
  ['square', 4, 1, 1],
  ['pentagon', 5, 0.8173, (5 - Math.sqrt(5)) / 3],
  ['hexagon', 6, 1, 1],
  ['heptagon', 7, 0.8602, 0.89269],
  ['octagon', 8, (4 + 4 * Math.SQRT2) / (5 + 4 * Math.SQRT2), (4 + 4 * Math.SQRT2) / (5 + 4 * Math.SQRT2)],
] as const;
/** Ours, and what their rows reach at least. */
const BUILT_IN = [
  ['star', 0.664, 0.787],
  ['heart', 0.908, 0.942],
  ['bone', 0.854, 0.854],
  ['fish', 0.841, 0.895],
] as const;

describe('the densest rows on an endless sheet', () => {
  it.each(ofSweep(REGULAR, 2))('%s: as it lies and half-turned', (_name, corners, one, two) => {
    const cutter = regular(corners);
    const [lies, turned] = densities(cutter);
    expect(Math.abs(lies - one)).toBeLessThan(5e-4);
    expect(Math.abs(turned - two)).toBeLessThan(5e-4);
  });
  it('circle: pi over the root of twelve', () => {
    // A 64-gon packs a hair denser than its circle.
    expect(single(builtIn('circle'))).toBeGreaterThan(Math.PI / Math.sqrt(12) - 5e-4);
    expect(single(builtIn('circle'))).toBeLessThan(Math.PI / Math.sqrt(12) + 2e-3);
  });
  it.each(ofSweep(BUILT_IN, 2))('%s: at least %f as it lies, %f half-turned', (name, one, two) => {
    const [lies, turned] = densities(builtIn(name));
    expect(lies).toBeGreaterThan(one - 2e-3);
    expect(turned).toBeGreaterThan(two - 2e-3);
    expect(turned).toBeLessThan(1);
  });
});
