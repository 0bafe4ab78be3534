export { ingredientText, toJsonLd } from './json-ld';
export { fromRecipeRows, toRecipeCsv } from './recipe-csv';
