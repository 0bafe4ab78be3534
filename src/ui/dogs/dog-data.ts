import type { DogFacts } from '@/contract/dogs';

/** A dog that nothing is known of yet. */
export const NEW_DOG: DogFacts = {
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
};
