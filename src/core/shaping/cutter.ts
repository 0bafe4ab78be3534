import { fail, succeed, type Result } from '../failure';
import { area, perimeter, stretch, type Ring } from './geometry';
import { minkowskiSum } from './minkowski';
import type { OutlineName } from './outline-names';
import { unitOutline, type UnitOutline } from './outlines';
import { outlineOfPath } from './own-outline';

/** A cutter of one outline at one size [mm, mm2], centred on the middle of its box. */
export type Cutter = {
  readonly outline: OutlineName | 'own';
  /** Tells outlines apart: the built-in name, or the path of an own one. */
  readonly key: string;
  readonly length_mm: number;
  readonly width_mm: number;
  readonly ring: Ring;
  readonly area_mm2: number;
  readonly perimeter_mm: number;
};

/** Smallest and largest cutter that makes sense for a treat [mm]. Source: ours. */
const SMALLEST_MM = 5;
const LARGEST_MM = 200;

/** Makes a cutter of a built-in outline; without a width it keeps the drawing's proportions. */
export const makeCutter = (outline: OutlineName, length_mm: number, width_mm?: number): Result<Cutter> =>
  cutterOf(outline, unitOutline(outline), length_mm, width_mm);

/** Makes a cutter of an outline of one's own, given as SVG path data. */
export function makeOwnCutter(svgPath: string, length_mm: number, width_mm?: number): Result<Cutter> {
  const outline = outlineOfPath(svgPath);
  return outline.ok ? cutterOf('own', outline.value, length_mm, width_mm) : outline;
}

function cutterOf(
  outline: Cutter['outline'],
  unit: UnitOutline,
  length_mm: number,
  width_mm = length_mm * unit.heightOverWidth,
): Result<Cutter> {
  for (const [key, value] of [
    ['length_mm', length_mm],
    ['width_mm', width_mm],
  ] as const)
    if (!(value >= SMALLEST_MM && value <= LARGEST_MM))
      return fail(
        'OUT_OF_RANGE',
        `A cutter's ${key} must be between ${SMALLEST_MM} and ${LARGEST_MM} mm, not ${Number(value.toFixed(1))}.`,
        `cutter.${key}`,
      );
  const ring = stretch(unit.ring, length_mm, width_mm);
  // The drawn polygon of a round cutter lies a little outside the circle; its figures are the circle's.
  const round = outline === 'circle' && length_mm === width_mm;
  return succeed({
    outline,
    key: unit.key,
    length_mm,
    width_mm,
    ring,
    area_mm2: round ? (Math.PI * length_mm * length_mm) / 4 : area(ring),
    perimeter_mm: round ? Math.PI * length_mm : perimeter(ring),
  });
}

/** Where a second piece would overlap the first, the first at the origin: both as they lie, and the second half-turned. */
export type NoFit = { readonly same: Ring; readonly turned: Ring };

/** Minkowski sums go along with stretching, so one pair per outline serves every size. */
const unitNoFits = new Map<string, NoFit>();
const KEPT = 40;

export function noFitOf(cutter: Cutter): NoFit {
  const unit = unitNoFit(cutter);
  const sized = (ring: Ring): Ring => stretch(ring, cutter.length_mm, cutter.width_mm);
  return { same: sized(unit.same), turned: sized(unit.turned) };
}

function unitNoFit(cutter: Cutter): NoFit {
  const known = unitNoFits.get(cutter.key);
  if (known) return known;
  const ring = stretch(cutter.ring, 1 / cutter.length_mm, 1 / cutter.width_mm);
  const made = { same: minkowskiSum(ring, stretch(ring, -1, -1)), turned: minkowskiSum(ring, ring) };
  if (unitNoFits.size >= KEPT) unitNoFits.delete(unitNoFits.keys().next().value ?? '');
  unitNoFits.set(cutter.key, made);
  return made;
}
