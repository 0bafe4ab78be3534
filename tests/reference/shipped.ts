/** The shipped ingredient table, for tests that name real ingredients. */
import { readFileSync } from 'node:fs';
import { readPantryCsv } from '@/formats/pantry-csv';
import type { DoughLine, Ingredient, Pantry } from '@/core/pantry';

const read = readPantryCsv(readFileSync('data/ingredients.csv', 'utf8'));
if (!read.ok) throw new Error(read.message);
export const PANTRY: Pantry = read.value;

export function ingredient(id: string): Ingredient {
  const row = PANTRY.get(id);
  if (!row) throw new Error(`no ingredient ${id}`);
  return row;
}

/** Lines of a dough from id and grams. */
export const mix = (amounts: Readonly<Record<string, number>>): DoughLine[] =>
  Object.entries(amounts).map(([id, mass_g]) => ({ ingredient: ingredient(id), mass_g }));

/** The biscuit that most published figures of the keeping model are for. */
export const BISCUIT = { flour_wheat_wholemeal: 300, egg_whole: 50, water: 120, rapeseed_oil: 15 };
