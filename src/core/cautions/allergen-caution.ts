import { allergensIn, type Ingredient } from '../pantry';
import type { Caution } from './caution';

/** What dogs and people may react to in these; null where nothing is known of. */
export function allergenCaution(rows: readonly Ingredient[]): Caution | null {
  const found = allergensIn(rows).map(({ name, certain }) => (certain ? name : `maybe ${name}`));
  if (found.length === 0) return null;
  return {
    code: 'allergens',
    severity: 'note',
    step: 'feed',
    title: `Contains: ${found.join(', ')}`,
    why: 'Dogs and the people who handle treats can react.',
    act: 'Wash down between batches; say it on the label.',
    source: 'pantry table',
  };
}
