/** A point and a closed outline in mm; rings run counter-clockwise and do not repeat their first point. */
export type Point = readonly [x: number, y: number];
export type Ring = readonly Point[];

/** Signed area [square of the unit]; positive when counter-clockwise. */
export function area(ring: Ring): number {
  let twice = 0;
  ring.forEach(([x, y], i) => {
    const [xn, yn] = ring[(i + 1) % ring.length];
    twice += x * yn - xn * y;
  });
  return twice / 2;
}

export function perimeter(ring: Ring): number {
  return ring.reduce((sum, [x, y], i) => {
    const [xn, yn] = ring[(i + 1) % ring.length];
    return sum + Math.hypot(xn - x, yn - y);
  }, 0);
}

export type Bounds = { readonly left: number; readonly right: number; readonly bottom: number; readonly top: number };

export function boundsOf(ring: Ring): Bounds {
  const xs = ring.map(([x]) => x);
  const ys = ring.map(([, y]) => y);
  return { left: Math.min(...xs), right: Math.max(...xs), bottom: Math.min(...ys), top: Math.max(...ys) };
}

/** Cross product of the turn a -> b -> c; positive for a left turn. */
export const turn = (a: Point, b: Point, c: Point): number => (b[0] - a[0]) * (c[1] - b[1]) - (b[1] - a[1]) * (c[0] - b[0]);

/** Turns a ring counter-clockwise about the origin [degrees]; whole quarters stay exact. */
export function turnRing(ring: Ring, angle_deg: number): Ring {
  if (angle_deg % 90 === 0) return turnQuarters(ring, Math.round(angle_deg / 90));
  const [c, s] = [Math.cos((angle_deg * Math.PI) / 180), Math.sin((angle_deg * Math.PI) / 180)];
  return ring.map(([x, y]) => [c * x - s * y, s * x + c * y] as const);
}

function turnQuarters(ring: Ring, quarters: number): Ring {
  const [c, s] = [
    [1, 0],
    [0, 1],
    [-1, 0],
    [0, -1],
  ][((quarters % 4) + 4) % 4];
  return ring.map(([x, y]) => [c * x - s * y, s * x + c * y] as const);
}

export const moveRing = (ring: Ring, dx: number, dy: number): Ring => ring.map(([x, y]) => [x + dx, y + dy] as const);

export const stretch = (ring: Ring, sx: number, sy: number): Ring => ring.map(([x, y]) => [x * sx, y * sy] as const);
