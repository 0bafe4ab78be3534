import type { Dog } from './screen';

export const AGE_STAGES = ['pup-under-4-months', 'pup', 'adult', 'senior'] as const;
export type AgeStage = (typeof AGE_STAGES)[number];
export const ACTIVITIES = ['couch', 'usual', 'light-work', 'hard-work'] as const;
export type Activity = (typeof ACTIVITIES)[number];

/** A dog with all that bears on what it may have and how many. */
export type DogProfile = Dog & {
  readonly weight_kg: number;
  readonly age: AgeStage;
  readonly activity: Activity;
  readonly neutered: boolean;
  readonly overweight: boolean;
  /** Worn, broken or missing teeth. */
  readonly wornTeeth: boolean;
  /** Rich food upsets it, or it has had pancreatitis. */
  readonly upsetByFat: boolean;
};

/** What is taken for true of a dog until somebody says otherwise. */
export const UNKNOWN_DOG: Omit<DogProfile, 'name' | 'weight_kg'> = {
  avoids: [],
  age: 'adult',
  activity: 'usual',
  neutered: true,
  overweight: false,
  wornTeeth: false,
  upsetByFat: false,
};

/** Daily energy over resting energy [1]. Source: NRC 2006; AAHA. */
const FACTORS = {
  overweight: 1,
  senior: 1.3,
  'pup-under-4-months': 3,
  pup: 2,
  couch: 1.2,
  'light-work': 2,
  'hard-work': 4,
  neutered: 1.6,
  intact: 1.8,
} as const;
/** Usual pets need less than the factors say [kcal per kg^0.75]. Source: FEDIAF. */
const QUIET_PET = 95;

/**
 * Resting energy [kcal/day]: 70 kg^0.75. Source: NRC 2006.
 *
 * @example restingEnergy(10) // 394
 */
export const restingEnergy = (weight_kg: number): number => 70 * weight_kg ** 0.75;

/** What a dog eats in a day [kcal], all meals together. */
export function dailyEnergy(dog: Omit<DogProfile, 'name' | 'avoids'>): number {
  const resting = restingEnergy(dog.weight_kg);
  const factor = factorOf(dog);
  const usual = factor === FACTORS.neutered || factor === FACTORS.intact;
  return usual ? Math.min(resting * factor, QUIET_PET * dog.weight_kg ** 0.75) : resting * factor;
}

function factorOf({ age, activity, neutered, overweight }: Omit<DogProfile, 'name' | 'avoids'>): number {
  if (age === 'pup' || age === 'pup-under-4-months') return FACTORS[age];
  if (overweight) return FACTORS.overweight;
  if (activity === 'hard-work' || activity === 'light-work') return FACTORS[activity];
  if (age === 'senior') return FACTORS.senior;
  if (activity === 'couch') return FACTORS.couch;
  return neutered ? FACTORS.neutered : FACTORS.intact;
}
