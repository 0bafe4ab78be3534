import type { Ring } from './geometry';

/**
 * The upper edge of a region in which another piece's origin would overlap: how far up the next row must go
 * at a sideways offset. Touching is allowed, so the region counts as open.
 */
export type Envelope = {
  /** Greatest y with (x, y) inside; -Infinity beside it. */
  readonly topAt: (x: number) => number;
  /** Greatest x with (x, 0) inside: the pitch of a row. */
  readonly rightAtZero: number;
  /** Half-width beyond which topAt is -Infinity. */
  readonly reach: number;
};

const TOUCH = 1e-7;

/** Envelope of a disc of this radius: two round pieces. */
export function discEnvelope(radius: number): Envelope {
  return {
    topAt: (x) => (Math.abs(x) >= radius - TOUCH ? -Infinity : Math.sqrt(radius * radius - x * x)),
    rightAtZero: radius,
    reach: radius,
  };
}

/** Envelope of a simple polygon: one highest edge between every two neighbouring corners. */
export function polygonEnvelope(ring: Ring): Envelope {
  const xs = [...new Set(ring.map(([x]) => x))].sort((a, b) => a - b);
  const [slopes, offsets] = [new Float64Array(xs.length - 1), new Float64Array(xs.length - 1)];
  for (let slab = 0; slab + 1 < xs.length; slab++) {
    const middle = (xs[slab] + xs[slab + 1]) / 2;
    let best = -Infinity;
    ring.forEach(([x0, y0], i) => {
      const [x1, y1] = ring[(i + 1) % ring.length];
      if (Math.min(x0, x1) > middle || Math.max(x0, x1) < middle || x0 === x1) return;
      const slope = (y1 - y0) / (x1 - x0);
      const y = y0 + slope * (middle - x0);
      if (y <= best) return;
      best = y;
      slopes[slab] = slope;
      offsets[slab] = y0 - slope * x0;
    });
  }
  const [first, last] = [xs[0], xs[xs.length - 1]];
  const valueIn = (slab: number, x: number): number => offsets[slab] + slopes[slab] * x;
  const topAt = (x: number): number => {
    if (x <= first + TOUCH || x >= last - TOUCH) return -Infinity;
    let [low, high] = [0, xs.length - 1];
    while (high - low > 1) {
      const middle = (low + high) >> 1;
      if (xs[middle] <= x) low = middle;
      else high = middle;
    }
    // At a jump the smaller side counts: there the pieces only touch.
    if (low > 0 && x - xs[low] < TOUCH) return Math.min(valueIn(low - 1, x), valueIn(low, x));
    if (low + 1 < slopes.length && xs[low + 1] - x < TOUCH) return Math.min(valueIn(low, x), valueIn(low + 1, x));
    return valueIn(low, x);
  };
  return { topAt, rightAtZero: Math.min(rightAt(ring, 1e-6), rightAt(ring, -1e-6)), reach: Math.max(-first, last) };
}

/** Greatest x at which the ring crosses the height y. */
function rightAt(ring: Ring, y: number): number {
  let best = -Infinity;
  ring.forEach(([x0, y0], i) => {
    const [x1, y1] = ring[(i + 1) % ring.length];
    if (y0 > y === y1 > y) return;
    best = Math.max(best, x0 + ((y - y0) / (y1 - y0)) * (x1 - x0));
  });
  return best;
}
