export { ingredientCost } from './ingredient-cost';
export type { IngredientCost, PriceList } from './ingredient-cost';
export { shoppingList } from './shopping-list';
export type { ShoppingItem } from './shopping-list';
