import { fail, succeed, type Result } from '@/core/failure';
import type { Pantry } from '@/core/pantry';
import { plainText, readAmount } from './amount';
import type { ReadingHabits } from './measure';
import { readLine, type ReadLine } from './read-line';

/** A recipe read from plain text. */
export type ReadRecipe = {
  readonly name: string;
  readonly ingredients: readonly ReadLine[];
  readonly steps: readonly string[];
};

/** Longest recipe that is read [characters]. */
export const LONGEST_TEXT = 40_000;

const LIST_HEADING = /^(?:ingredients?|you(?:'ll| will)? need|what you need|shopping list)\b.*?:?$/i;
const STEPS_HEADING =
  /^(?:method|instructions?|directions?|steps?|preparation|procedure|how to make(?: it| them)?|to make)\s*:?$/i;
const PART_HEADING = /^(?:for the [a-z ]+|[a-z ]{3,24}):$/i;
const NUMBERED = /^(?:step\s*)?\d{1,2}\s*[.):-]\s+(?=[A-Za-z])/i;
const VERBS =
  /^(?:pre-?heat|heat|mix|stir|combine|add|roll|cut|bake|cook|boil|mash|knead|whisk|beat|fold|place|put|line|let|leave|cool|rest|chill|dry|turn|grind|blend|pour|spread|score|drop|shape|form|store|allow|transfer|remove|brush|set|drain|peel|grate|melt|warm|keep|serve|using|in a|then|once|when|divide|press|spoon|scoop|freeze|soak|wash)\b/i;
const SERVES = /^(?:makes|serves|yields?|servings?|prep(?:aration)? time|cook(?:ing)? time|total time|oven|source|notes?)\b/i;
/** A word that only one side of the Atlantic uses tells whose cups and eggs are meant. */
const AMERICAN =
  /\b(all[- ]purpose|canola|zucchini|garbanzo|cornstarch|\d+ ?°? ?F\b|fahrenheit|sticks? of butter|molasses|unflavored|pounds?\b)/i;

/**
 * Reads a whole recipe: its name, its list and its steps, in whatever order and style they are written.
 *
 * @param choice - the baker's cups, egg sizes and way of filling; what is left open is told from the words
 * @returns the reading with its questions, or MISSING_VALUE when there is nothing to read, TOO_LARGE when it is no recipe
 */
export function readRecipeText(text: string, pantry: Pantry, choice: Partial<ReadingHabits> = {}): Result<ReadRecipe> {
  if (text.trim() === '')
    return fail('MISSING_VALUE', 'There is nothing to read. Write or paste a recipe, one ingredient a line.');
  if (text.length > LONGEST_TEXT)
    return fail(
      'TOO_LARGE',
      `This is ${Math.round(text.length / 1000)} thousand characters long; a recipe has at most ${LONGEST_TEXT / 1000} thousand. Is it the right text?`,
    );
  const american = AMERICAN.test(text);
  const habits: ReadingHabits = {
    // Cups in recipes on the network are mostly American; the page asks once and passes the answer.
    measures: choice.measures ?? 'us',
    sizes: choice.sizes ?? (american ? 'US' : 'UK'),
    fill: choice.fill ?? 'unknown',
  };
  let name = '';
  let part: 'list' | 'steps' | null = null;
  const list: string[] = [];
  const steps: string[] = [];
  for (const raw of text.replace(/^\uFEFF/, '').split(/\r?\n/)) {
    const line = raw
      .trim()
      .replace(/^#+\s*/, '')
      .replace(/\*\*/g, '');
    if (line === '') continue;
    if (LIST_HEADING.test(line) && !readAmount(plainText(line))) part = 'list';
    else if (STEPS_HEADING.test(line)) part = 'steps';
    else if (part === 'steps') steps.push(line.replace(NUMBERED, '').replace(/^[-*•]\s*/, ''));
    else if (SERVES.test(line) || (PART_HEADING.test(line) && part !== null)) continue;
    else if (isStep(line)) steps.push(line.replace(NUMBERED, ''));
    else if (name === '' && part === null && list.length === 0 && looksLikeName(line, pantry, habits))
      name = line.replace(/:$/, '');
    else list.push(...linesOf(line, (part) => readLine(part, pantry, habits).ingredient !== null));
  }
  return succeed({ name, ingredients: list.map((line) => readLine(line, pantry, habits)), steps });
}

function isStep(line: string): boolean {
  if (NUMBERED.test(line)) return !/^\d+\s*[.)]?\s*(?:\d|[gl]\b|cup|tbsp|tsp|kg|ml)/i.test(line);
  return VERBS.test(line.replace(/^[-*•]\s*/, '')) && line.split(/\s+/).length > 2;
}

/** A first line that starts with no amount and names no ingredient is the recipe's name, whatever figures are in it. */
function looksLikeName(line: string, pantry: Pantry, habits: ReadingHabits): boolean {
  if (/^[-*•]/.test(line) || readAmount(plainText(line))) return false;
  const { ingredient, amount } = readLine(line, pantry, habits);
  return ingredient === null || amount === null;
}

/** One line may list several: "2 cups flour, 1 egg and 1/3 cup oil". It is cut only where another amount begins. */
function linesOf(line: string, isWhole: (part: string) => boolean): string[] {
  const parts: string[] = [];
  let open = 0;
  let start = 0;
  const text = plainText(line);
  for (let i = 0; i < text.length; i++) {
    if (text[i] === '(') open++;
    else if (text[i] === ')') open = Math.max(0, open - 1);
    const cut =
      open === 0
        ? /^(?:[,;]\s*(?:and\s+)?|\s+(?:and|plus|\+|&)\s+)(?=[\d½¼¾.]|an?\s|one\s|two\s|three\s|four\s|half\s)/i.exec(
            text.slice(i),
          )
        : null;
    // "1,5 dl" and "1,000 g" have their comma inside a number.
    if (!cut || (/\d/.test(text[i - 1] ?? '') && /^,\d/.test(text.slice(i)))) continue;
    const before = text.slice(start, i).trim();
    const rest = text.slice(i + cut[0].length);
    if (!/[a-z]{2}/i.test(before) || !readAmount(rest) || /^\d+\s*(?:cm|mm|inch)/i.test(rest)) continue;
    // "1 cup plus 2 tbsp oats", "3 and a half cups": the second amount belongs to the first.
    if (!/^[,;]/.test(cut[0]) && !isWhole(before)) continue;
    parts.push(before);
    start = i + cut[0].length;
    i = start - 1;
  }
  return parts.length === 0 ? [line] : [...parts, text.slice(start).trim()].filter(Boolean);
}
