export { ingredientCost } from './ingredient-cost';
export type { IngredientCost, PriceList } from './ingredient-cost';
export { shoppingList } from './shopping-list';
export type { ShoppingItem } from './shopping-list';
export { COST_PARTS, batchCost, breakEven, cheaper, priceForMargin } from './batch-cost';
export type { BatchCost, CostFacts, CostPart } from './batch-cost';
export { USUAL_LOST_SHARE, lostShare } from './lost-share';
export type { CountedLosses, LostShare } from './lost-share';
export { handMinutes } from './hand-minutes';
