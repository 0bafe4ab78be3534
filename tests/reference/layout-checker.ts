/** Proves a layout by plain distances: it knows nothing of how pieces were laid. */
import type { Cutter, Placement } from '@/core/shaping';

type P = readonly [number, number];
/** One piece that lies somewhere. */
export type Lying = { readonly cutter: Cutter; readonly at: Placement };
/** What is wrong with a layout: the closest two pieces [mm], and how far one sticks out [mm]. */
export type Checked = { readonly closest_mm: number; readonly outside_mm: number };

export const outlineOf = ({ cutter, at }: Lying): P[] => {
  const [c, s] = [Math.cos((at.turn_deg * Math.PI) / 180), Math.sin((at.turn_deg * Math.PI) / 180)];
  return cutter.ring.map(([x, y]) => [at.x_mm + c * x - s * y, at.y_mm + s * x + c * y] as const);
};

/** Two true circles go by their middles; everything else by its corners and edges. */
export function checkLayout(pieces: readonly Lying[], width_mm: number, height_mm: number): Checked {
  let closest_mm = Infinity;
  let outside_mm = 0;
  const outlines = pieces.map(outlineOf);
  const boxes = outlines.map((ring) => {
    const [xs, ys] = [ring.map(([x]) => x), ring.map(([, y]) => y)];
    return { left: Math.min(...xs), right: Math.max(...xs), bottom: Math.min(...ys), top: Math.max(...ys) };
  });
  for (const [i, box] of boxes.entries()) {
    const around = isCircle(pieces[i].cutter) ? circleBox(pieces[i]) : box;
    outside_mm = Math.max(outside_mm, -around.left, -around.bottom, around.right - width_mm, around.top - height_mm);
    for (let j = 0; j < i; j++) {
      const other = boxes[j];
      const apart = Math.max(other.left - box.right, box.left - other.right, other.bottom - box.top, box.bottom - other.top);
      if (apart < Math.min(closest_mm, NEIGHBOURS_MM))
        closest_mm = Math.min(closest_mm, between(pieces[i], pieces[j], outlines[i], outlines[j]));
    }
  }
  return { closest_mm, outside_mm };
}

/** Pieces further apart than any gap are not looked at. */
const NEIGHBOURS_MM = 30;

const isCircle = ({ key, length_mm, width_mm }: Cutter): boolean => key === 'circle' && length_mm === width_mm;
const circleBox = ({ cutter, at }: Lying): { left: number; right: number; bottom: number; top: number } => {
  const r = cutter.length_mm / 2;
  return { left: at.x_mm - r, right: at.x_mm + r, bottom: at.y_mm - r, top: at.y_mm + r };
};

function between(a: Lying, b: Lying, outlineA: readonly P[], outlineB: readonly P[]): number {
  if (isCircle(a.cutter) && isCircle(b.cutter))
    return Math.hypot(a.at.x_mm - b.at.x_mm, a.at.y_mm - b.at.y_mm) - (a.cutter.length_mm + b.cutter.length_mm) / 2;
  if (crosses(outlineA, outlineB)) return -1;
  return Math.min(cornersTo(outlineA, outlineB), cornersTo(outlineB, outlineA));
}

const cornersTo = (from: readonly P[], to: readonly P[]): number =>
  Math.min(...from.map((p) => Math.min(...to.map((q, i) => toSegment(p, q, to[(i + 1) % to.length])))));

function toSegment([px, py]: P, [ax, ay]: P, [bx, by]: P): number {
  const [dx, dy] = [bx - ax, by - ay];
  const t = Math.max(0, Math.min(1, ((px - ax) * dx + (py - ay) * dy) / (dx * dx + dy * dy)));
  return Math.hypot(px - ax - t * dx, py - ay - t * dy);
}

/** Pieces that touch may lie in each other by so much: arithmetic, not dough [mm]. */
const TOUCH_MM = 0.002;
/** How far a point lies to the left of a line [mm]. */
const leftOf = ([ax, ay]: P, [bx, by]: P, [px, py]: P): number =>
  ((bx - ax) * (py - ay) - (by - ay) * (px - ax)) / Math.hypot(bx - ax, by - ay);
const opposite = (a: number, b: number): boolean => a > 0 !== b > 0 && Math.min(Math.abs(a), Math.abs(b)) > TOUCH_MM;

/** An edge goes through an edge, or a corner or the middle of one lies within the other. */
function crosses(a: readonly P[], b: readonly P[]): boolean {
  for (const [i, p] of a.entries())
    for (const [j, q] of b.entries()) {
      const [p1, q1] = [a[(i + 1) % a.length], b[(j + 1) % b.length]];
      if (opposite(leftOf(p, p1, q), leftOf(p, p1, q1)) && opposite(leftOf(q, q1, p), leftOf(q, q1, p1))) return true;
    }
  const within = (points: readonly P[], ring: readonly P[]): boolean =>
    points.some((p) => inside(p, ring) && cornersTo([p], ring) > TOUCH_MM);
  return within([...a, middleOf(a)], b) || within([...b, middleOf(b)], a);
}

const middleOf = (ring: readonly P[]): P => [
  ring.reduce((sum, [x]) => sum + x, 0) / ring.length,
  ring.reduce((sum, [, y]) => sum + y, 0) / ring.length,
];

/** Even-odd rule. */
export const inside = ([x, y]: P, ring: readonly P[]): boolean =>
  ring.filter(([x0, y0], i) => {
    const [x1, y1] = ring[(i + 1) % ring.length];
    return y0 > y !== y1 > y && x < x0 + ((y - y0) / (y1 - y0)) * (x1 - x0);
  }).length %
    2 ===
  1;
