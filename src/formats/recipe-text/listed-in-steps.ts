import { findIngredient, type Pantry } from '@/core/pantry';
import { FIGURE } from '@/core/written';
import type { PartRole } from '@/core/catalogue';
import { plainText, readAmount } from './amount';
import { notFood, readMeasure } from './measure';
import type { SortedItem } from './sort-lines';
import { sentencesOf } from './tidy-lines';

/** Where another thing begins, or where the words stop being about food. */
const ENDS = /[,;.()]|\s+(?:and|with|in|into|on|to|until|for|then|plus|over|onto|at)\s+|\s+(?=\d)/i;
const FIRST_FIGURE = new RegExp(String.raw`(?<![\d.,/])(?:${FIGURE})`, 'g');

const ADDS =
  /\b(?:take|add|mix|combine|place|put|puree|purée|blend|blitz|whisk|stir(?: in)?|fold(?: in)?|weigh|measure|simmer|slice|cut|mince)\b/i;
/** What a spoon or a weight counts when it counts pieces. */
const PORTION = /\b(?:portions?|balls?|each|apiece|pieces?|mounds?|lumps?|at a time|full|scoops?)\b/i;

/** What is done with a thing decides its part. */
const BY_VERB: ReadonlyArray<readonly [verb: RegExp, role: PartRole, name: string]> = [
  [/\bbrush\b/i, 'wash', 'Wash'],
  [/\b(?:sprinkle|scatter|press on|roll (?:them |it |each )?in)\b/i, 'sprinkle', 'Topping'],
  [/\bdrizzle\b/i, 'drizzle', 'Drizzle'],
  [/\bdip\b/i, 'dip', 'Dip'],
];

/**
 * Things that only a step names with their amount: "Mix 200 ml kefir with 100 ml water", "Roll in desiccated coconut (2 tbsp)".
 * Nothing that the list already has is taken twice.
 */
export function listedInSteps(steps: readonly string[], items: readonly SortedItem[], pantry: Pantry): SortedItem[] {
  const there = new Set(items.flatMap(({ text }) => idOf(text, pantry) ?? []));
  const found: SortedItem[] = [];
  for (const sentence of steps.flatMap(sentencesOf)) {
    const part = BY_VERB.find(([verb]) => verb.test(sentence));
    for (const text of amountsIn(plainText(sentence), pantry)) {
      const id = idOf(text, pantry);
      // What the pantry does not know is asked about where it plainly goes into the bowl.
      if (id === null ? !ADDS.test(sentence) || PORTION.test(text) : there.has(id)) continue;
      if (id !== null) there.add(id);
      found.push({ text, part: part ? { name: part[2], role: part[1] } : null });
    }
  }
  return found;
}

function idOf(text: string, pantry: Pantry): string | null {
  const head = readAmount(plainText(text));
  const name = head ? readMeasure(head.rest, 'us').rest : text;
  const { row, unexplained } = findIngredient(name.split(/[,(]/)[0], pantry);
  return row && unexplained.length <= 1 ? row.id : null;
}

/** Each amount of a sentence with the name behind it, or before it in brackets. */
function amountsIn(sentence: string, pantry: Pantry): string[] {
  const found: string[] = [];
  for (const { index } of sentence.matchAll(FIRST_FIGURE)) {
    const amount = readAmount(sentence.slice(index));
    if (!amount || notFood(amount.rest, amount.amount)) continue;
    const { measure, container, rest } = readMeasure(amount.rest, 'us');
    const name = rest.split(ENDS)[0]?.trim() ?? '';
    const written = sentence.slice(index, sentence.length - amount.rest.length + (amount.rest.length - rest.length)).trim();
    const before = /([a-z][a-z ]{3,40})\($/i.exec(sentence.slice(0, index));
    if (name !== '' && (measure || container || findIngredient(name, pantry).sure)) found.push(`${written} ${name}`);
    else if (before && measure) found.push(`${written} ${before[1].replace(/^.*\b(?:in|with|the)\s+/i, '').trim()}`);
  }
  return found;
}
