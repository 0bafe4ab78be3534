import type { DogVerdict, Screening } from '@/core/feeding';
import type { DoughShares } from '@/core/pantry';

/** What the book shows of a recipe without predicting it again. */
type RecipeCard = {
  readonly lines: ReadonlyArray<{ readonly ingredient: string; readonly name: string; readonly mass_g: number }>;
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
  readonly shares: DoughShares;
  readonly allergens: ReadonlyArray<{ readonly name: string; readonly certain: boolean }>;
  readonly water_g: number;
  readonly finished_g: number;
  readonly moisture_pct: number;
};

/** A recipe as the book shows it: worked out when it was saved. */
export type RecipeView = {
  readonly id: string;
  readonly name: string;
  readonly method: string;
  readonly summary: string;
  readonly card: RecipeCard;
  /** What its ingredients cost, as far as their prices are known. */
  readonly cost: {
    readonly currency: string;
    readonly dough_per_100g: number;
    /** The same with an estimate of the work; null where an hour of it has no price. */
    readonly with_work_per_100g: number | null;
    readonly missing: readonly string[];
  };
  readonly dogs: readonly DogVerdict[];
  readonly stops: Screening['stops'];
};
