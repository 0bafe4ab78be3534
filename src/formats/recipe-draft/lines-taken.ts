import type { RecipeLine } from '@/core/document';
import { rowOfLine, weighIngredient, type Pantry } from '@/core/pantry';
import { UNITS, type CupFill, type Unit } from '@/core/quantities';
import type { ReadIngredient } from '../recipe-text';
import { answerKey, type Answer, type Answers } from './answers';

/** The lines that go into the recipe, and the numbers of those that wait for an answer. */
export type TakenLines = { readonly lines: readonly RecipeLine[]; readonly waiting: readonly number[] };

/** Lines that are understood or answered; a line without an ingredient or a weight waits. */
export function linesTaken(ingredients: readonly ReadIngredient[], answers: Answers, pantry: Pantry, fill: CupFill): TakenLines {
  const lines: RecipeLine[] = [];
  const waiting: number[] = [];
  for (const [i, line] of ingredients.entries()) {
    const key = answerKey(ingredients, i);
    const answer = Object.hasOwn(answers, key) ? answers[key] : undefined;
    if (answer?.out) continue;
    const taken = lineOf(line, answer, pantry, fill);
    if (taken) lines.push(taken);
    else waiting.push(i);
  }
  return { lines, waiting };
}

const isUnit = (unit: string | null): unit is Unit => unit !== null && (UNITS as readonly string[]).includes(unit);

function lineOf(line: ReadIngredient, answer: Answer | undefined, pantry: Pantry, fill: CupFill): RecipeLine | null {
  const ingredient = answer?.ingredient ?? line.ingredient;
  const own = answer?.ingredient !== undefined && answer.ingredient !== line.ingredient;
  const how = {
    ...(line.mashed && !own ? { mashed: true as const } : {}),
    ...(line.part === null ? {} : { part: line.part }),
    // What hurts dogs stays with the line: the row alone would not say it.
    ...(line.danger === null || own ? {} : { note: line.line.slice(0, LONGEST_NOTE) }),
  };
  const row = ingredient === null ? undefined : rowOfLine({ ingredient, ...(how.mashed ? { mashed: true } : {}) }, pantry);
  if (!row || ingredient === null) return null;
  if (answer?.grams !== undefined) return { ingredient, amount: answer.grams, unit: 'g', ...how };
  const { amount, unit, size, grams } = line;
  if (amount === null) return null;
  const measured = isUnit(unit) ? weighIngredient(row, amount, unit, { fill, ...(size && !own ? { size } : {}) }) : null;
  if (own) {
    // Another ingredient than was read keeps its measure; what has none here keeps the weight that was read.
    if (isUnit(unit) && measured?.ok) return { ingredient, amount: round(amount), unit, ...how };
    return grams === null ? null : { ingredient, amount: round(grams), unit: 'g', ...how };
  }
  if (grams === null) return null;
  const range = (scale: number): Pick<RecipeLine, 'amount_low' | 'amount_high'> =>
    line.amount_low === null || line.amount_high === null
      ? {}
      : { amount_low: round(line.amount_low * scale), amount_high: round(line.amount_high * scale) };
  // As written where that weighs the same; a label or a puree says more than its cup.
  const same = measured?.ok && Math.abs(measured.value.mass_g - grams) <= SAME_WITHIN * grams;
  return same && isUnit(unit)
    ? { ingredient, amount: round(amount), unit, ...(size ? { size } : {}), ...range(1), ...how }
    : { ingredient, amount: round(grams), unit: 'g', ...range(grams / amount), ...how };
}

const LONGEST_NOTE = 200;

/** The written measure and the read weight are the same within this [1]. Source: ours, a cup is not filled more evenly. */
const SAME_WITHIN = 0.01;
const round = (value: number): number => Math.round(value * 1000) / 1000;
