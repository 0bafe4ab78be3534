import type { Ingredient } from './ingredient';

/** One thing that a dog or a person may react to. */
export type Allergen = {
  readonly name: string;
  /** False when the row may or may not contain it: broth of "beef or chicken", oats that carry gluten. */
  readonly certain: boolean;
};

/** A row whose make-up nobody wrote down. */
export const NOT_KNOWN_ALLERGEN = 'check label';
/** What an allergen of unknown make-up is called. */
export const ON_ITS_LABEL = 'what its label says';

/** What a row's allergen words say: "wheat/gluten" is both, "beef or chicken" may be either, brackets are a maybe. */
export function allergensOf(row: Ingredient): Allergen[] {
  if (row.allergen === '') return [];
  if (row.allergen === NOT_KNOWN_ALLERGEN) return [{ name: ON_ITS_LABEL, certain: false }];
  const maybe = /\(may carry ([a-z ]+)\)/.exec(row.allergen);
  const plain = row.allergen.replace(/\s*\([^)]*\)/, '');
  const parts = plain.split('/').flatMap((part): Allergen[] => {
    const names = part
      .split(' or ')
      .map((name) => name.trim())
      .filter((name) => name !== '');
    return names.map((name) => ({ name, certain: names.length === 1 }));
  });
  return maybe ? [...parts, { name: maybe[1], certain: false }] : parts;
}

/** The allergens of several rows, each once; one that any row has for certain is certain. */
export function allergensIn(rows: readonly Ingredient[]): Allergen[] {
  const found = new Map<string, boolean>();
  for (const { name, certain } of rows.flatMap(allergensOf)) found.set(name, (found.get(name) ?? false) || certain);
  return [...found].map(([name, certain]) => ({ name, certain }));
}
