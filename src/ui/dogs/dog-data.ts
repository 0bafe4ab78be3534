import type { DogView } from '@/contract/dogs';

/** A dog that nothing is known of yet. */
export const newDog = (id: string): DogView => ({
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
