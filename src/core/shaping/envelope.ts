import type { Ring } from './geometry';

const TOUCH = 1e-7;
/** The search for a slab starts from a table this fine [entries]. */
const BUCKETS = 256;

/**
 * The edge of a region in which another piece's origin would overlap: how far up the next row must go at a sideways
 * offset. Touching is allowed, so the region counts as open. One class for discs and polygons: this is the innermost
 * loop of every layout, and one shape of object keeps it quick.
 */
export class Envelope {
  // oxlint-disable-next-line max-params -- older than the rule
  private constructor(
    /** Of a disc; 0 for a polygon. */
    private readonly radius: number,
    /** Lowest and highest y of the region. */
    readonly bottom: number,
    readonly top: number,
    /** Half-width beyond which topAt is -Infinity. */
    readonly reach: number,
    private readonly ring: Ring,
    private readonly xs: Float64Array,
    private readonly slopes: Float64Array,
    private readonly offsets: Float64Array,
  ) {
    this.starts = startsOf(xs);
  }

  /** Slab in which a share of the width begins. */
  private readonly starts: Int32Array;

  /** Two round pieces: a disc of this radius. */
  static disc(radius: number): Envelope {
    const none = new Float64Array(0);
    return new Envelope(radius, -radius, radius, radius, [], none, none, none);
  }

  /** A simple polygon: one highest edge between every two neighbouring corners. */
  static polygon(ring: Ring): Envelope {
    const xs = Float64Array.from(new Set(ring.map(([x]) => x))).sort();
    const slabs = xs.length - 1;
    const [slopes, offsets, heights] = [
      new Float64Array(slabs),
      new Float64Array(slabs),
      new Float64Array(slabs).fill(-Infinity),
    ];
    const at = new Map([...xs].map((x, i) => [x, i]));
    for (let i = 0; i < ring.length; i++) {
      const [a, b] = [ring[i], ring[i + 1 === ring.length ? 0 : i + 1]];
      if (a[0] === b[0]) continue;
      const [left, right] = a[0] < b[0] ? [a, b] : [b, a];
      const slope = (right[1] - left[1]) / (right[0] - left[0]);
      const offset = left[1] - slope * left[0];
      const end = at.get(right[0]) ?? slabs;
      for (let slab = at.get(left[0]) ?? 0; slab < end; slab++) {
        const y = offset + (slope * (xs[slab] + xs[slab + 1])) / 2;
        if (y <= heights[slab]) continue;
        heights[slab] = y;
        slopes[slab] = slope;
        offsets[slab] = offset;
      }
    }
    const ys = ring.map(([, y]) => y);
    const reach = Math.max(-xs[0], xs[slabs]);
    return new Envelope(0, Math.min(...ys), Math.max(...ys), reach, ring, xs, slopes, offsets);
  }

  /** Greatest y with (x, y) inside; -Infinity beside it. */
  topAt(x: number): number {
    if (this.radius > 0) return Math.abs(x) >= this.radius - TOUCH ? -Infinity : Math.sqrt(this.radius * this.radius - x * x);
    const { xs, slopes, offsets } = this;
    const slabs = slopes.length;
    const first = xs[0];
    const last = xs[slabs];
    if (!(x > first + TOUCH && x < last - TOUCH)) return -Infinity;
    let slab = this.starts[Math.floor(((x - first) / (last - first)) * BUCKETS)];
    while (slab + 1 < slabs && xs[slab + 1] <= x) slab++;
    while (slab > 0 && xs[slab] > x) slab--;
    const here = offsets[slab] + slopes[slab] * x;
    // At a jump the smaller side counts: there the pieces only touch.
    if (slab > 0 && x - xs[slab] < TOUCH) return Math.min(offsets[slab - 1] + slopes[slab - 1] * x, here);
    if (slab + 1 < slabs && xs[slab + 1] - x < TOUCH) return Math.min(here, offsets[slab + 1] + slopes[slab + 1] * x);
    return here;
  }

  /** Greatest x with (x, y) inside; at y = 0 the pitch of a row of equal pieces. -Infinity above and below the region. */
  rightAt(y: number): number {
    if (this.radius > 0) return Math.abs(y) >= this.radius - TOUCH ? -Infinity : Math.sqrt(this.radius * this.radius - y * y);
    // A level edge at this very height only touches: the lesser of both sides counts.
    return Math.min(crossingRight(this.ring, y + 1e-6), crossingRight(this.ring, y - 1e-6));
  }
}

function startsOf(xs: Float64Array): Int32Array {
  const slabs = xs.length - 1;
  const starts = new Int32Array(BUCKETS + 1);
  for (let bucket = 0, slab = 0; bucket <= BUCKETS; bucket++) {
    while (slab + 1 < slabs && xs[slab + 1] <= xs[0] + ((xs[slabs] - xs[0]) * bucket) / BUCKETS) slab++;
    starts[bucket] = slab;
  }
  return starts;
}

/** Greatest x at which the ring crosses the height y. */
function crossingRight(ring: Ring, y: number): number {
  let best = -Infinity;
  ring.forEach(([x0, y0], i) => {
    const [x1, y1] = ring[(i + 1) % ring.length];
    if (y0 > y === y1 > y) return;
    best = Math.max(best, x0 + ((y - y0) / (y1 - y0)) * (x1 - x0));
  });
  return best;
}
