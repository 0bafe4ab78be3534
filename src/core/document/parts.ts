import type { Recipe, RecipeLine, RecipePart } from './recipe-fields';

/** What a recipe without parts is. */
const THE_DOUGH: RecipePart = { name: 'Dough', role: 'dough' };

/** The part that a line belongs to; the dough where it names none, undefined where the recipe has no such part. */
export const partOfLine = ({ parts = [] }: Pick<Recipe, 'parts'>, { part }: Pick<RecipeLine, 'part'>): RecipePart | undefined =>
  part === undefined ? THE_DOUGH : parts.find(({ name }) => name === part);

/** Whether a line goes into the bowl of the dough. */
export const isDoughLine = (recipe: Pick<Recipe, 'parts'>, line: Pick<RecipeLine, 'part'>): boolean =>
  partOfLine(recipe, line)?.role === 'dough';

/** What a recipe says in words: its name, notes on its lines, and its steps. */
export const recipeWords = ({ name = '', ingredients, steps = [] }: Pick<Recipe, 'name' | 'ingredients' | 'steps'>): string[] =>
  [name, ...ingredients.map(({ note = '' }) => note), ...steps.map(({ text }) => text)].filter((words) => words !== '');
