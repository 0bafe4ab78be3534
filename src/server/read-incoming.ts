import type { BatchDocument, RecipeLine } from '@/core/document';
import { succeed, type Result } from '@/core/failure';
import { rowOfLine, weighIngredient, type Pantry } from '@/core/pantry';
import { UNITS, type CupFill, type Unit } from '@/core/quantities';
import type { HabitsRow } from '@/db/kitchen';
import { isBatchFile } from '@/formats/is-batch-file';
import { readBatch } from '@/formats/read-batch';
import { fromJsonLd, fromRecipeCsv } from '@/formats/recipe-files';
import { readRecipeText, type ReadLine, type ReadRecipe } from '@/formats/recipe-text';

/** What was understood of a recipe that came in: a whole document, or a reading with its questions. */
export type Incoming =
  | { readonly kind: 'document'; readonly document: BatchDocument }
  | { readonly kind: 'reading'; readonly reading: ReadRecipe; readonly draft: ReadonlyArray<RecipeLine | null> };

/** How a kitchen reads what comes in: its ingredients, its cups, and how they are filled. */
export type ReadingKitchen = { readonly pantry: Pantry } & Pick<HabitsRow, 'measures' | 'cup_fill'>;

/** Takes in whatever a baker has: a batch file, a recipe table, a page with a recipe in it, or plain words. */
export function readIncoming(text: string, kitchen: ReadingKitchen): Result<Incoming> {
  const start = text.trimStart();
  if (/^kind,name,amount,unit/i.test(start)) return asDocument(fromRecipeCsv(text));
  if (isBatchFile(start)) return asDocument(readBatch(text));
  if (!/^[[{<]/.test(start)) return fromWords(text, kitchen);
  const found = fromJsonLd(text);
  if (!found.ok) return found;
  if (found.value.kind === 'document') return succeed({ kind: 'document', document: found.value.document });
  const { name, lines, steps } = found.value;
  return fromWords([name, 'Ingredients:', ...lines.map((line) => `- ${line}`), 'Method:', ...steps].join('\n'), kitchen);
}

function fromWords(written: string, { pantry, measures, cup_fill }: ReadingKitchen): Result<Incoming> {
  const reading = readRecipeText(written, pantry, { measures, ...(cup_fill ? { fill: cup_fill } : {}) });
  if (!reading.ok) return reading;
  const draft = draftOf(reading.value.ingredients, pantry, cup_fill ?? 'unknown');
  return succeed({ kind: 'reading', reading: reading.value, draft });
}

const asDocument = (document: Result<BatchDocument>): Result<Incoming> =>
  document.ok ? succeed({ kind: 'document', document: document.value }) : document;

const isUnit = (unit: string | null): unit is Unit => unit !== null && (UNITS as readonly string[]).includes(unit);

/** Each line as it can go into a recipe; null where its ingredient or its weight is not known and waits for an answer. */
function draftOf(lines: readonly ReadLine[], pantry: Pantry, fill: CupFill): Array<RecipeLine | null> {
  return lines.map(({ ingredient, amount, unit, size, grams, mashed }): RecipeLine | null => {
    const row = ingredient === null ? undefined : rowOfLine({ ingredient, ...(mashed ? { mashed } : {}) }, pantry);
    const how = mashed ? { mashed } : {};
    if (!row || ingredient === null || grams === null) return null;
    // As written where that weighs the same; a label or a puree says more than its cup.
    const measured = isUnit(unit) && amount !== null ? weighIngredient(row, amount, unit, { fill, size }) : null;
    const same = measured?.ok && Math.abs(measured.value.mass_g - grams) <= SAME_WITHIN * grams;
    return same && isUnit(unit) && amount !== null
      ? { ingredient, amount: round(amount), unit, ...(size ? { size } : {}), ...how }
      : { ingredient, amount: round(grams), unit: 'g', ...how };
  });
}

/** The written measure and the read weight are the same within this [1]. */
const SAME_WITHIN = 0.01;
const round = (value: number): number => Math.round(value * 1000) / 1000;
