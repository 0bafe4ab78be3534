import type { ReadCaution } from '@/formats/recipe-text';

const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, String.raw`\$&`);

/** The words of a line that a plain thing would do without: brackets round a danger, or "with" it; null where it is the thing itself. */
function partOfLine(line: string, words: string): RegExp | null {
  const name = escaped(words);
  for (const pattern of [
    String.raw`\s*[([][^()[\]]*${name}[^()[\]]*[)\]]`,
    String.raw`,?\s+(?:with|containing|contains|sweetened with)\s+${name}`,
  ]) {
    const part = new RegExp(pattern, 'i');
    if (part.test(line)) return part;
  }
  return null;
}

/** Whether a line can do without its danger: "peanut butter (with xylitol)" can, "1/2 cup xylitol" cannot. */
export const canDoWithout = ({ line, words }: ReadCaution): boolean => partOfLine(line, words) !== null;

/** The text with a line's danger taken out of it: the plain thing is taken instead. */
export function withoutDanger(text: string, { line, words }: ReadCaution): string {
  const part = partOfLine(line, words);
  return part === null ? text : text.replace(line, line.replace(part, ''));
}
