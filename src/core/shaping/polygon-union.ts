import { EndType, FillRule, JoinType, areaD, inflatePathsD, ramerDouglasPeuckerD, unionD, type PathsD } from 'clipper2-ts';
import { area, type Ring } from './geometry';

/** Decimals kept by the boolean operations; outlines are of size 1. */
const PRECISION = 6;
const toPaths = (rings: readonly Ring[]): PathsD => rings.map((ring) => ring.map(([x, y]) => ({ x, y })));
const toRing = (path: PathsD[number]): Ring => path.map(({ x, y }) => [x, y] as const);
const largest = (paths: PathsD): Ring => toRing(paths.reduce((a, b) => (areaD(b) > areaD(a) ? b : a)));

/** The outer boundary of several overlapping rings, as one ring. */
export function unite(rings: readonly Ring[]): Ring {
  const sameWay = rings.map((ring) => (area(ring) < 0 ? [...ring].reverse() : ring));
  return largest(unionD(toPaths(sameWay), [], FillRule.NonZero, PRECISION));
}

/** What rings enclose together, crossings resolved: the outer boundaries, how many holes they have, and all that is enclosed. */
export function outerRings(rings: readonly Ring[]): { outer: Ring[]; holes: number; covered: number } {
  const united = unionD(toPaths(rings), [], FillRule.NonZero, PRECISION);
  const outer = united.filter((path) => areaD(path) > 0);
  const covered = united.reduce((sum, path) => sum + Math.abs(areaD(path)), 0);
  return { outer: outer.map(toRing), holes: united.length - outer.length, covered };
}

/** Grows a ring outwards by a distance, corners rounded [same unit]. */
export function grow(ring: Ring, distance: number): Ring {
  if (distance === 0) return ring;
  return largest(inflatePathsD(toPaths([ring]), distance, JoinType.Round, EndType.Polygon, 2, PRECISION, 0.02));
}

/** Grows a ring outwards, corners kept pointed: no corner is added [same unit]. */
export const growPointed = (ring: Ring, distance: number): Ring =>
  largest(inflatePathsD(toPaths([ring]), distance, JoinType.Miter, EndType.Polygon, 2, PRECISION));

/** How many parts a ring falls into when its edge is taken off all round by a distance. */
export const shrunkParts = (ring: Ring, distance: number): number =>
  inflatePathsD(toPaths([ring]), -distance, JoinType.Round, EndType.Polygon, 2, PRECISION, distance / 10).length;

/** The ring with fewer corners, none further than a distance from where it was (Ramer 1972; Douglas & Peucker 1973). */
export function simplify(ring: Ring, distance: number): Ring {
  // The method thins out a line between two ends that stay: the ring is cut at two corners that are far apart.
  const [x0, y0] = ring[0];
  const away = ring.map(([x, y]) => Math.hypot(x - x0, y - y0));
  const far = away.indexOf(Math.max(...away));
  const halves = [ring.slice(0, far + 1), [...ring.slice(far), ring[0]]];
  return halves.flatMap((half) => toRing(ramerDouglasPeuckerD(toPaths([half])[0], distance)).slice(0, -1));
}
