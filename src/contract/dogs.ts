import type { DogProfile, FeedingVerdict } from '@/core/feeding';
import type { Version } from './version';

/** What is known of a dog. */
export type DogFacts = DogProfile & { readonly kind: string; readonly note: string };
/** A dog as it stands saved. */
export type SavedDog = Version<DogFacts> & { readonly id: string };

/** A recipe with what every dog may have of it, in the order of the dogs. */
export type FedRecipe = {
  readonly id: string;
  readonly name: string;
  readonly method: string;
  readonly piece_g: number;
  readonly kcal_per_piece: number;
  readonly verdicts: readonly FeedingVerdict[];
};

/** What the dogs made of one treat: by dog, how often each answer was written down. */
export type LikedTreat = {
  readonly recipe: string;
  readonly dogs: ReadonlyArray<{
    readonly dog: string;
    readonly said: ReadonlyArray<{ readonly verdict: string; readonly times: number }>;
  }>;
};

/** Every dog against every recipe of the book, with reasons. */
export type DogsView = {
  readonly dogs: readonly SavedDog[];
  /** As many as a page shows of those whose name or ingredients hold what was typed, from one of them on. */
  readonly recipes: readonly FedRecipe[];
  readonly find: string;
  readonly from: number;
  readonly total: number;
  /** What they made of what was baked, as the log has it. */
  readonly liked: readonly LikedTreat[];
  /** Names of ingredients that verdicts speak of. */
  readonly names: Readonly<Record<string, string>>;
  /** Allergens that a dog can be said to react to. */
  readonly allergens: readonly string[];
};
