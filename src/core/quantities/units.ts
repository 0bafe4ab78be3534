/** What one unit of a volume holds [mL]. US customary, metric kitchen and old imperial measures. */
export const ML_PER_VOLUME_UNIT = {
  ml: 1,
  l: 1000,
  tsp: 5, // metric spoons are what is sold today; the old UK 5.919 mL spoon is only in old books
  tbsp: 15,
  'cup-us': 236.588,
  'cup-metric': 250,
  'cup-uk': 284.131,
  'fl-oz-us': 29.574,
  'fl-oz-uk': 28.413,
  'pint-us': 473.176,
  'pint-uk': 568.261,
} as const;

/** Measures taken by the hand, that a recipe may name but nobody can check [mL]. Source: ours, a sixteenth of a teaspoon and a quarter cup. */
export const HAND_MEASURES = { pinch: 0.31, handful: 60 } as const;
export type HandMeasure = keyof typeof HAND_MEASURES;

/** What one unit of a mass weighs [g]. */
export const G_PER_MASS_UNIT = { g: 1, kg: 1000, oz: 28.3495, lb: 453.592 } as const;

export type VolumeUnit = keyof typeof ML_PER_VOLUME_UNIT;
export type MassUnit = keyof typeof G_PER_MASS_UNIT;
export type CountUnit = 'each' | 'pack';
export type Unit = MassUnit | VolumeUnit | CountUnit;

export const UNITS: readonly Unit[] = [
  ...(Object.keys(G_PER_MASS_UNIT) as MassUnit[]),
  ...(Object.keys(ML_PER_VOLUME_UNIT) as VolumeUnit[]),
  'each',
  'pack',
];

export const isMassUnit = (unit: Unit): unit is MassUnit => unit in G_PER_MASS_UNIT;
export const isVolumeUnit = (unit: Unit): unit is VolumeUnit => unit in ML_PER_VOLUME_UNIT;
