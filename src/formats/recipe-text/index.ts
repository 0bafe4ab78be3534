export { readRecipeText } from './read-recipe-text';
export type { ReadRecipe } from './read-recipe-text';
export { readLine } from './read-line';
export type { ReadLine } from './read-line';
