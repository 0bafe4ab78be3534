import type { Queryable } from '@/db/client';
import { refreshFacts, staleRecipes } from '@/db/recipes';
import { compute, computeResult } from './compute/compute';
import { loadPantry } from './pantry';

/**
 * Works out anew what the book shows of recipes whose card is older than the models or the table, or that hold an ingredient
 * whose row has changed.
 *
 * @returns how many cards were made, and names of the recipes that can no longer be worked out: they keep their old card
 */
export async function refreshRecipes(
  db: Queryable,
  changedIngredient: string | null = null,
): Promise<{ made: number; stuck: string[] }> {
  const pantry = await loadPantry(db);
  const known = await compute('fingerprint', pantry);
  if (!known.ok) throw new Error(known.message);
  const cardOf = known.value;
  let made = 0;
  const stuck: string[] = [];
  for (const recipe of await staleRecipes(db, changedIngredient === null ? cardOf : null, changedIngredient)) {
    const facts = await computeResult('recipeFacts', { document: recipe.document, pantry, cardOf });
    if (facts.ok) {
      await refreshFacts(db, recipe.id, facts.value);
      made++;
    } else stuck.push(recipe.name);
  }
  return { made, stuck };
}
