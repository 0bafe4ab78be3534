import { noFitOf, type Cutter } from './cutter';
import { Envelope } from './envelope';
import { boundsOf, stretch, turnRing, type Bounds } from './geometry';
import { grow } from './polygon-union';

/** 0: the cutter as it lies; 1: the same, turned by half a turn. */
export type Facing = 0 | 1;

/** A cutter at one angle with one gap: the box of either facing, and how close any two may come. */
export type TurnedCutter = {
  readonly cutter: Cutter;
  readonly angle_deg: number;
  /** Box about the outline's origin, by facing [mm]. */
  readonly bounds: readonly [Bounds, Bounds];
  /** `near[a][b]`: where a piece of facing b must not lie, seen from one of facing a. */
  readonly near: readonly [readonly [Envelope, Envelope], readonly [Envelope, Envelope]];
  /** It looks the same after half a turn, so turning it brings nothing. */
  readonly halfTurnAlike: boolean;
};

/** Rounded corners of a gap are drawn with chords; this much more keeps the true gap [mm]. */
const CHORD_ALLOWANCE_MM = 0.02;

const ALIKE_MM = 0.01;

/** The last few: a batch asks for the same ones for every re-roll and tray, on every change. */
const recent = new Map<string, TurnedCutter>();
const KEPT = 64;

/** No-fit polygons go along with turning, so each angle only turns, bounds and sorts what was made once. */
export function turnCutter(cutter: Cutter, gap_mm: number, angle_deg: number): TurnedCutter {
  const key = [cutter.key, cutter.length_mm, cutter.width_mm, gap_mm, angle_deg].join('|');
  const known = recent.get(key);
  if (known) return known;
  const made = makeTurned(cutter, gap_mm, angle_deg);
  if (recent.size >= KEPT) recent.delete(recent.keys().next().value ?? '');
  recent.set(key, made);
  return made;
}

/** A true circle: its laws are exact, and it looks the same at every angle. */
export const isRound = (cutter: Cutter): boolean => cutter.key === 'circle' && cutter.length_mm === cutter.width_mm;

function makeTurned(cutter: Cutter, gap_mm: number, angle_deg: number): TurnedCutter {
  if (isRound(cutter)) {
    const half = cutter.length_mm / 2;
    const disc = Envelope.disc(cutter.length_mm + gap_mm);
    const box = { left: -half, right: half, bottom: -half, top: half };
    return {
      cutter,
      angle_deg,
      bounds: [box, box],
      near: [
        [disc, disc],
        [disc, disc],
      ],
      halfTurnAlike: true,
    };
  }
  const noFit = grownNoFit(cutter, gap_mm);
  const alike = cutter.ring.every(([x, y]) => cutter.ring.some(([u, v]) => Math.abs(x + u) + Math.abs(y + v) < ALIKE_MM));
  const same = Envelope.polygon(turnRing(noFit.same, angle_deg));
  const turned = turnRing(noFit.turned, angle_deg);
  const box = boundsOf(turnRing(cutter.ring, angle_deg));
  return {
    cutter,
    angle_deg,
    bounds: [box, { left: -box.right, right: -box.left, bottom: -box.top, top: -box.bottom }],
    near: [
      [same, Envelope.polygon(turned)],
      [Envelope.polygon(stretch(turned, -1, -1)), same],
    ],
    halfTurnAlike: alike,
  };
}

type NoFit = ReturnType<typeof noFitOf>;
let lastGrown: { key: string; value: NoFit } | null = null;

/** The cutter's no-fit polygons, widened by the gap; kept for the angle that comes next. */
function grownNoFit(cutter: Cutter, gap_mm: number): NoFit {
  const key = [cutter.key, cutter.length_mm, cutter.width_mm, gap_mm].join('|');
  if (lastGrown?.key === key) return lastGrown.value;
  const { same, turned } = noFitOf(cutter);
  const widened = (ring: NoFit['same']): NoFit['same'] => (gap_mm > 0 ? grow(ring, gap_mm + CHORD_ALLOWANCE_MM) : ring);
  const value = { same: widened(same), turned: widened(turned) };
  lastGrown = { key, value };
  return value;
}
