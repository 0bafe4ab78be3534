import { findIngredient, type Pantry } from '@/core/pantry';
import { plainText, readAmount } from './amount';
import { hasMeasure, notFood } from './measure';
import { partInLine, partOf, roleOf, type ReadPart } from './part-heading';
import { amountAtTheEnd, amountInside, labelledOne } from './quantity';
import { splitItems } from './split-items';
import { sentencesOf, tidyLines, type TidyLine } from './tidy-lines';
import { soundsLikeDoing, startsWithVerb } from './verbs';

/** One thing of the list, and the part that it stands under; null for the dough. */
export type SortedItem = { readonly text: string; readonly part: ReadPart | null };

/** A text, each line of it where it belongs. Nothing is dropped: what is neither is said. */
export type SortedText = {
  readonly name: string;
  readonly items: readonly SortedItem[];
  readonly steps: readonly string[];
  /** What else it says: how many, how long it keeps, stories. */
  readonly said: readonly string[];
};

const LIST_HEADING =
  /^(?:the )?(?:ingredients?|you(?:'ll| will)? need|what (?:you need|goes in)|shopping list|zutaten)\b(?:\s+for (?:the )?[\w\s]{2,30})?(?:\s*\([^)]*\))?\s*:?$/i;
/** The head of a table that is written in words. */
const TABLE_HEADING = /^ingredients?\s+-\s+(?:amount|quantity|qty|weight|how much)\b[\w\s-]*$/i;
/** "prep 15 mins | cook 1 hr | makes 4 dozen": a line of facts. */
const FACTS = /\b(?:prep|cook|total|ready|makes?|serves|yields?|rest|difficulty)\b/gi;
const STEPS_HEADING =
  /^(?:the )?(?:method|instructions?|directions?|steps?|preparation|procedure|how to(?: make(?: it| them)?)?|to make|making|what to do)\s*:?$/i;
const NUMBERED = /^(?:step\s*)?\d{1,2}\s*[.):-]\s+(?=[A-Za-z"“'])|^step\s*\d{1,2}\b[.:)]?\s*/i;
const SAID =
  /^(?:makes?|serves|yields?|servings?|prep(?:aration)? time|prep:|cook(?:ing)? time|total(?: time)?|source|notes?|quantity|difficulty|author|by)\b/i;
/** "Temp: 170 °C", "Storage: fridge": a word for something to do, and what it is. */
const KEYED =
  /^(?:shape|thickness|temp(?:erature)?|oven|time|storage|store|keeps?|pack|dry|bake|first bake|second bake|heat|then|cut(?:ter)?|roll|size|then heat|drying|baking)\s*:/i;
/** "salt: none": said to be absent. */
const ABSENT = /^[a-z ]+[:-]\s*(?:none|no|0)\W*$/i;

type State = {
  name: string;
  mode: 'start' | 'list' | 'steps';
  part: ReadPart | null;
  items: SortedItem[];
  steps: string[];
  said: string[];
};

/** Sorts the lines of a written recipe into its name, its list by parts, its steps, and what else it says. */
export function sortLines(text: string, pantry: Pantry): SortedText {
  const state: State = { name: '', mode: 'start', part: null, items: [], steps: [], said: [] };
  const lines = tidyLines(text);
  for (const [i, line] of lines.entries()) sortLine(state, line, lines[i + 1], pantry);
  const { name, items, steps, said } = state;
  return { name: nameOnly(name), items, steps, said };
}

/** Sorts a list that is known to be one: headings part it, everything else is a thing of it. */
export function sortList(lines: readonly string[], pantry: Pantry): SortedItem[] {
  const state: State = { name: '', mode: 'list', part: null, items: [], steps: [], said: [] };
  const tidy = lines.flatMap((line) => tidyLines(line));
  for (const [i, line] of tidy.entries()) {
    const next = tidy.at(i + 1);
    if (!line.text.includes(',') && heading(state, { ...line, bullet: false }, next, pantry)) continue;
    if (ABSENT.test(line.text)) continue;
    for (const text of splitItems(line.text.replace(/\.$/, ''), pantry))
      state.items.push({ text, part: partInLine(text) ?? state.part });
  }
  return state.items;
}

function sortLine(state: State, line: TidyLine, next: TidyLine | undefined, pantry: Pantry): void {
  const { text } = line;
  if (heading(state, line, next, pantry)) return;
  if (isFacts(text)) {
    state.said.push(text);
    return;
  }
  if (state.mode === 'start' && isName(state, text, pantry)) state.name = text;
  else if (state.name === '' && state.items.length === 0 && nameWithList(state, text, pantry)) return;
  else if (ABSENT.test(text)) state.said.push(text);
  else if (state.mode === 'steps' && !(line.bullet && isItem(text, pantry) && state.part !== null)) addStep(state, text);
  else if (!listInPart(state, text, pantry)) addSentences(state, line, pantry);
}

/** Several facts side by side, parted by marks. */
const isFacts = (text: string): boolean =>
  /\s[|•·-]\s|\s{3,}/.test(text) &&
  /\d/.test(text) &&
  (text.match(FACTS)?.length ?? 0) >= 2 &&
  text.split(/\s+/).length <= LONGEST_FACTS;
/** Longest line of facts [words]. Source: ours. */
const LONGEST_FACTS = 20;

/** A heading changes what follows; true when the line is one. */
function heading(state: State, { text, bullet }: TidyLine, next: TidyLine | undefined, pantry: Pantry): boolean {
  if (TABLE_HEADING.test(text) || (LIST_HEADING.test(text) && !readAmount(plainText(text)))) {
    state.mode = 'list';
    state.part = /\bfor\b/i.test(text) ? partOf(text) : null;
    return true;
  }
  if (STEPS_HEADING.test(text)) {
    state.mode = 'steps';
    state.part = null;
    return true;
  }
  if (bullet || (state.mode === 'start' && state.name === '' && !/^for the\b/i.test(text))) return false;
  if (!isPartHeading(text, next, pantry)) return false;
  state.part = partOf(text);
  // A heading among the steps may head a list or steps of its own.
  if (state.mode !== 'steps' || (next && isItem(next.text, pantry))) state.mode = 'list';
  else state.steps.push(text.replace(/:?$/, ':'));
  return true;
}

/** Longest heading [words]. */
const LONGEST_HEADING = 6;

function isPartHeading(text: string, next: TidyLine | undefined, pantry: Pantry): boolean {
  const words = text.split(/\s+/);
  if (words.length > LONGEST_HEADING || readAmount(plainText(text)) || /[.!?]$/.test(text) || /\d/.test(text)) return false;
  const bare = text.replace(/:$/, '');
  if (/^for (?:the )?[\w\s'-]+:?$/i.test(text) && (text.endsWith(':') || roleOf(bare) !== null)) return true;
  const listed = next !== undefined && isItem(next.text, pantry);
  if (text.endsWith(':')) return listed || roleOf(bare) !== null || /^(?:dry|wet)\b/i.test(bare);
  if (!listed || findIngredient(bare, pantry).sure) return false;
  return (
    (roleOf(bare) !== null && (!startsWithVerb(bare) || words.length === 1 || roleOf(words.at(-1) ?? '') !== null)) ||
    /\bingredients?$/i.test(bare) ||
    (bare === bare.toUpperCase() && words.length <= 4 && /[A-Z]{3}/.test(bare))
  );
}

/** "Egg wash: 1 egg yolk, 1 tbsp milk": a part with its list on one line; true when the line is one. */
function listInPart(state: State, text: string, pantry: Pantry): boolean {
  const found = /^([^:.\d]{3,40}):\s*(.+)$/.exec(text);
  if (!found || KEYED.test(text)) return false;
  const [, label, rest] = found;
  const items = splitItems(rest.replace(/\.$/, ''), pantry);
  const ownPart = roleOf(label) !== null || /^for (?:the )?/i.test(label);
  if (!ownPart && (findIngredient(label, pantry).row !== null || items.length < 2)) return false;
  if (!items.some((item) => isItem(item, pantry) || findIngredient(item, pantry).row !== null)) return false;
  // "Blend: 250 g yogurt": what is done with them is no part.
  const part = startsWithVerb(label) && roleOf(label) === null ? null : partOf(label);
  for (const item of items) state.items.push({ text: item, part: partInLine(item) ?? part });
  if (state.mode === 'start') state.mode = 'list';
  return true;
}

/** "Quick jerky: 1 lb turkey, 1 tsp turmeric. Pipe …": the name and the list in one line. */
function nameWithList(state: State, text: string, pantry: Pantry): boolean {
  const found = /^([^:.\d]{3,60})[:.]\s+(.+)$/.exec(text);
  if (!found || startsWithVerb(found[1]) || KEYED.test(text) || roleOf(found[1]) === 'wash') return false;
  state.name = found[1];
  state.mode = 'list';
  addSentences(state, { text: found[2], bullet: false, apart: false }, pantry);
  return true;
}

/** One line may hold a thing of the list and then what to do with it. */
function addSentences(state: State, { text }: TidyLine, pantry: Pantry): void {
  const sentences = NUMBERED.test(text) ? [text] : sentencesOf(text);
  const [first] = sentences;
  if (!isItem(first, pantry)) {
    if (bareItem(state, text, pantry)) state.items.push({ text, part: partInLine(text) ?? state.part });
    else addStep(state, text);
    return;
  }
  if (state.mode === 'start') state.mode = 'list';
  for (const item of splitItems(first.replace(/\.$/, ''), pantry))
    state.items.push({ text: item, part: partInLine(item) ?? state.part });
  const rest = sentences.slice(1);
  const from = rest.findIndex((sentence) => !isItem(sentence, pantry));
  for (const sentence of rest.slice(0, from === -1 ? rest.length : from))
    for (const item of splitItems(sentence.replace(/\.$/, ''), pantry)) state.items.push({ text: item, part: state.part });
  if (from !== -1) addStep(state, rest.slice(from).join(' '));
}

/** Longest line that may be an ingredient without an amount [words]. */
const LONGEST_BARE = 7;

/** "salt to taste", "dried parsley": a thing of the list without an amount. */
function bareItem(state: State, text: string, pantry: Pantry): boolean {
  if (state.mode !== 'list' || KEYED.test(text) || SAID.test(text) || NUMBERED.test(text) || soundsLikeDoing(text)) return false;
  if (text.split(/\s+/).length > LONGEST_BARE || /[.!?]$/.test(text)) return false;
  const bare = text.replace(/\b(?:to taste|as needed|optional|a pinch|a little|a few)\b/gi, ' ');
  return !(startsWithVerb(text) && !findIngredient(bare, pantry).sure) && findIngredient(bare, pantry).row !== null;
}

function addStep(state: State, text: string): void {
  const step = text.replace(NUMBERED, '').trim();
  if (step === '') return;
  const story = state.mode !== 'steps' && !startsWithVerb(step) && !soundsLikeDoing(step) && !KEYED.test(step);
  const before = state.steps.at(-1);
  // A sentence that was broken at the edge of the paper goes on.
  if (
    before !== undefined &&
    /^[a-z(]/.test(step) &&
    !/[.!?:;]$/.test(before) &&
    !NUMBERED.test(text) &&
    /[a-z,–-]$/i.test(before)
  )
    state.steps[state.steps.length - 1] = `${before} ${step}`;
  else if (SAID.test(step) || (story && state.items.length === 0)) state.said.push(step);
  else state.steps.push(step);
}

/** Whether a line is a thing of the list: an amount of some food. */
export function isItem(line: string, pantry: Pantry): boolean {
  if (KEYED.test(line) || (SAID.test(line) && !hasMeasure(line))) return false;
  const text = plainText(line);
  if (NUMBERED.test(text) && !readAmount(text.replace(NUMBERED, ''))) return false;
  const head = labelledOne(text) ?? readAmount(text);
  if (head) return !notFood(head.rest, head.amount) && !/^[-–]?\s*(?:ingredients?\b|%)/i.test(head.rest);
  if (startsWithVerb(text) && !/^(?:flour|oil|cream|butter|ice|salt)\b/i.test(text)) return false;
  const inside = amountAtTheEnd(text) ?? amountInside(text, pantry);
  return inside !== null && !notFood(inside.rest, inside.amount);
}

/** A first line that is no thing of the list. Figures in it are part of a name: "3-Ingredient Bites", "Two Egg Crunchies", "100 % Rye". */
function isName(state: State, text: string, pantry: Pantry): boolean {
  if (state.name !== '' || state.items.length > 0 || state.steps.length > 0) return false;
  if (NUMBERED.test(text) || KEYED.test(text) || SAID.test(text)) return false;
  if (sentencesOf(text).length > 1 && (/[.;]/.test(text) || text.split(/\s+/).length > LONGEST_NAME)) return false;
  if (/^[\w-]+[- ]ingredient\b/i.test(text) || /^\w+(?: \w+)?\s*(?:%|percent|per cent)/i.test(text)) return true;
  if (/^[^:?!]{3,60}:\s+\S/.test(text)) return false;
  const amount = readAmount(plainText(text));
  // "Ginger snaps (40)": how many there are.
  if (!amount && /\(\d+\)$/.test(text) && !findIngredient(text, pantry).sure) return true;
  if (!amount) return !(amountAtTheEnd(plainText(text)) && isItem(text, pantry)) && !(startsWithVerb(text) && /[.]$/.test(text));
  if (hasMeasure(text) || notFood(amount.rest, amount.amount) || splitItems(text, pantry).length > 1) return false;
  const finding = findIngredient(amount.rest.replace(/^-/, ''), pantry);
  const inWords = /^[A-Z][a-z]+[\s-]/.test(text) && text.split(/\s+/).length > 2;
  return (
    (inWords || !finding.sure) &&
    /^[^a-z]*(?:[A-Z]\S*|\d+|of|and|&|the|for|in)(?:[\s-]+(?:[A-Z(]\S*|\d+|of|and|&|the|for|in))+$/.test(text)
  );
}

/** A question or a cry in a name makes it no sentence up to so many words. Source: ours. */
const LONGEST_NAME = 10;

/** A name without what it promises: "Batons — makes 36". */
const nameOnly = (name: string): string =>
  name
    .replace(/[:.]$/, '')
    .replace(/[\p{Extended_Pictographic}\u{fe0f}\u{200d}]/gu, '')
    .replace(/\s*(?:[—–|-]+|\()\s*(?:makes|yields?|serves)\b.*$/i, '')
    .trim();
