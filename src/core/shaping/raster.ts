import type { Cutter } from './cutter';
import { boundsOf, stretch, turnRing, type Bounds, type Ring } from './geometry';
import type { Layout, Placement } from './placement';
import { minkowskiSum } from './minkowski';
import { grow } from './polygon-union';

/** What is laid on: a rectangle from the origin, or a convex outline such as dough rolled without squaring it [mm]. */
export type Ground =
  | { readonly kind: 'rectangle'; readonly width_mm: number; readonly height_mm: number }
  | { readonly kind: 'outline'; readonly ring: Ring };

/** A piece that lies there already. */
export type Laid = { readonly cutter: Cutter; readonly at: Placement };

/** Distance of the nodes on which pieces may be put [mm]: the most that is lost to a neighbour. */
const GRID_MM = 1;
/** Gaps are rounded with chords; this much more keeps the true gap [mm]. */
const CHORD_ALLOWANCE_MM = 0.02;
const EPS = 1e-9;

/** A cutter at an angle, with the nodes on which it may still be put. */
type Variant = {
  readonly cutter: Cutter;
  readonly turn_deg: number;
  readonly bounds: Bounds;
  /** 1 where it must not be put. */
  readonly taken: Uint8Array;
  /** Nothing is free below this row of nodes: pieces only ever take room away. */
  row: number;
};

/** Lays one cutter piece by piece, each as low and as far left as it goes. */
export function rasterLayout(cutter: Cutter, ground: Ground, gap_mm: number, angles: readonly number[]): Layout {
  const placements = fillGround(ground, [{ cutter, angles }], gap_mm, []).map(({ at }) => at);
  return { count: placements.length, placements };
}

/**
 * Fills what pieces that lie there already leave free, with the first cutter as far as it goes, then the next.
 *
 * @param gap_mm - kept between any two pieces
 * @returns the new pieces only; exact at the nodes of the grid, up to 1 mm per neighbour is lost
 */
export function fillGround(
  ground: Ground,
  wanted: ReadonlyArray<{ readonly cutter: Cutter; readonly angles: readonly number[] }>,
  gap_mm: number,
  standing: readonly Laid[],
): Laid[] {
  const field = fieldOf(ground);
  const laid: Laid[] = [];
  for (const { cutter, angles } of wanted) {
    const variants = angles.map((turn_deg) => variantOf(cutter, turn_deg, ground, field));
    for (const piece of [...standing, ...laid]) for (const variant of variants) stamp(variant, piece, gap_mm, field);
    for (;;) {
      const next = lowest(variants, field);
      if (!next) break;
      laid.push(next);
      for (const variant of variants) stamp(variant, next, gap_mm, field);
    }
  }
  return laid;
}

/** The grid of nodes over a ground. */
type Field = { readonly left: number; readonly bottom: number; readonly columns: number; readonly rows: number };

function fieldOf(ground: Ground): Field {
  const { left, right, bottom, top } =
    ground.kind === 'rectangle' ? { left: 0, bottom: 0, right: ground.width_mm, top: ground.height_mm } : boundsOf(ground.ring);
  return {
    left,
    bottom,
    columns: Math.max(1, Math.floor((right - left) / GRID_MM + EPS) + 1),
    rows: Math.max(1, Math.floor((top - bottom) / GRID_MM + EPS) + 1),
  };
}

function variantOf(cutter: Cutter, turn_deg: number, ground: Ground, field: Field): Variant {
  const ring = turnRing(cutter.ring, turn_deg);
  const bounds = boundsOf(ring);
  const taken = new Uint8Array(field.columns * field.rows).fill(1);
  for (let row = 0; row < field.rows; row++) {
    const y = field.bottom + row * GRID_MM;
    const [from, to] = ground.kind === 'rectangle' ? inBox(ground, bounds, y) : inOutline(ground.ring, ring, y);
    const first = Math.max(0, Math.ceil((from - field.left) / GRID_MM - EPS));
    const last = Math.min(field.columns - 1, Math.floor((to - field.left) / GRID_MM + EPS));
    if (last >= first) taken.fill(0, row * field.columns + first, row * field.columns + last + 1);
  }
  return { cutter, turn_deg, bounds, taken, row: 0 };
}

const NOWHERE: readonly [number, number] = [Infinity, -Infinity];

/** Where the origin of a piece may be along a line of the ground, so that the whole piece stays on it. */
function inBox(box: Extract<Ground, { kind: 'rectangle' }>, bounds: Bounds, y: number): readonly [number, number] {
  if (y + bounds.bottom < -EPS || y + bounds.top > box.height_mm + EPS) return NOWHERE;
  return [-bounds.left, box.width_mm - bounds.right];
}

function inOutline(ground: Ring, piece: Ring, y: number): readonly [number, number] {
  let [from, to] = [-Infinity, Infinity];
  for (const [vx, vy] of piece) {
    const crossings = crossingsAt(ground, y + vy);
    if (crossings.length < 2) return NOWHERE;
    from = Math.max(from, crossings[0] - vx);
    to = Math.min(to, crossings[crossings.length - 1] - vx);
  }
  return [from, to];
}

/** Sorted x at which a ring crosses a height. */
function crossingsAt(ring: Ring, y: number): number[] {
  const found: number[] = [];
  ring.forEach(([x0, y0], i) => {
    const [x1, y1] = ring[(i + 1) % ring.length];
    if (y0 > y !== y1 > y) found.push(x0 + ((y - y0) / (y1 - y0)) * (x1 - x0));
  });
  return found.sort((a, b) => a - b);
}

/** Takes away the nodes on which a variant would come too near to a piece. */
function stamp(variant: Variant, { cutter, at }: Laid, gap_mm: number, field: Field): void {
  const region = tooNear(cutter, at.turn_deg, variant, gap_mm);
  const { bottom, top } = boundsOf(region);
  const firstRow = Math.max(0, Math.ceil((at.y_mm + bottom - field.bottom) / GRID_MM));
  const lastRow = Math.min(field.rows - 1, Math.floor((at.y_mm + top - field.bottom) / GRID_MM));
  for (let row = firstRow; row <= lastRow; row++) {
    const crossings = crossingsAt(region, field.bottom + row * GRID_MM - at.y_mm);
    for (let i = 0; i + 1 < crossings.length; i += 2) {
      // Nodes on the rim only touch.
      const first = Math.max(0, Math.floor((crossings[i] + at.x_mm - field.left) / GRID_MM + EPS) + 1);
      const last = Math.min(field.columns - 1, Math.ceil((crossings[i + 1] + at.x_mm - field.left) / GRID_MM - EPS) - 1);
      if (last >= first) variant.taken.fill(1, row * field.columns + first, row * field.columns + last + 1);
    }
  }
}

/** The last few no-fit regions between two turned cutters. */
const regions = new Map<string, Ring>();
const KEPT = 60;

/** Turning both pieces turns the region with them: only how they lie to each other is worked out. */
function tooNear(standing: Cutter, turn_deg: number, variant: Variant, gap_mm: number): Ring {
  const key = [standing, variant.cutter].map(({ key, length_mm, width_mm }) => [key, length_mm, width_mm].join()).join('|');
  const between_deg = (((variant.turn_deg - turn_deg) % 360) + 360) % 360;
  const known = `${key}|${between_deg.toFixed(3)}|${gap_mm}`;
  let found = regions.get(known);
  if (!found) {
    const other = stretch(turnRing(variant.cutter.ring, between_deg), -1, -1);
    found = grow(minkowskiSum(standing.ring, other), gap_mm > 0 ? gap_mm + CHORD_ALLOWANCE_MM : 0);
    if (regions.size >= KEPT) regions.delete(regions.keys().next().value ?? '');
    regions.set(known, found);
  }
  return turnRing(found, turn_deg);
}

/** How much a piece's lower edge and its place to the right count against its upper edge [1]. Source: ours. */
const LOWER_EDGE = 0.2;
const RIGHTWARD = 0.001;

/** The free place that keeps the heap of pieces lowest. */
function lowest(variants: readonly Variant[], field: Field): Laid | null {
  let best: { variant: Variant; x: number; y: number; cost: number } | null = null;
  for (const variant of variants) {
    let node = -1;
    for (; variant.row < field.rows; variant.row++) {
      node = variant.taken.subarray(variant.row * field.columns, (variant.row + 1) * field.columns).indexOf(0);
      if (node >= 0) break;
    }
    if (node < 0) continue;
    const [x, y] = [field.left + node * GRID_MM, field.bottom + variant.row * GRID_MM];
    const cost = y + variant.bounds.top + LOWER_EDGE * (y + variant.bounds.bottom) + RIGHTWARD * x;
    if (!best || cost < best.cost - EPS) best = { variant, x, y, cost };
  }
  return best && { cutter: best.variant.cutter, at: { x_mm: best.x, y_mm: best.y, turn_deg: best.variant.turn_deg } };
}
