import type { BatchDocument } from '@/core/document';
import type { Prediction } from '@/core/prediction';

/** How sure practice is of a range: `sure` would be a fault of the model, `fair` a strong hint, `guess` only a hint. */
export type Sureness = 'sure' | 'fair' | 'guess';

/** What a kitchen would find: a number within a range, or one of a few words. */
export type Expectation = {
  readonly what: string;
  readonly read: (prediction: Prediction) => number | string;
  readonly range: readonly [low: number, high: number] | readonly string[];
  readonly sure: Sureness;
  /** Where the range comes from. */
  readonly because: string;
};

/** One bake or drying as a kitchen does it. */
export type Scene = {
  readonly id: string;
  /** Which way of making it belongs to (docs/principles.md counts them M1 to M20). */
  readonly method: string;
  readonly document: BatchDocument;
  readonly expects: readonly Expectation[];
};

type Body = Pick<BatchDocument, 'shape' | 'heat'> & Partial<BatchDocument>;
type Line = readonly [ingredient: string, amount: number, unit?: 'g' | 'each'];

/** A batch of these grams, made so. */
export const batch = (name: string, lines: readonly Line[], body: Body): BatchDocument => ({
  format: 'upbeat-oven/batch',
  version: 1,
  name,
  kitchen: { altitude_m: 100, room_c: 20, room_rh_pct: 50 },
  recipe: { ingredients: lines.map(([ingredient, amount, unit = 'g']) => ({ ingredient, amount, unit })) },
  ...body,
});

type Range = readonly [number, number];
/** A number of a prediction, to be held against a range. */
export const reading =
  (what: string, read: (prediction: Prediction) => number) =>
  (range: Range, sure: Sureness, because: string): Expectation => ({ what, read, range, sure, because });

/** Water left, of the whole [%]. */
export const water = reading('water left', ({ outcome }) => outcome.moisture_pct);
/** Hottest that the middle gets [°C]. */
export const core = reading('hottest middle', ({ heat }) => heat.core_c_max);
/** What the piece loses of its raw weight [%]. */
export const loss = reading('weight lost', ({ outcome }) => outcome.mass_loss_pct);
export const snap = reading('Snap', ({ outcome }) => outcome.snap);
/** Colour of the edge, 0 to 1. */
export const browning = reading('browning', ({ heat }) => heat.browning);
/** Likely days in one of the packs, and the days that nine of ten batches keep. */
export const days = (pack: number, range: Range, sure: Sureness, because: string): Expectation => ({
  what: `days in pack ${pack + 1}`,
  read: ({ keeps }) => keeps[pack].days,
  range,
  sure,
  because,
});
export const texture = (words: readonly string[], sure: Sureness, because: string): Expectation => ({
  what: 'texture',
  read: ({ outcome }) => outcome.texture,
  range: words,
  sure,
  because,
});

/** Whether a kitchen would nod. */
export const isMet = ({ read, range }: Expectation, prediction: Prediction): boolean => {
  const value = read(prediction);
  return typeof value === 'number'
    ? value >= (range[0] as number) && value <= (range[1] as number)
    : (range as readonly string[]).includes(value);
};
