import type { BatchDocument } from '@/core/document';
import { length, mass } from '../../format/units';

/** One change that gives about the promised count, tried. */
export type CountFix = { readonly words: string; readonly pieces: number; readonly document: BatchDocument };

/** Nobody changes a thickness or a cutter by more than this for a count [1]. Source: ours. */
const MOST = 0.45;
/** As near as a count has to come [1]. Source: ours. */
const NEAR = 0.06;
const TRIES = 4;

/** What may be changed, how it is said, and how pieces go with it. */
type Lever = {
  readonly value: number;
  /** Pieces go with this power of it. */
  readonly power: number;
  readonly put: (value: number) => BatchDocument;
  readonly say: (value: number) => string;
};

/**
 * The changes that make a recipe give the count it promises: rolled thinner or thicker, cut smaller or larger, or more or less
 * dough, each tried until its count is near.
 *
 * @param count - pieces of a document, as predicted; null where it cannot be
 */
export async function countFixes(
  document: BatchDocument,
  pieces: number,
  count: (document: BatchDocument) => Promise<number | null>,
): Promise<CountFix[]> {
  const promised = document.recipe.promises?.pieces;
  if (promised === undefined || pieces <= 0) return [];
  const found: CountFix[] = [];
  for (const lever of leversOf(document)) {
    const fix = await tried(lever, { pieces, promised }, count);
    if (fix) found.push(fix);
  }
  return found;
}

async function tried(
  { value, power, put, say }: Lever,
  { pieces, promised }: { readonly pieces: number; readonly promised: number },
  count: (document: BatchDocument) => Promise<number | null>,
): Promise<CountFix | null> {
  let at = value;
  let now = pieces;
  for (let i = 0; i < TRIES; i++) {
    at = Math.round(at * (promised / now) ** (1 / power) * 100) / 100;
    if (Math.abs(Math.log(at / value)) > MOST * (power === 1 ? 4 : 1)) return null;
    const got = await count(put(at));
    if (got === null || got <= 0) return null;
    now = got;
    if (Math.abs(now / promised - 1) <= NEAR) return { words: say(at), pieces: now, document: put(at) };
  }
  return null;
}

function leversOf(document: BatchDocument): Lever[] {
  const factor = document.scale?.by === 'factor' ? document.scale.factor : 1;
  return [
    ...shapeLevers(document),
    {
      value: factor,
      power: 1,
      put: (times) => ({ ...document, scale: { by: 'factor', factor: times } }),
      say: (times) => `make ${times} times the dough`,
    },
  ];
}

/** One size of a shape, how pieces go with it, and how it is said. */
const SIZES = {
  'roll-and-cut': ['thickness_mm', 6, -1, (mm: number) => `roll ${length(mm, 1)}`],
  ball: ['diameter_mm', 22, -3, (mm: number) => `balls of ${length(mm, 1)}`],
  drop: ['piece_g', 18, -1, (g: number) => `drops of ${mass(g, 1)}`],
  'log-slice': ['slice_mm', 8, -1, (mm: number) => `slices of ${length(mm, 1)}`],
} as const;

function shapeLevers(document: BatchDocument): Lever[] {
  const { shape } = document;
  if (!(shape.method in SIZES)) return [];
  const [key, usual, power, say] = SIZES[shape.method as keyof typeof SIZES];
  const now = (shape as unknown as Readonly<Record<string, number | undefined>>)[key] ?? usual;
  const size: Lever = {
    value: now,
    power,
    put: (value) => ({ ...document, shape: { ...shape, [key]: tenth(value) } }),
    say: (value) => say(tenth(value)),
  };
  return [size, ...cutterLever(document)];
}

function cutterLever(document: BatchDocument): Lever[] {
  const { shape } = document;
  if (shape.method !== 'roll-and-cut' || !shape.cutter || !('length_mm' in shape.cutter)) return [];
  const { cutter } = shape;
  const { length_mm, width_mm } = cutter;
  if (length_mm === undefined) return [];
  const wide = (length: number): { width_mm?: number } =>
    width_mm === undefined ? {} : { width_mm: tenth((width_mm * length) / length_mm) };
  return [
    {
      value: length_mm,
      power: -2,
      put: (length) => ({
        ...document,
        shape: { ...shape, cutter: { ...cutter, length_mm: Math.round(length), ...wide(length) } },
      }),
      say: (mm) => `cut ${length(mm)}`,
    },
  ];
}

const tenth = (value: number): number => Math.round(value * 10) / 10;
