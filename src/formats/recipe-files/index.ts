export { bakeSentences } from './bake-sentences';
export { ingredientText, toJsonLd } from './json-ld';
export { fromRecipeRows, toRecipeCsv } from './recipe-csv';
