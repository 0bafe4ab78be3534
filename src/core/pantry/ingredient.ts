/** How an ingredient's minerals act on water; also the key to the isotherm's salt share. */
export type SorptionClass =
  | 'cereal'
  | 'meat'
  | 'fish'
  | 'egg'
  | 'dairy'
  | 'nutseed'
  | 'spice'
  | 'fruit'
  | 'veg'
  | 'sugar'
  | 'fat'
  | 'polyol'
  | 'salt'
  | 'none';

/** Which fat turns how fast (see the keeping room). */
export type OilClass =
  | 'sat'
  | 'mono'
  | 'butter'
  | 'cereal'
  | 'nut'
  | 'animal'
  | 'mixed'
  | 'pufa_oil'
  | 'organ'
  | 'pufa'
  | 'marine'
  | 'none';

export type DogFlag = 'ok' | 'caution' | 'avoid';

/** A raw animal food, by the heat that its germs call for. */
export type RawAnimal = 'poultry' | 'red-meat' | 'fish' | 'egg';

/**
 * One row of the pantry: what 100 g of an ingredient, as used, are made of and how it behaves.
 * Amounts are g per 100 g unless the name says otherwise.
 */
export type Ingredient = {
  readonly id: string;
  readonly name: string;
  /** What recipes also call it; a name that ends in "?" leaves open which kind is meant, and is asked about. */
  readonly otherNames: readonly string[];
  readonly category: string;
  readonly water: number;
  readonly protein: number;
  readonly fat: number;
  /** Total carbohydrate, fibre included. */
  readonly carb: number;
  readonly sugars: number;
  readonly starch: number;
  readonly fibre: number;
  readonly ash: number;
  readonly polyol: number;
  readonly ethanol: number;
  readonly sodium_mg: number;
  readonly kcal: number;
  readonly retinol_iu: number;
  readonly bulkSpooned_g_per_ml: number;
  readonly bulkPacked_g_per_ml: number;
  /** Mass of one, by size name, the usual one first [g]. */
  readonly countWeights: ReadonlyArray<{ readonly name: string; readonly mass_g: number }>;
  readonly packs_g: readonly number[];
  /** Share of its own water that is free to wet a dough [0..1]. */
  readonly mobileWaterFraction: number;
  /** Extra water it binds, at once and after standing [g/g]. */
  readonly bindsNow_g_per_g: number;
  readonly bindsRested_g_per_g: number;
  /** Holding-together power per gram; white wheat flour = 1. */
  readonly binder: number;
  readonly sorptionClass: SorptionClass;
  readonly oilClass: OilClass;
  readonly allergen: string;
  readonly dogFlag: DogFlag;
  readonly dogReason: string;
  readonly rawAnimal: RawAnimal | null;
  /** True when the row's numbers vary widely or were estimated. */
  readonly uncertain: boolean;
  /** True for a baker's own entry: no other kitchen knows it. */
  readonly own: boolean;
  /** What is weighed with it, since it goes at the slicing. */
  readonly slicedOff?: SlicedOff;
  /** What it was made of, where it was baked elsewhere. */
  readonly madeOf?: readonly Constituent[];
};

/** What slicing takes off whole things. */
export type SlicedOff = { readonly peel: boolean; readonly core: boolean };

/** What went into a thing baked elsewhere: a row, and its grams in one gram of the thing as it is used. */
export type Constituent = { readonly ingredient: Ingredient; readonly share: number };

/** The ingredients a kitchen knows, by id. */
export type Pantry = ReadonlyMap<string, Ingredient>;
