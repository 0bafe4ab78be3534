import { EndType, FillRule, JoinType, areaD, inflatePathsD, unionD, type PathsD } from 'clipper2-ts';
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

/** Grows a ring outwards by a distance, corners rounded [same unit]. */
export function grow(ring: Ring, distance: number): Ring {
  if (distance === 0) return ring;
  return largest(inflatePathsD(toPaths([ring]), distance, JoinType.Round, EndType.Polygon, 2, PRECISION, 0.02));
}
