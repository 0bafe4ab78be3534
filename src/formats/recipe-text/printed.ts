import type { ReadRecipe } from './read-recipe';

/** A reading as the command line prints it: the keys of docs/batch-file.md, and what was understood beside them. */
export function printedReading({ programme, shape, makes, ...reading }: ReadRecipe): Readonly<Record<string, unknown>> {
  return {
    ...reading,
    ingredients: reading.ingredients.map(({ line, part, ...rest }) => ({ line, part, ...rest })),
    programme: programme && { ...programme, from: programme.from.join(' / ') },
    shape: shape && {
      thickness_mm: null,
      ...shape.shape,
      from: shape.from.join(' / '),
      question: shape.question,
      assumed: shape.assumed,
    },
    makes,
  };
}
