export { complaintsAbout } from './check-ingredient';
export { compose, scaleComposition } from './composition';
export type { Composition, DoughLine } from './composition';
export {
  animalProtein,
  crystallisingSugars,
  isRawFlour,
  isWetSpentGrain,
  liverShare,
  nutButterShare,
  tissueShare,
} from './groups';
export type { Ingredient, OilClass, Pantry } from './ingredient';
export { ownIngredient } from './own-ingredient';
export type { OwnComposition } from './own-ingredient';
export { usualPiece, weighIngredient } from './weigh-ingredient';
