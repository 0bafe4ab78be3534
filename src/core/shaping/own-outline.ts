import svgpath from 'svgpath';
import { fail, type Result } from '../failure';
import { area, boundsOf, type Point, type Ring } from './geometry';
import { fitToUnit, type UnitOutline } from './outlines';
import { growPointed, outerRings, shrunkParts, simplify } from './polygon-union';

/** An outline of one's own, ready to be cut, with what had to be mended in its drawing. */
export type OwnOutline = UnitOutline & { readonly mended: readonly string[] };

/** Curves are flattened to this share of the drawing's longer side [1]. */
const FLATNESS = 0.001;
/** Corners are thinned out to this share, more where a drawing has very many; the outline then grows by as much, so pieces never overlap. */
const COARSENESS = [0.004, 0.008, 0.012];
const MOST_CORNERS = 64;
/** No drawing of a cutter is honestly longer [characters]. */
const LONGEST_PATH = 40_000;
/** Loose specks smaller than this share of the main outline are left out [1]; larger ones make it two cutters. */
const SPECK = 0.05;
/** Areas that differ by more than this share mean lines that cross [1]. */
const CROSSING = 0.002;
/** An outline that covers less of its box is a line, not a piece [1]. */
const THINNEST = 0.06;
/** Necks narrower than this share of the longer side break when handled [1]. Source: ours. */
const NECK = 0.05;

/**
 * Reads SVG path data as the outline of a cutter: curves are flattened, crossings united, holes filled, specks left out.
 *
 * @returns the outline, or why dough cannot be cut with it and what to do
 */
export function outlineOfPath(path: string): Result<OwnOutline> {
  const known = read.get(path);
  if (known) return known;
  const made = readPath(path);
  if (read.size >= KEPT) read.delete(read.keys().next().value ?? '');
  read.set(path, made);
  return made;
}

const read = new Map<string, Result<OwnOutline>>();
const KEPT = 20;

const refuse = (message: string): Result<never> => fail('BAD_VALUE', message, 'cutter.svg_path');

function readPath(path: string): Result<OwnOutline> {
  if (path.length > LONGEST_PATH)
    return refuse(`The outline has ${path.length} characters, at most ${LONGEST_PATH} are read. Simplify the drawing.`);
  // The package reads as far as it understands and keeps why it stopped in a field that its types leave out.
  const parsed: ReturnType<typeof svgpath> & { readonly err?: string } = svgpath(path);
  if (parsed.err)
    return refuse(`The outline cannot be read as SVG path data (${parsed.err}). Export the drawing as a plain path.`);
  parsed.abs().unshort().unarc();
  const mended: string[] = [];
  const { rings, open } = flatten(parsed);
  if (open) mended.push('an open line was closed');
  const solid = rings.filter((ring) => ring.length > 2);
  if (solid.length === 0) return refuse('The outline encloses nothing. Draw one closed line around the piece.');
  const { outer, holes, covered } = outerRings(solid);
  if (outer.length === 0) return refuse('The outline encloses nothing. Draw one closed line around the piece.');
  const [main, ...others] = outer.sort((a, b) => area(b) - area(a));
  const large = others.filter((ring) => area(ring) > SPECK * area(main));
  if (large.length > 0)
    return refuse(`The drawing falls into ${1 + large.length} separate pieces. Join them, or make one cutter of each.`);
  if (others.length > 0) mended.push(`${others.length} loose specks were left out`);
  if (holes > 0) mended.push(holes === 1 ? 'a hole was filled' : `${holes} holes were filled`);
  const drawn = solid.reduce((sum, ring) => sum + Math.abs(area(ring)), 0);
  if (Math.abs(drawn - covered) > CROSSING * drawn) mended.push('overlapping lines were united');
  return finish(path, main, mended);
}

function finish(path: string, main: Ring, mended: string[]): Result<OwnOutline> {
  const { left, right, bottom, top } = boundsOf(main);
  const longest = Math.max(right - left, top - bottom);
  const unit: Ring = main.map(([x, y]) => [(x - left) / longest, (y - bottom) / longest] as const);
  const box = ((right - left) * (top - bottom)) / longest ** 2;
  if (!(area(unit) > THINNEST * box) || Math.min(right - left, top - bottom) < THINNEST * longest)
    return refuse('The outline is too thin to be cut from dough. Draw the edge of the piece, not its middle line.');
  if (shrunkParts(unit, NECK / 2) !== 1) mended.push(`a neck narrower than ${Math.round(100 * NECK)} % of its length may break`);
  for (const [tried, coarse] of COARSENESS.entries()) {
    const simple = simplify(unit, coarse);
    const ring = simple.length === unit.length ? unit : growPointed(simple, coarse);
    if (ring.length > MOST_CORNERS && tried < COARSENESS.length - 1) continue;
    // Growing must not change the drawing's proportions.
    return { ok: true, value: { ...fitToUnit(`own ${path}`, ring), heightOverWidth: (top - bottom) / (right - left), mended } };
  }
  throw new Error('unreachable: the last coarseness always returns');
}

/** Rings of a drawing, y upwards; every sub-path is closed. */
function flatten(parsed: ReturnType<typeof svgpath>): { rings: Point[][]; open: boolean } {
  const corners: Point[] = [];
  parsed.iterate((segment) => {
    const numbers = segment.slice(1) as number[];
    if (numbers.length >= 2) corners.push([numbers[numbers.length - 2], numbers[numbers.length - 1]]);
  });
  const extent = Math.max(
    1e-9,
    ...[0, 1].map((axis) => Math.max(...corners.map((p) => p[axis])) - Math.min(...corners.map((p) => p[axis]))),
  );
  const rings: Point[][] = [];
  let open = false;
  let closed = true;
  const last = (): Point[] => rings[rings.length - 1];
  const put = (x: number, y: number): void => void last()?.push([x, -y]);
  parsed.iterate((segment, _index, x0, y0) => {
    const [command, ...n] = segment as [string, ...number[]];
    if (command === 'M') {
      open ||= !closed && !returns(last());
      rings.push([]);
      closed = false;
      put(n[0], n[1]);
    } else if (command === 'Z') closed = true;
    else if (command === 'L') put(n[0], n[1]);
    else if (command === 'H') put(n[0], y0);
    else if (command === 'V') put(x0, n[0]);
    else if (command === 'C') curve([x0, y0], [n[0], n[1]], [n[2], n[3]], [n[4], n[5]], extent, put);
    else if (command === 'Q') {
      const third = (a: number, b: number): number => a + (2 / 3) * (b - a);
      curve([x0, y0], [third(x0, n[0]), third(y0, n[1])], [third(n[2], n[0]), third(n[3], n[1])], [n[2], n[3]], extent, put);
    }
  });
  open ||= !closed && !returns(last());
  return { rings, open };
}

const returns = (ring: readonly Point[] | undefined): boolean =>
  !ring || ring.length === 0 || Math.hypot(ring[0][0] - ring[ring.length - 1][0], ring[0][1] - ring[ring.length - 1][1]) < 1e-6;

/** A cubic curve as chords; their number follows from the second differences (Wang 1984). */
// oxlint-disable-next-line max-params -- older than the rule
function curve(a: Point, b: Point, c: Point, d: Point, extent: number, put: (x: number, y: number) => void): void {
  const bend = Math.max(
    Math.hypot(a[0] - 2 * b[0] + c[0], a[1] - 2 * b[1] + c[1]),
    Math.hypot(b[0] - 2 * c[0] + d[0], b[1] - 2 * c[1] + d[1]),
  );
  const chords = Math.min(64, Math.max(1, Math.ceil(Math.sqrt((0.75 * bend) / (FLATNESS * extent)))));
  for (let i = 1; i <= chords; i++) {
    const t = i / chords;
    const u = 1 - t;
    const at = (axis: 0 | 1): number =>
      u * u * u * a[axis] + 3 * u * u * t * b[axis] + 3 * u * t * t * c[axis] + t * t * t * d[axis];
    put(at(0), at(1));
  }
}
