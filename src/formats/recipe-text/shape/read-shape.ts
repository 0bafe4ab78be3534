import type { Shape, ShapeMethod } from '@/core/catalogue';
import { startingPoint, type Method } from '@/core/document';
import { methodOf, type ShapeClues } from './method-of';
import { mm, placesOf, type Place } from './places';
import * as sizes from './sizes';

/** A shape as the words of a recipe say it. */
export type ReadShape = {
  readonly shape: Shape;
  /** The words it came from. */
  readonly from: readonly string[];
  readonly question: string | null;
  /** What nobody said, by the keys of the shape. */
  readonly assumed: readonly string[];
};

type Clues = ShapeClues & {
  /** Steps, what else it says, and the list, each a text. */
  readonly texts: readonly string[];
};

/** A length that says how thick it is, the surest words first. */
const THICK = [
  ({ after, before }: Place): boolean =>
    /^\W{0,3}(?:thick|thin\b|deep|high|in thickness)/i.test(after) || /\bthick(?:ness)?\b[^,]{0,30}$/i.test(before),
  ({ before, by }: Place): boolean =>
    by.length === 1 &&
    /\b(?:roll|press|pat|spread|flatten|slice)(?:e?d)?\b(?:[^.]|approx\.)*$/i.test(before) &&
    !/\bcut|cutter|\bpan\b|\btin\b|\bballs?\b|\blog\b/i.test(before),
  ({ clause, by, after }: Place): boolean =>
    by.length === 1 &&
    /\b(?:slice[ds]?|strips|rings|crisps|very thin)\b/i.test(clause) &&
    !/^\W{0,3}(?:long|wide|across)/i.test(after),
] as const;

/** The length that says how thick a piece is; null where none does. */
function thicknessIn(places: readonly Place[]): Place | null {
  for (const says of THICK) {
    const found = places.find((place) => mm(place) <= THICKEST_MM && says(place));
    if (found) return found;
  }
  return null;
}
/** Nothing that is rolled or sliced is thicker [mm]. */
const THICKEST_MM = 60;

/** The usual way of working that a shape belongs to, for what a recipe leaves open. */
const USUAL: Record<ShapeMethod, Method> = {
  'roll-and-cut': 'M1',
  'score-slab': 'M5',
  drop: 'M7',
  ball: 'M8',
  'log-slice': 'M10',
  mat: 'M9',
  cup: 'M11',
  cake: 'M12',
  slice: 'M13',
  cube: 'M16',
  'frozen-mould': 'M17',
};

/** Reads how the pieces are shaped; null where nothing says it. */
export function readShape(clues: Clues): ReadShape | null {
  const method = methodOf(clues);
  if (method === null) return null;
  const places = placesOf(clues.texts);
  const thickness = thicknessIn(places);
  const usual = startingPoint(USUAL[method]).shape;
  const read = sizes.OF[method]({ text: `${clues.text} ${clues.list}`, texts: clues.texts, places, thickness });
  const said = Object.fromEntries(Object.entries(read.keys).filter(([, value]) => value !== undefined));
  const missing = sizes.ASKED[method].filter((key) => !(key in said));
  return {
    shape: { ...usual, ...said } as Shape,
    from: [...new Set(read.from)],
    question: missing.length === 0 ? null : sizes.questionFor(method, usual, missing[0]),
    assumed: missing.map((key) => `shape.${key}`),
  };
}
