/**
 * A label's ingredient order and allergens, worked out without any of the app's code: from the batch file as it is written and the
 * pantry table as it is shipped. Only how much of each part ends on the treats is taken as given.
 */
import { readFileSync } from 'node:fs';
import Papa from 'papaparse';

type Row = Readonly<Record<string, string>>;
const ROWS = new Map(
  Papa.parse<Row>(readFileSync('data/ingredients.csv', 'utf8'), { header: true, skipEmptyLines: true }).data.map((row) => [
    row.id,
    row,
  ]),
);

type Line = { readonly ingredient: string; readonly amount: number; readonly unit: string; readonly part?: string };
export type Written = {
  readonly recipe: {
    readonly ingredients: readonly Line[];
    readonly parts?: ReadonlyArray<{ readonly name: string; readonly role: string }>;
  };
};

const ML: Readonly<Record<string, number>> = { ml: 1, l: 1000, tsp: 5, tbsp: 15 };

/** Mass of a line at the recipe's own size [g]. */
function grams({ ingredient, amount, unit }: Line): number {
  const row = ROWS.get(ingredient);
  if (!row) throw new Error(`no row ${ingredient}`);
  if (unit === 'g') return amount;
  if (unit === 'kg') return amount * 1000;
  if (unit === 'each') return amount * eachOf(row);
  if (unit in ML) return amount * ML[unit] * Number(row.bulk_spooned);
  throw new Error(`no unit ${unit}`);
}

/** The usual size is the middle one of the sizes that the table lists. */
function eachOf({ count_weights_g }: Row): number {
  const sizes = count_weights_g.split(';').map((size) => ({ name: size.split(':')[0], mass_g: Number(size.split(':')[1]) }));
  return (sizes.find(({ name }) => name.includes('medium')) ?? sizes[Math.floor((sizes.length - 1) / 2)]).mass_g;
}

/** Names on the label, heaviest first; lines that a buyer would call the same together. */
export function orderByHand(batch: Written, factor: number, onTreat_g: (part: string) => number): string[] {
  const { ingredients } = batch.recipe;
  const made = (part: string): number =>
    ingredients.filter((line) => line.part === part).reduce((sum, line) => sum + grams(line), 0);
  const sums = new Map<string, number>();
  for (const line of ingredients) {
    const eaten = isDough(batch, line)
      ? grams(line) * factor
      : (grams(line) * onTreat_g(line.part ?? '')) / made(line.part ?? '');
    const name = nameOf(line.ingredient);
    if (eaten > 0) sums.set(name, (sums.get(name) ?? 0) + eaten);
  }
  return [...sums].sort(([a, x], [b, y]) => (Math.abs(x - y) > 1e-6 ? y - x : a.localeCompare(b, 'en'))).map(([name]) => name);
}

const isDough = ({ recipe: { parts = [] } }: Written, { part }: Line): boolean =>
  (parts.find(({ name }) => name === part)?.role ?? 'dough') === 'dough';

const nameOf = (id: string): string =>
  (ROWS.get(id)?.name ?? id)
    .replace(/ \(.*$/, '')
    .replace(/,.*$/, '')
    .toLowerCase();

/** Allergens that the table names for certain in anything that ends on the treats. */
export function allergensByHand(batch: Written, onTreat_g: (part: string) => number): string[] {
  const found = new Set<string>();
  for (const line of batch.recipe.ingredients) {
    if (!isDough(batch, line) && onTreat_g(line.part ?? '') <= 0) continue;
    for (const word of (ROWS.get(line.ingredient)?.allergen ?? '').replace(/\(.*\)/, '').split('/')) {
      const name = word.trim();
      if (name !== '' && !name.includes(' or ') && name !== 'check label') found.add(name);
    }
  }
  return [...found].sort();
}
