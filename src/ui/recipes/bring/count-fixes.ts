import type { BatchDocument } from '@/core/document';

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
  const { shape } = document;
  const put = (next: BatchDocument['shape']): BatchDocument => ({ ...document, shape: next });
  const levers: Lever[] = [];
  if (shape.method === 'roll-and-cut') {
    const thickness = shape.thickness_mm ?? 6;
    levers.push({
      value: thickness,
      power: -1,
      put: (thickness_mm) => put({ ...shape, thickness_mm: tenth(thickness_mm) }),
      say: (mm) => `roll ${tenth(mm)} mm`,
    });
    const { cutter } = shape;
    if (cutter && 'length_mm' in cutter && cutter.length_mm !== undefined) {
      const { length_mm, width_mm } = cutter;
      levers.push({
        value: length_mm,
        power: -2,
        put: (length) =>
          put({
            ...shape,
            cutter: {
              ...cutter,
              length_mm: Math.round(length),
              ...(width_mm === undefined ? {} : { width_mm: tenth((width_mm * length) / length_mm) }),
            },
          }),
        say: (mm) => `cut ${Math.round(mm)} mm`,
      });
    }
  } else if (shape.method === 'ball')
    levers.push({
      value: shape.diameter_mm ?? 22,
      power: -3,
      put: (diameter_mm) => put({ ...shape, diameter_mm: tenth(diameter_mm) }),
      say: (mm) => `balls of ${tenth(mm)} mm`,
    });
  else if (shape.method === 'drop')
    levers.push({
      value: shape.piece_g ?? 18,
      power: -1,
      put: (piece_g) => put({ ...shape, piece_g: tenth(piece_g) }),
      say: (g) => `drops of ${tenth(g)} g`,
    });
  else if (shape.method === 'log-slice')
    levers.push({
      value: shape.slice_mm ?? 8,
      power: -1,
      put: (slice_mm) => put({ ...shape, slice_mm: tenth(slice_mm) }),
      say: (mm) => `slices of ${tenth(mm)} mm`,
    });
  const factor = document.scale?.by === 'factor' ? document.scale.factor : 1;
  return [
    ...levers,
    {
      value: factor,
      power: 1,
      put: (times) => ({ ...document, scale: { by: 'factor', factor: times } }),
      say: (times) => `make ${times} times the dough`,
    },
  ];
}

const tenth = (value: number): number => Math.round(value * 10) / 10;
