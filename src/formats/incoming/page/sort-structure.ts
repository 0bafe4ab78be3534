import type { Pantry } from '@/core/pantry';
import { sortList, type SortedText } from '../../recipe-text';
import type { StructuredRecipe } from './structured';

/** A published recipe as the reader takes it: its list by parts, its steps as they are. Nothing is guessed again. */
export const sortStructure = ({ name, ingredients, steps, said }: StructuredRecipe, pantry: Pantry): SortedText => ({
  name,
  items: sortList(ingredients, pantry),
  steps,
  said,
});

/** All its words, for what only they tell. */
export const wordsOfStructure = ({ name, ingredients, steps, said }: StructuredRecipe): string =>
  [name, ...said, ...ingredients, ...steps].join('\n');
