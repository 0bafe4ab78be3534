import type { Measures } from './measure';

/** Whose cups a recipe means, and what tells it. */
export type WhoseCups = {
  readonly meant: 'us' | 'metric' | 'uk';
  readonly because: string;
  /** null where the words say it, or where it does not matter. */
  readonly question: string | null;
};

type Sign = readonly [words: RegExp, telling: string];
/** What only one side of the sea writes. Each is told by the words it stands in. */
const AMERICAN: readonly Sign[] = [
  [/\d\s*°?\s*F\b|fahrenheit|degrees f\b/i, 'the heat is in °F'],
  [/\b(?:at|oven|to)\s*(?:3[0-9]0|4[0-5]0|3[0-9]5|275|425)\b(?!\s*(?:g|ml|°?\s*c\b))/i, 'the oven is set as in °F'],
  [/\ball[- ]purpose\b/i, 'it says "all-purpose"'],
  [/\bsticks? (?:of |cold |softened |unsalted )*(?:butter|margarine)\b/i, 'butter comes in sticks'],
  [
    /\b(?:canola|zucchini|garbanzo|cornstarch|cilantro|rutabaga|confectioners'?|graham|half[- ]and[- ]half|parchment|cookie sheet|broil)\b/i,
    'its words are American',
  ],
  [/\bwhole[- ]wheat\b/i, 'it says "whole wheat"'],
  [/\b\d+(?:\s*\d\/\d|[½¼¾])?\s*(?:oz|ounces?|lbs?|pounds?)\b/i, 'it weighs in ounces or pounds'],
  [/\b(?:inch(?:es)?|")(?![a-z])/i, 'it measures in inches'],
  [/\b(?:fl\.? ?oz|quarts?|pints?) /i, 'it measures in fluid ounces'],
];
const METRIC: readonly Sign[] = [
  [/\baustralian\b|\bnew zealand\b|\bmetric cups?\b|\b250 ?ml cups?\b/i, 'it says so'],
  [/\d\s*°?\s*C\b(?!ups?)|celsius/, 'the heat is in °C'],
  [/\bgas mark\b|\bgas \d\b/i, 'it has a gas mark'],
  [
    /\b(?:plain flour|self[- ]raising|wholemeal|bicarb(?:onate)?|cornflour|courgette|beetroot|swede|mince\b|linseed|porridge oats|caster|treacle|tins? of|rapeseed|baking tray|bikkies|biscuits?)\b/i,
    'its words are British or Australian',
  ],
  [/\b\d+\s*(?:g|grams?|kg|ml)\b/i, 'it weighs in grams'],
  [/\b\d+(?:[.,]\d+)?\s*(?:cm|mm)\b/i, 'it measures in centimetres'],
];
const UK: readonly Sign[] = [[/\b(?:imperial|british|uk) cups?\b|\bbreakfast cups?\b/i, 'it says so']];

const CUP = /\b(?:cups?|c\.)\b/i;
/** How many more signs make one side sure. Source: ours. */
const SURE_BY = 2;

/**
 * Whose cups, spoons and ounces are meant, guessed from the words.
 *
 * @param choice - what the baker says; it counts before any word
 * @param usual - the kitchen's own, where the words say nothing
 */
export function whoseCups(
  text: string,
  choice: Measures | undefined,
  usual: Measures = 'us',
): WhoseCups & { readonly measures: Measures } {
  if (choice !== undefined) return { measures: choice, meant: nameOf(choice), because: 'you said so', question: null };
  const signs = { us: told(AMERICAN, text), metric: told(METRIC, text), uk: told(UK, text) };
  const asked = CUP.test(text);
  if (signs.uk.length > 0) return { measures: 'imperial', meant: 'uk', because: signs.uk[0], question: null };
  if (signs.metric[0] === 'it says so') return { measures: 'metric', meant: 'metric', because: 'it says so', question: null };
  const lead = signs.us.length - signs.metric.length;
  const measures: Measures = lead > 0 ? 'us' : lead < 0 ? 'metric' : usual;
  const because =
    [...(lead >= 0 ? signs.us : []), ...(lead <= 0 ? signs.metric : [])].slice(0, 3).join(', ') ||
    'no word tells it; your kitchen measures so';
  const open =
    asked && (Math.abs(lead) < SURE_BY || (signs.us.length > 0 && signs.metric.length > 0 && Math.abs(lead) < SURE_BY + 1));
  return {
    measures,
    meant: nameOf(measures),
    because,
    question: open ? 'Whose cups are these: US (237 ml), metric (250 ml) or old British (284 ml)?' : null,
  };
}

const told = (signs: readonly Sign[], text: string): string[] =>
  signs.filter(([words]) => words.test(text)).map(([, telling]) => telling);
const nameOf = (measures: Measures): WhoseCups['meant'] => (measures === 'imperial' ? 'uk' : measures);
