export { fromJsonLd, ingredientText, toJsonLd } from './json-ld';
export { fromRecipeCsv, toRecipeCsv } from './recipe-csv';
