import type { DogProfile, FeedingVerdict } from '@/core/feeding';

/** A dog as its page shows it. */
export type DogView = DogProfile & { readonly id: string; readonly kind: string; readonly note: string };

/** A recipe with what every dog may have of it, in the order of the dogs. */
export type FedRecipe = {
  readonly id: string;
  readonly name: string;
  readonly method: string;
  readonly piece_g: number;
  readonly kcal_per_piece: number;
  readonly verdicts: readonly FeedingVerdict[];
};
