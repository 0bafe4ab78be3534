import { dayNumber } from '../quantities';

const ALPHABET = '0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZ';

/**
 * A lot: the maker's letter, two digits of the year, the day of the year, the batch's letter, and a check character
 * that finds one wrong or two swapped characters.
 */
export function lotOf(bakedOn: string, batchLetter: string, makerLetter: string): string {
  const year = bakedOn.slice(0, 4);
  const day = dayNumber(bakedOn) - dayNumber(`${year}-01-01`) + 1;
  const body = `${makerLetter}${year.slice(2)}${String(day).padStart(3, '0')}${batchLetter}`;
  return `${body}-${checkCharacter(body)}`;
}

/** True when a lot's check character fits the rest. */
export function isLot(text: string): boolean {
  const found = /^([A-Z]\d{5}[A-Z])-([0-9A-Z])$/.exec(text);
  return found !== null && checkCharacter(found[1]) === found[2];
}

/** Sums of digits, doubled by turns from the right, to a multiple of 36. Source: Luhn mod N. */
function checkCharacter(body: string): string {
  let sum = 0;
  let doubled = true;
  for (const character of [...body].reverse()) {
    const value = ALPHABET.indexOf(character) * (doubled ? 2 : 1);
    sum += Math.floor(value / 36) + (value % 36);
    doubled = !doubled;
  }
  return ALPHABET[(36 - (sum % 36)) % 36];
}
