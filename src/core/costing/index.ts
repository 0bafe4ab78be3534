export { ingredientCost } from './ingredient-cost';
export type { IngredientCost, PriceList } from './ingredient-cost';
