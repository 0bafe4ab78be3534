import { turn, type Point, type Ring } from './geometry';

const FLAT = 1e-9;

const inside = (p: Point, a: Point, b: Point, c: Point): boolean =>
  turn(a, b, p) >= -FLAT && turn(b, c, p) >= -FLAT && turn(c, a, p) >= -FLAT;

const same = (a: Point, b: Point): boolean => a[0] === b[0] && a[1] === b[1];

/** Cuts a simple counter-clockwise ring into triangles by clipping ears. */
function triangles(ring: Ring): Point[][] {
  const left = ring.filter(
    (p, i) => Math.abs(turn(ring[(i + ring.length - 1) % ring.length], p, ring[(i + 1) % ring.length])) > FLAT * 1e-3,
  );
  const found: Point[][] = [];
  while (left.length > 3) {
    const ear = left.findIndex((b, i) => {
      const a = left[(i + left.length - 1) % left.length];
      const c = left[(i + 1) % left.length];
      return turn(a, b, c) > 0 && !left.some((p) => !same(p, a) && !same(p, b) && !same(p, c) && inside(p, a, b, c));
    });
    const at = ear < 0 ? 0 : ear;
    found.push([left[(at + left.length - 1) % left.length], left[at], left[(at + 1) % left.length]]);
    left.splice(at, 1);
  }
  return [...found, left];
}

/** Two polygons joined along the edge they share, or null when they share none or the join is not convex. */
function join(first: Point[], second: Point[]): Point[] | null {
  for (let i = 0; i < first.length; i++) {
    const a = first[i];
    const b = first[(i + 1) % first.length];
    const j = second.findIndex((p, index) => same(p, b) && same(second[(index + 1) % second.length], a));
    if (j < 0) continue;
    const rest = Array.from({ length: second.length - 2 }, (_, k) => second[(j + 2 + k) % second.length]);
    const joined = [...first.slice(0, i + 1), ...rest, ...first.slice(i + 1)];
    const convex = joined.every((p, k) => turn(p, joined[(k + 1) % joined.length], joined[(k + 2) % joined.length]) >= -FLAT);
    return convex ? joined : null;
  }
  return null;
}

/** Convex polygons that together make up a simple counter-clockwise ring (ear clipping, then Hertel & Mehlhorn 1983). */
export function convexParts(ring: Ring): Point[][] {
  const parts = triangles(ring);
  for (let i = 0; i < parts.length; i++)
    for (let j = i + 1; j < parts.length; j++) {
      const joined = join(parts[i], parts[j]);
      if (!joined) continue;
      parts[i] = joined;
      parts.splice(j, 1);
      j = i;
    }
  return parts;
}
