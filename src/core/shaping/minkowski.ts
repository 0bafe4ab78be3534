import { convexParts } from './convex-parts';
import type { Point, Ring } from './geometry';
import { unite } from './polygon-union';

/** Minkowski sum of two convex counter-clockwise polygons: merge their edges by angle, O(n + m). */
function convexSum(a: readonly Point[], b: readonly Point[]): Ring {
  const lowest = (ring: readonly Point[]): number =>
    ring.reduce((best, p, i) => (p[1] < ring[best][1] || (p[1] === ring[best][1] && p[0] < ring[best][0]) ? i : best), 0);
  const [i0, j0] = [lowest(a), lowest(b)];
  const sum: Point[] = [];
  let [i, j] = [0, 0];
  while (i < a.length || j < b.length) {
    const p = a[(i0 + i) % a.length];
    const q = b[(j0 + j) % b.length];
    sum.push([p[0] + q[0], p[1] + q[1]]);
    const pn = a[(i0 + i + 1) % a.length];
    const qn = b[(j0 + j + 1) % b.length];
    const cross = (pn[0] - p[0]) * (qn[1] - q[1]) - (pn[1] - p[1]) * (qn[0] - q[0]);
    if (j >= b.length || (i < a.length && cross > 0)) i++;
    else if (i >= a.length || cross < 0) j++;
    else {
      i++;
      j++;
    }
  }
  return sum;
}

/**
 * Minkowski sum of two simple polygons, by convex parts. Sums of whole boundaries leave false holes
 * when one shape fits inside the other, so the parts are summed and united.
 */
export function minkowskiSum(a: Ring, b: Ring): Ring {
  const partsOfB = convexParts(b);
  return unite(convexParts(a).flatMap((first) => partsOfB.map((second) => convexSum(first, second))));
}
