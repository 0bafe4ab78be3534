import { fail, succeed, type Result } from '../failure';
import { complaintsAbout } from './check-ingredient';
import { NOT_KNOWN_ALLERGEN } from './allergens';
import type { Ingredient } from './ingredient';
import { mashBehaviour, saysMashed } from './mashed';

/** A baker's own ingredient, as the batch file writes it [g per 100 g as used]. */
export type OwnComposition = {
  readonly water: number;
  readonly protein: number;
  readonly fat: number;
  readonly carbohydrate: number;
  readonly sugars?: number | undefined;
  readonly fibre?: number | undefined;
  readonly starch?: number | undefined;
  readonly ash?: number | undefined;
  readonly sodium_mg?: number | undefined;
  /** Mass of a millilitre, lightly filled; guessed from its water when not given. */
  readonly density_g_per_ml?: number | undefined;
  /** Weight of one, for what is counted. */
  readonly each_g?: number | undefined;
  /** Allergen words as the pantry writes them: "wheat/gluten"; "none" when the packet names none. Without it nobody knows. */
  readonly allergen?: string | undefined;
};

/** How a baker says that a packet names no allergen. */
const NO_ALLERGEN = 'none';

/** Energy of protein, fat and carbohydrate [kcal/g]: Atwater general factors (Merrill & Watt 1973). */
const KCAL_PER_G = { protein: 4, fat: 9, carb: 4 } as const;

/** Above this fat and dryness a thing with no starch behaves as an oil or a nut, not as a mash [g/100 g]. Source: ours. */
const OILY_FAT = 40;

/** How much denser a hard fill lies than a light one, of mashes and of dry goods [1]. Source: ours, middle of the table. */
const WET_PACKS = 1.05;
const DRY_PACKS = 1.2;

/**
 * A pantry row for an ingredient known only by its composition.
 * What the panel does not say is filled in by what its water, protein and starch make it most like;
 * the row is marked uncertain, so that the bands widen.
 */
export function ownIngredient(name: string, given: OwnComposition): Result<Ingredient> {
  const { water, protein, fat, carbohydrate: carb } = given;
  const sugars = given.sugars ?? 0;
  const fibre = given.fibre ?? 0;
  const ash = given.ash ?? Math.max(0, 100 - water - protein - fat - carb);
  const starch = given.starch ?? Math.max(0, carb - sugars - fibre);
  const density = given.density_g_per_ml ?? (water > 50 ? 1 : 0.5);
  const row: Ingredient = {
    id: name,
    name,
    otherNames: [],
    category: 'other',
    water,
    protein,
    fat,
    carb,
    sugars,
    starch,
    fibre,
    ash,
    polyol: 0,
    ethanol: 0,
    sodium_mg: given.sodium_mg ?? 0,
    retinol_iu: 0,
    kcal: protein * KCAL_PER_G.protein + fat * KCAL_PER_G.fat + carb * KCAL_PER_G.carb,
    bulkSpooned_g_per_ml: density,
    bulkPacked_g_per_ml: density * (water > 50 ? WET_PACKS : DRY_PACKS),
    countWeights: given.each_g === undefined ? [] : [{ name: 'one', mass_g: given.each_g }],
    packs_g: [],
    ...behaviourOf(water, protein, fat, starch),
    ...(isMash(name, given) ? mashBehaviour(starch, sugars > MASHED_FRUIT_SUGARS) : {}),
    allergen: given.allergen === NO_ALLERGEN ? '' : (given.allergen ?? NOT_KNOWN_ALLERGEN),
    dogFlag: 'caution',
    dogReason: 'Your own ingredient: the list of dangers does not know it. Ask your vet.',
    rawAnimal: null,
    uncertain: true,
    own: true,
  };
  const complaints = complaintsAbout(row);
  if (complaints.length > 0)
    return fail('BAD_COMPOSITION', `"${name}": ${complaints.join('; ')}. Check the figures per 100 g.`, 'composition_per_100g');
  return succeed(row);
}

/** Sweeter than this a mash is of fruit [g/100 g]. Source: ours; fruit has 5 to 15, roots and squashes 2 to 6. */
const MASHED_FRUIT_SUGARS = 6.5;
/** Wet, of plants, and called a mash. */
const isMash = (name: string, { water, protein, fat }: OwnComposition): boolean =>
  water >= 60 && protein < 8 && fat < OILY_FAT && saysMashed(name);

type Behaviour = Pick<
  Ingredient,
  'mobileWaterFraction' | 'bindsNow_g_per_g' | 'bindsRested_g_per_g' | 'binder' | 'sorptionClass' | 'oilClass'
>;

/** Behaviour in the bowl of the kind of food this composition looks like. Source: ours, from neighbouring table rows. */
function behaviourOf(water: number, protein: number, fat: number, starch: number): Behaviour {
  if (fat > OILY_FAT)
    return {
      mobileWaterFraction: 0,
      bindsNow_g_per_g: 0.1,
      bindsRested_g_per_g: 0.12,
      binder: 0.1,
      sorptionClass: 'nutseed',
      oilClass: 'mixed',
    };
  if (water < 20)
    return {
      mobileWaterFraction: 0,
      bindsNow_g_per_g: 0.65,
      bindsRested_g_per_g: 0.8,
      binder: 0.2,
      sorptionClass: 'cereal',
      oilClass: 'cereal',
    };
  if (protein > starch && protein > 8)
    return {
      mobileWaterFraction: 0.35,
      bindsNow_g_per_g: 0.2,
      bindsRested_g_per_g: 0.2,
      binder: 0.5,
      sorptionClass: 'meat',
      oilClass: 'animal',
    };
  return {
    mobileWaterFraction: 0.5,
    bindsNow_g_per_g: 0.05,
    bindsRested_g_per_g: 0.1,
    binder: 0.1,
    sorptionClass: 'veg',
    oilClass: 'mixed',
  };
}
