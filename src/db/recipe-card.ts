import type { FeedingInput } from '@/core/feeding';
import type { Ingredient, SlicedOff } from '@/core/pantry';

/** What the book shows of a recipe without predicting it again. */
export type RecipeCardRow = {
  /** What is weighed for the recipe as written, line by line, and what of it ends on the treats. */
  readonly lines: ReadonlyArray<{
    readonly ingredient: string;
    readonly name: string;
    readonly mass_g: number;
    readonly eaten_g: number;
    readonly slicedOff?: SlicedOff;
  }>;
  /** Rows made from a composition that a line brings: no pantry has them. */
  readonly ownRows: readonly Ingredient[];
  readonly dough_g: number;
  readonly feel: string | null;
  readonly feel_index: number;
  readonly feel_low: number;
  readonly feel_high: number;
  readonly crumble_edge: number;
  readonly pieces: number;
  readonly minutes: number;
  readonly snap: number;
  readonly texture: string;
  readonly keeps_days: number;
  readonly shares: Readonly<Record<'water' | 'starch' | 'protein' | 'fat' | 'sugars' | 'fibre' | 'ash', number>>;
  readonly allergens: ReadonlyArray<{ readonly name: string; readonly certain: boolean }>;
  readonly water_g: number;
  /** Of the whole recipe once it is cold. */
  readonly finished_g: number;
  readonly moisture_pct: number;
  /** That hands are busy with it, estimated [min]; cards of an older make-up have none yet. */
  readonly hand_minutes?: number;
  /** How a dog meets a piece. */
  readonly fed: Pick<FeedingInput, 'kcal_per_piece' | 'sides_mm' | 'force_N' | 'hard' | 'blockedBy'>;
};
