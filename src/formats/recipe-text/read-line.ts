import type { Pantry } from '@/core/pantry';
import { plainText, readAmount } from './amount';
import type { ReadUnit, ReadingHabits } from './measure';
import { named } from './name';
import { amountAtTheEnd, amountInside, labelledOne, moreOfTheSame, quantityOf } from './quantity';
import { weigh } from './weigh-line';

/** What was understood of one line, and what to ask about the rest. */
export type ReadLine = {
  readonly line: string;
  readonly amount: number | null;
  /** Ends of a range; null for a single amount. */
  readonly amount_low: number | null;
  readonly amount_high: number | null;
  readonly unit: ReadUnit | null;
  /** Size of a counted thing, as the pantry row names it. */
  readonly size?: string;
  readonly grams: number | null;
  /** An id of the pantry; null when it is not known or could be several. */
  readonly ingredient: string | null;
  /** Only where the line says that a whole fruit or root is mashed. */
  readonly mashed?: true;
  /** Ids that the words leave a choice of, the likeliest first; only where that is asked. */
  readonly choices?: readonly string[];
  /** What to ask the baker; null when the line was understood. */
  readonly question: string | null;
};

/** Reads one line of a list of ingredients. */
export function readLine(written: string, pantry: Pantry, habits: ReadingHabits): ReadLine {
  const line = written.trim();
  const text = plainText(line).replace(/^[-*•·▢□]\s*/, '');
  const head = labelledOne(text) ?? readAmount(text) ?? amountAtTheEnd(text) ?? amountInside(text, pantry);
  if (!head) return asked(line, pantry, text);
  const parts = quantityOf(head.rest, habits.measures);
  const { low, high } = head;
  const total = (amount: number): number => amount * parts.times + moreOfTheSame(parts);
  const range = { amount_low: low === undefined ? null : total(low), amount_high: high === undefined ? null : total(high) };
  const { row, mashed, question, choices } = named(parts.name, pantry);
  const base = { line, amount: total(head.amount), ...range, ingredient: row?.id ?? null };
  const weight = weigh(row, head.amount, parts, habits);
  return {
    ...base,
    unit: weight.unit,
    ...(weight.size ? { size: weight.size } : {}),
    grams: weight.grams === null ? null : Math.round(weight.grams * 100) / 100,
    ...(mashed ? { mashed } : {}),
    ...(choices.length > 1 ? { choices: choices.map(({ id }) => id) } : {}),
    question: [question, weight.question].filter(Boolean).join(' ') || null,
  };
}

/** A line without an amount: what is it, and how much? */
function asked(line: string, pantry: Pantry, text: string): ReadLine {
  const bare = text.replace(/[,:]?\s*(to taste|as needed|as required|optional|for dusting|for rolling).*$/i, '');
  const { row } = named(bare === '' ? text : bare, pantry);
  return {
    line,
    amount: null,
    amount_low: null,
    amount_high: null,
    unit: null,
    grams: null,
    ingredient: row?.id ?? null,
    question: row
      ? `How much ${row.name.toLowerCase()}? Give a weight, a cup or a spoon.`
      : `Is "${text}" an ingredient? Give its amount and its name.`,
  };
}
