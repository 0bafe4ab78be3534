import { findIngredient, type Pantry } from '@/core/pantry';
import { plainText, readAmount } from './amount';
import { notFood, readMeasure } from './measure';

/** Where one thing of a list may end and the next begin: a mark or an "and", with an amount behind it. */
const NEXT = /^(?:[,;]\s*(?:and\s+)?|\s+(?:and|plus|\+|&)\s+)(?=[\d½¼¾⅓⅔⅛.]|an?\s|one\s|two\s|three\s|four\s|half\s|pinch\b)/i;

/** "½ cup each of oat flour and rice flour": each of them has that amount. */
const EACH = /^(.+?)\s+each(?:\s+of|:)?\s+(.+?)(?:,\s*|\s+and\s+|\s*&\s*)(.+)$/i;

/** One line may list several: "2 cups flour, 1 egg and 1/3 cup oil". It is cut only where another amount begins. */
export function splitItems(line: string, pantry: Pantry): string[] {
  const each = EACH.exec(line);
  const amount = each ? readAmount(plainText(each[1])) : null;
  if (each && amount && findIngredient(each[2], pantry).row)
    return [each[2], ...each[3].split(/,\s*(?:and\s+)?|\s+and\s+|\s*&\s*/)].map((name) => `${each[1]} ${name.trim()}`);
  return cutAtAmounts(line, pantry);
}

function cutAtAmounts(line: string, pantry: Pantry): string[] {
  const parts: string[] = [];
  let open = 0;
  let start = 0;
  const text = plainText(line);
  for (let i = 0; i < text.length; i++) {
    if (text[i] === '(') open++;
    else if (text[i] === ')') open = Math.max(0, open - 1);
    const cut = open === 0 ? NEXT.exec(text.slice(i)) : null;
    // "1,5 dl" and "1,000 g" have their comma inside a number.
    if (!cut || (/\d/.test(text[i - 1] ?? '') && /^,\d/.test(text.slice(i)))) continue;
    const before = text.slice(start, i).trim();
    const rest = text.slice(i + cut[0].length);
    const next = /^pinch\b/i.test(rest) ? readAmount(`a ${rest}`) : readAmount(rest);
    if (!/[a-z]{2}/i.test(before) || !next || notFood(next.rest, next.amount) || isOnlyMeasure(next.rest)) continue;
    // "Chicken breast, 600 g, sliced": the amount belongs to the name before it.
    if (!readAmount(before) && !/\d/.test(before) && parts.length === 0) continue;
    // "1 cup plus 2 tbsp oats", "3 and a half cups": the second amount belongs to the first.
    if (!/^[,;]/.test(cut[0]) && !isWhole(before, pantry)) continue;
    parts.push(before);
    start = i + cut[0].length;
    i = start - 1;
  }
  return parts.length === 0 ? [line] : [...parts, text.slice(start).trim()].filter(Boolean);
}

/** "1 tin, 120 g": the second amount is of the first thing, not of one of its own. */
function isOnlyMeasure(rest: string): boolean {
  const { measure, rest: name } = readMeasure(rest, 'us');
  return measure !== null && !/^[^,;]*[a-z]{2}/i.test(name);
}

/** Whether words name a food by themselves. */
function isWhole(words: string, pantry: Pantry): boolean {
  const amount = readAmount(words);
  return findIngredient(amount ? amount.rest : words, pantry).row !== null;
}
