import { fail, succeed, type Result } from '../failure';
import { discEnvelope, polygonEnvelope, type Envelope } from './envelope';
import { area, perimeter, quarterTurn, stretch, type Ring } from './geometry';
import { minkowskiSum } from './minkowski';
import { unitOutline, type OutlineName } from './outlines';
import { grow } from './polygon-union';

/** A cutter of one outline at one size [mm, mm2], centred on the middle of its box. */
export type Cutter = {
  readonly outline: OutlineName;
  readonly length_mm: number;
  readonly width_mm: number;
  readonly ring: Ring;
  readonly area_mm2: number;
  readonly perimeter_mm: number;
};

/** Smallest and largest cutter that makes sense for a treat [mm]. Source: ours. */
const SMALLEST_MM = 5;
const LARGEST_MM = 200;

/** Makes a cutter; without a width it keeps the drawing's proportions. */
export function makeCutter(outline: OutlineName, length_mm: number, width_mm?: number): Result<Cutter> {
  const unit = unitOutline(outline);
  const width = width_mm ?? length_mm * unit.heightOverWidth;
  for (const [key, value] of [
    ['length_mm', length_mm],
    ['width_mm', width],
  ] as const)
    if (!(value >= SMALLEST_MM && value <= LARGEST_MM))
      return fail(
        'OUT_OF_RANGE',
        `A cutter's ${key} must be between ${SMALLEST_MM} and ${LARGEST_MM} mm, not ${value}.`,
        `cutter.${key}`,
      );
  const ring = stretch(unit.ring, length_mm, width);
  // The drawn polygon of a round cutter lies a little outside the circle; its figures are the circle's.
  const round = outline === 'circle' && length_mm === width;
  return succeed({
    outline,
    length_mm,
    width_mm: width,
    ring,
    area_mm2: round ? (Math.PI * length_mm * length_mm) / 4 : area(ring),
    perimeter_mm: round ? Math.PI * length_mm : perimeter(ring),
  });
}

const isRound = (cutter: Cutter): boolean => cutter.outline === 'circle' && cutter.length_mm === cutter.width_mm;

/** No-fit regions of the unit outline with itself as it lies, and with its half-turned partner. */
type NoFit = { readonly same: Ring; readonly turned: Ring };
const noFits = new Map<OutlineName, NoFit>();

/** Minkowski sums go along with stretching, so one pair per outline serves every size. */
function unitNoFit(outline: OutlineName): NoFit {
  const known = noFits.get(outline);
  if (known) return known;
  const { ring } = unitOutline(outline);
  const made = { same: minkowskiSum(ring, stretch(ring, -1, -1)), turned: minkowskiSum(ring, ring) };
  noFits.set(outline, made);
  return made;
}

/** How rows of a cutter interlock: as it lies over as it lies, over half-turned, and half-turned over as it lies. */
export type RowEnvelopes = { readonly same: Envelope; readonly turned: Envelope; readonly back: Envelope };

/** Rounded corners of a gap are drawn with chords; this much more keeps the true gap [mm]. */
const CHORD_ALLOWANCE_MM = 0.02;

/** The last few envelopes: a batch asks for the same ones for every re-roll and tray, on every change. */
const recent = new Map<string, RowEnvelopes>();
const KEPT = 24;

/** Row envelopes of a cutter with a gap, with the cutter turned by quarter turns. */
export function rowEnvelopes(cutter: Cutter, gap_mm: number, quarters: number): RowEnvelopes {
  const key = [cutter.outline, cutter.length_mm, cutter.width_mm, gap_mm, quarters].join('|');
  const known = recent.get(key);
  if (known) return known;
  const made = makeEnvelopes(cutter, gap_mm, quarters);
  if (recent.size >= KEPT) recent.delete(recent.keys().next().value ?? '');
  recent.set(key, made);
  return made;
}

function makeEnvelopes(cutter: Cutter, gap_mm: number, quarters: number): RowEnvelopes {
  if (isRound(cutter)) {
    const disc = discEnvelope(cutter.length_mm + gap_mm);
    return { same: disc, turned: disc, back: disc };
  }
  const noFit = unitNoFit(cutter.outline);
  const fit = (ring: Ring): Ring => {
    const sized = quarterTurn(stretch(ring, cutter.length_mm, cutter.width_mm), quarters);
    return gap_mm > 0 ? grow(sized, gap_mm + CHORD_ALLOWANCE_MM) : sized;
  };
  const turned = fit(noFit.turned);
  return {
    same: polygonEnvelope(fit(noFit.same)),
    turned: polygonEnvelope(turned),
    back: polygonEnvelope(stretch(turned, -1, -1)),
  };
}
