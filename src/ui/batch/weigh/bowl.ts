import { slicedOffBy } from '@/core/catalogue';
import { isDoughLine, type BatchDocument } from '@/core/document';
import type { Prediction } from '@/core/prediction';
import { rowOfLine, type DoughLine, type Ingredient, type Pantry } from '@/core/pantry';

/** What lies in the bowl of a predicted batch, as the dough's models want it; a line nobody knows is left out. */
export function linesInBowl(document: BatchDocument, dough: Prediction['dough'], pantry: Pantry): DoughLine[] {
  return document.recipe.ingredients.flatMap((line, i): DoughLine[] => {
    const ingredient = rowOfLine(line, pantry, slicedOffBy(document.shape));
    const mass_g = dough.ingredients[i]?.mass_g;
    if (!ingredient || mass_g === undefined || !isDoughLine(document.recipe, line)) return [];
    return [{ ingredient, mass_g, ...(line.water_pct === undefined ? {} : { waterPct: line.water_pct }) }];
  });
}

/** Everything that ends on the treats of a predicted batch; a line nobody knows is left out. */
export function linesOnTreats(document: BatchDocument, dough: Prediction['dough'], pantry: Pantry): DoughLine[] {
  return document.recipe.ingredients.flatMap((line, i): DoughLine[] => {
    const ingredient = rowOfLine(line, pantry, slicedOffBy(document.shape));
    const mass_g = dough.ingredients[i]?.eaten_g;
    return ingredient && mass_g !== undefined ? [{ ingredient, mass_g }] : [];
  });
}

/** In which part of the work an ingredient goes into the bowl. */
export type BowlPart = 'dry' | 'fats' | 'wet' | 'liquid';
export const BOWL_PARTS: ReadonlyArray<{ readonly part: BowlPart; readonly name: string }> = [
  { part: 'dry', name: 'Dry, together' },
  { part: 'fats', name: 'Fats, rubbed in' },
  { part: 'wet', name: 'Wet, into dry' },
  { part: 'liquid', name: 'Liquid, by feel' },
];

const FATS = new Set(['fat/oil', 'nut/seed butter']);

/** Wet goes into dry: that is the order in which the feel can still be steered. */
export function partOf(row: Ingredient | undefined): BowlPart {
  if (!row) return 'dry';
  if (FATS.has(row.category)) return 'fats';
  if (row.category === 'liquid') return 'liquid';
  return row.water > 30 ? 'wet' : 'dry';
}

/** Line numbers in the order of the work. */
export function bowlOrder(
  document: BatchDocument,
  pantry: Pantry,
): ReadonlyArray<{ readonly part: BowlPart; readonly lines: readonly number[] }> {
  const parts = document.recipe.ingredients.map((line) =>
    isDoughLine(document.recipe, line) ? partOf(pantry.get(line.ingredient)) : null,
  );
  return BOWL_PARTS.map(({ part }) => ({ part, lines: parts.flatMap((here, i) => (here === part ? [i] : [])) })).filter(
    ({ lines }) => lines.length > 0,
  );
}
