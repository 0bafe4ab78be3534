import type { DogProfile, FeedingVerdict } from '@/core/feeding';

/** A dog as its page shows it. */
export type DogCard = DogProfile & { readonly id: string; readonly kind: string; readonly note: string };
/** A recipe with what every dog may have of it, in the order of the dogs. */
export type FedRecipe = {
  readonly id: string;
  readonly name: string;
  readonly piece_g: number;
  readonly kcal_per_piece: number;
  readonly verdicts: readonly FeedingVerdict[];
};

/** A dog that nothing is known of yet. */
export const newDog = (id: string): DogCard => ({
  id,
  name: 'A new dog',
  kind: '',
  weight_kg: 12,
  avoids: [],
  note: '',
  age: 'adult',
  activity: 'usual',
  neutered: true,
  overweight: false,
  wornTeeth: false,
  upsetByFat: false,
});
