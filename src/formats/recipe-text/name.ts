import { canBeMashed, findIngredient, type Finding, type Ingredient, type Pantry } from '@/core/pantry';
import { BRACKETS } from './quantity';

const PUREED = /\b(puree|purée|pureed|puréed|mashed|mash|pulp|stewed)\b/i;
export const isPuree = (written: string): boolean => PUREED.test(written);

/** What a line means: its ingredient, whether that is mashed, and what to ask about it. */
type Named = {
  readonly row: Ingredient | null;
  readonly mashed: boolean;
  readonly question: string | null;
  readonly choices: readonly Ingredient[];
};

/** The ingredient of a line, without what is said about handling it. */
export function named(written: string, pantry: Pantry): Named {
  const unbracketed = written.replace(BRACKETS, ' ');
  const [first, ...alternatives] = unbracketed.split(/\s+or\s+/i);
  const name = headOf(first, pantry);
  if (name.trim() === '')
    return { row: null, mashed: false, question: `What is "${written.trim()}"? Name the ingredient.`, choices: [] };
  const said =
    kindInBrackets(written, name, pantry) ?? mashedKind(unbracketed, name, pantry) ?? cookedKind(written, name, pantry);
  const finding = said ?? withNounOf(alternatives, name, pantry) ?? pureed(name, pantry) ?? findIngredient(name, pantry);
  const other = alternatives.length > 0 && !/^\s*(more|less|so|to taste|as needed|as required)\b/i.test(alternatives[0]);
  const question = other ? `"${written.trim()}" leaves a choice. Which one do you take?` : questionAbout(name, finding);
  const mashed = finding.row !== null && PUREED.test(unbracketed) && canBeMashed(finding.row);
  // What the words leave open, each of it to be taken with one press.
  const meant = other
    ? [finding.row, ...alternatives.map((one) => findIngredient(headOf(one, pantry), pantry).row)]
    : [finding.row, ...finding.others];
  const choices = question === null ? [] : [...new Set(meant.flatMap((row) => row ?? []))];
  return { row: finding.row, mashed, question, choices };
}

/** "Rice flour (brown)", "sweet potato (mashed)", "oil (olive)": the kind stands in brackets. */
function kindInBrackets(written: string, name: string, pantry: Pantry): Finding | null {
  const alone = findIngredient(name, pantry);
  for (const [, inside] of written.matchAll(BRACKETS)) {
    if (
      /\d|^(?:with|contain|or|optional|for|see|any|if)|\b(?:no|not|without|free)\b/i.test(inside) ||
      inside.trim().split(/\s+/).length > SHORT_TAIL
    )
      continue;
    const both = findIngredient(`${inside} ${name}`, pantry);
    if (both.sure && both.row !== alone.row) return both;
    // Several rows fit the words in brackets: one is taken and asked about.
    if (!both.sure && both.row === null && both.others.length > 1 && alone.row && both.others.includes(alone.row))
      return { ...alone, sure: false, unexplained: [], others: both.others };
  }
  return null;
}

/** "peas, cooked and mashed": the table has a row for the mash. */
function mashedKind(written: string, name: string, pantry: Pantry): Finding | null {
  if (!PUREED.test(written) || PUREED.test(name)) return null;
  const mash = findIngredient(`mashed ${name.replace(COOKED, ' ')}`, pantry);
  return mash.sure && mash.row !== findIngredient(name, pantry).row ? mash : null;
}

const COOKED = /\b(?:cooked|roast(?:ed)?|boiled|poached|baked|steamed)\b/i;

/** "chicken breast, cooked": cooked and raw are two rows; where the table has only the raw one that is asked about. */
function cookedKind(written: string, name: string, pantry: Pantry): Finding | null {
  if (!COOKED.test(written)) return null;
  const raw = findIngredient(name, pantry);
  if (!raw.row || raw.row.rawAnimal === null || raw.row.category === 'egg') return null;
  const cooked = findIngredient(`cooked ${name.replace(COOKED, ' ')}`, pantry);
  if (cooked.sure && cooked.row !== raw.row) return cooked;
  return { ...raw, sure: false, unexplained: ['cooked'] };
}

/** A longer remark behind a comma is no part of the name [words]. */
const SHORT_TAIL = 4;

/** "beef or chicken broth" is two broths: the first one borrows the noun of the second. */
function withNounOf(alternatives: readonly string[], name: string, pantry: Pantry): Finding | null {
  const noun = alternatives[0]?.trim().split(/\s+/).pop();
  const borrowed = noun && !name.includes(noun) ? findIngredient(`${name} ${noun}`, pantry) : null;
  return borrowed?.row && borrowed.unexplained.length === 0 ? borrowed : null;
}

/** Before the first comma, unless the pantry needs what follows: "oats, ground". */
function headOf(written: string, pantry: Pantry): string {
  const [head, ...tail] = written.split(/[,;]|\s-\s/);
  if (tail.length === 0) return head;
  const whole = findIngredient(written, pantry);
  const alone = findIngredient(head, pantry);
  return whole.sure && whole.row !== alone.row && (!alone.sure || tail.join(' ').trim().split(/\s+/).length <= SHORT_TAIL)
    ? written
    : head;
}

/** A puree that the pantry has no row for is counted as the thing itself, and asked about. */
function pureed(name: string, pantry: Pantry): Finding | null {
  if (!PUREED.test(name) || findIngredient(name, pantry).sure) return null;
  const plain = findIngredient(name.replace(PUREED, ' '), pantry);
  return plain.row && plain.sure ? { ...plain, sure: false, unexplained: ['puree'] } : null;
}

function questionAbout(name: string, { row, sure, unexplained, others }: Finding): string | null {
  if (sure) return null;
  const written = `"${name.trim()}"`;
  if (row && unexplained.includes('puree'))
    return `${written} is counted as ${row.name.toLowerCase()}, mashed. Is it that? Cooked puree may be wetter: weigh some and dry it.`;
  const choice = others.map((other) => other.name).join(', ');
  if (row)
    return unexplained.length > 0
      ? `${written} is taken as ${row.name}. Is that right? "${unexplained.join(' ')}" was not understood.`
      : `${written} leaves open which kind. It is taken as ${row.name}. Is that right?`;
  return choice === ''
    ? `The pantry does not know ${written}. Choose an ingredient, or add it from its packet.`
    : `Which one is ${written}: ${choice}? Or add it to the pantry.`;
}
