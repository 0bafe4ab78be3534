import type { BatchDocument, RecipeLine } from '@/core/document';
import type { ReadLine } from '@/formats/recipe-text';

/** What was understood of a recipe that came in: a whole document, or a reading with its questions. */
export type Incoming =
  | { readonly kind: 'document'; readonly document: BatchDocument }
  | {
      readonly kind: 'reading';
      readonly reading: { readonly name: string; readonly ingredients: readonly ReadLine[]; readonly steps: readonly string[] };
      /** Each line as it can go into a recipe; null where something is still to be answered. */
      readonly draft: ReadonlyArray<RecipeLine | null>;
    };
export type Reading = Extract<Incoming, { kind: 'reading' }>;

/** Ingredients that the baker chose in answer to a question, by the line as it was written. */
export type Answers = Readonly<Record<string, string>>;

/** Where a text that was brought in waits for the editor of this tab. */
export const INCOMING_KEY = 'recipe-brought-in';

/**
 * The lines that go into the recipe: those understood, and those whose ingredient was answered and that have an amount.
 * Another ingredient than was read keeps its weight: a cup of it would weigh something else.
 */
export function linesTaken({ reading, draft }: Pick<Reading, 'reading' | 'draft'>, answers: Answers): RecipeLine[] {
  return reading.ingredients.flatMap((line, i): RecipeLine[] => {
    const understood = draft[i] ?? null;
    const chosen = answers[line.line];
    if (!chosen || chosen === line.ingredient) return understood ? [understood] : [];
    if (line.grams !== null) return [{ ingredient: chosen, amount: line.grams, unit: 'g' }];
    const { amount, unit } = line;
    // A measure that only words have cannot go into a recipe: it waits for a weight.
    return amount === null || unit === null || unit === 'pinch' || unit === 'handful'
      ? []
      : [{ ingredient: chosen, amount, unit }];
  });
}

/** How many lines are clear, answers counted. */
export const clearLines = ({ reading }: Pick<Reading, 'reading'>, answers: Answers): number =>
  reading.ingredients.filter(({ line, question }) => question === null || answers[line]).length;
