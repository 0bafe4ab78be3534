import { nearWord } from '../pantry';
import type { FoundDanger } from './danger';
import { isDenied } from './denied';
import { DANGERS } from './list';

/** Names that nothing harmless is a slip of the finger away from. */
const OFTEN_MISSPELT: ReadonlySet<string> = new Set([
  'xylitol',
  'chocolate',
  'avocado',
  'macadamia',
  'nutmeg',
  'onion',
  'onions',
  'garlic',
  'raisins',
  'sultanas',
  'caffeine',
]);

/** A text as it is searched, and where each of its characters stands in the text as written. */
type Searched = { readonly plain: string; readonly at: readonly number[] };

/** The text in lower case, with slips of the finger in the names of dangers mended. */
function searched(text: string): Searched {
  const lower = text.toLowerCase().replace(/[’‘]/g, "'").replace(/[–—−]/g, '-');
  let plain = '';
  const at: number[] = [];
  for (const { 0: part, index } of lower.matchAll(/[a-z]{5,}|[^a-z]+|[a-z]+/g)) {
    const meant =
      part.length < SHORTEST || OFTEN_MISSPELT.has(part) || NOT_SLIPS.has(part) ? null : nearWord(part, OFTEN_MISSPELT);
    const put = meant ?? part;
    for (let i = 0; i < put.length; i++) at.push(index + Math.min(i, part.length - 1));
    plain += put;
  }
  return { plain, at: [...at, text.length] };
}
/** Shorter words are not guessed at [characters]. Source: ours. */
const SHORTEST = 5;
/** Words of their own that lie one letter away. Source: ours, from a list of English words. */
const NOT_SLIPS: ReadonlySet<string> = new Set(['union', 'unions', 'anion', 'anions', 'raising', 'raisin', 'garlics', 'gaelic']);

const blanked = (text: string, alike: RegExp | undefined): string =>
  alike ? text.replace(alike, (words) => ' '.repeat(words.length)) : text;

/**
 * Finds what hurts dogs in a text: every name, in brackets too, that its own words do not deny ("no onion", "xylitol-free").
 *
 * @param text - a line, a step or a title, as written
 * @returns each danger once with the words that name it, in the order of the text
 */
export function findDangers(text: string): FoundDanger[] {
  const { plain, at } = searched(text);
  const found = new Map<string, FoundDanger>();
  for (const { code, severity, named, alike, why } of DANGERS)
    for (const match of blanked(plain, alike).matchAll(named)) {
      const last = match.index + match[0].length;
      if (isDenied(plain, match.index, last)) continue;
      const [start, end] = [at[match.index], at[last - 1] + 1];
      const before = found.get(code);
      if (before && GRAVITY[before.severity] >= GRAVITY[severity]) continue;
      found.set(code, { code, severity, why, words: text.slice(start, end).trim(), start, end });
    }
  return [...found.values()].sort((a, b) => a.start - b.start);
}

/** Which severity counts before which. */
export const GRAVITY = { note: 0, mind: 1, stop: 2 } as const;
