export { ON_ITS_LABEL, allergensIn, allergensOf } from './allergens';
export { complaintsAbout } from './check-ingredient';
export { compose, scaleComposition } from './composition';
export type { Composition, DoughLine } from './composition';
export { sharesOf } from './composition-shares';
export type { DoughShares } from './composition-shares';
export { findIngredient, searchPantry } from './find-ingredient';
export { nearWord } from './name-words';
export type { Finding } from './find-ingredient';
export { freshnessOf } from './freshness';
export type { Freshness } from './freshness';
export {
  animalProtein,
  crystallisingSugars,
  isLiver,
  isRawFlour,
  isRawTissue,
  isWetSpentGrain,
  liverShare,
  nutButterShare,
  tissueShare,
  usualBinders,
} from './groups';
export type { Ingredient, OilClass, Pantry, SlicedOff } from './ingredient';
export { canBeMashed, mashed } from './mashed';
export { ownIngredient } from './own-ingredient';
export type { OwnComposition } from './own-ingredient';
export { broughtIngredient, opened } from './made-of';
export { preparationOf, startFrom } from './prepare';
export type { Preparation } from './prepare';
export { rowOfLine } from './row-of-line';
export { swapIdeas } from './swap-ideas';
export type { SwapIdea, SwapReason } from './swap-ideas';
export { WEIGHED_REL_SD, usualPiece, weighIngredient } from './weigh-ingredient';
export type { Measuring } from './weigh-ingredient';
export { waterByDrying } from './weigh-dry-test';
