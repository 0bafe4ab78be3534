/** What parts one statement from the next; brackets make a statement of their own. */
const STATEMENT = /[.;!?()[\]{}:|]|\s-+\s/g;

const NEGATOR =
  /\b(?:no|not|never|non|without|w\/o|avoid(?:ing)?|omit|skip|leave out|leaving out|zero|free (?:of|from)|don'?t|do not|does not|doesn'?t|isn'?t|aren'?t|cannot|instead of|rather than|nor|minus|exclud(?:e|es|ing)|contains? no|before (?:any|the|adding)|never met)\b/g;
/** A negator that asks for the thing all the same. */
const ASKS_FOR_IT = /\b(?:don'?t|do not|never|not)\s+(?:forget|skip|omit|leave out|worry|only|be shy)\b/g;
/** What ends the reach of a negator. */
const TURNS = /\b(?:but|however|ok|okay|fine|although|except|unless|allowed|use)\b/;
const WARNED_AFTER =
  /^[^.;()]*?\b(?:is|are|can be|which is)\s+(?:very |highly |extremely )?(?:toxic|poison\w*|harmful|dangerous|deadly|lethal|bad|forbidden|unsafe|not (?:safe|ok|allowed|for dogs))\b/;
const REMOVED_AFTER =
  /^s?,?\s*(?:and\s+\w+\s+)?(?:(?:has|have)\s+been\s+|all\s+|well\s+)?(?:removed|taken out|left out|omitted|picked out|discarded)\b/;
const FREE_AFTER = /^(?:[- ]?free|[- ]less)\b|^-?(?:\s*(?:,|and|or|&)\s*[a-z]+){0,2}[- ]free\b/;
const AWAY_AFTER = /^[^.;]*\baway from\b/;

/** "Do not use pie filling (it has nutmeg)": the reason of a denial in brackets. */
const REASON = /^\s*(?:it|which|they|that|this)?\s*(?:often |usually |may |can )?(?:has|have|contains?|holds?)\b/;
const NEGATED_BEFORE = /\b(?:not|never|don't|avoid|no)\b[^.;!?]{0,60}[([]$/;

/** The statement that a place of a text stands in. */
function statementAround(text: string, start: number, end: number): { before: string; after: string } {
  let from = 0;
  let to = text.length;
  for (const { index, 0: mark } of text.matchAll(STATEMENT)) {
    if (index + mark.length <= start) from = index + mark.length;
    else if (index >= end) {
      to = index;
      break;
    }
  }
  return { before: text.slice(from, start), after: text.slice(end, to) };
}

/**
 * Whether the words around a name say that it is not there, or warn of it: "no onion or garlic", "xylitol-free",
 * "(xylitol is toxic to dogs)", "bones removed". A list that is denied is denied to its "or"; what is said after a comma
 * without one is another statement: "no nuts, raisins ok".
 *
 * @param text - lower case, with plain hyphens and apostrophes
 */
export function isDenied(text: string, start: number, end: number): boolean {
  const { before, after } = statementAround(text, start, end);
  if (FREE_AFTER.test(after) || WARNED_AFTER.test(after) || REMOVED_AFTER.test(after) || AWAY_AFTER.test(after)) return true;
  if (REASON.test(before) && NEGATED_BEFORE.test(text.slice(0, start - before.length))) return true;
  const asked = before.replace(ASKS_FOR_IT, (words) => ' '.repeat(words.length));
  const negators = [...asked.matchAll(NEGATOR)];
  const last = negators.at(-1);
  if (!last) return false;
  const between = asked.slice(last.index + last[0].length);
  if (TURNS.test(between) && !/^\s*use\b/.test(between)) return false;
  if (!between.includes(',')) return true;
  return /\b(?:or|nor|and)\b/.test(lastOfList(between + ' ' + text.slice(start, end) + after));
}

/** What of a list of words stands from its last comma on, as far as the list goes on in single words. */
function lastOfList(words: string): string {
  const items = words.split(',');
  const long = items.slice(1, -1).findIndex((item) => item.trim().split(/\s+/).length > LONGEST_ITEM);
  return long === -1 ? (items.at(-1) ?? '') : '';
}
/** Longest thing in a list of things [words]. Source: ours. */
const LONGEST_ITEM = 3;
