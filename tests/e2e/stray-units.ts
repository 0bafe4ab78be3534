import { readFileSync, readdirSync } from 'node:fs';
import type { Page } from '@playwright/test';

const MONTH = '(?:Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec)';
/** What no page may say to who reads the other way. Shares of a hundred grams and the grams that a label must carry stand for everybody. */
export const STRAY = {
  us: new RegExp(
    [
      String.raw`[\d¼½¾]\s?(?:mm|cm|kg|g|ml|m)(?![\w/²³·])`,
      '°C',
      String.raw`(?<![\d:])(?:1[3-9]|2[0-3]):\d\d(?!:)`,
      // Not the day of one month before the name of the next, as marks of a scale stand side by side.
      String.raw`(?<!${MONTH} )\b\d{1,2} ${MONTH}\b`,
    ].join('|'),
    'g',
  ),
  metric: new RegExp(
    [
      String.raw`\d\s?(?:oz|lb|ft|fl oz|″)\b`,
      // Not the second load of two that goes in.
      String.raw`(?<!\bof \d*)\d in\b(?! [\da-z])`,
      '°F',
      String.raw`\d (?:am|pm)\b`,
      String.raw`\b${MONTH} \d{1,2},`,
    ].join('|'),
    'g',
  ),
} as const;
const FOR_EVERYBODY = /\b(?:per|in) 100 g\b|\(\d+ g\)/g;

/** Names, notes and steps that the demo's bakers wrote in units of their own: as written is as read. */
function written(): string[] {
  const texts: string[] = [];
  const gather = (value: unknown): void => {
    if (typeof value === 'string') texts.push(value);
    else if (typeof value === 'object' && value !== null) Object.values(value).forEach(gather);
  };
  const filesIn = (folder: string): string[] => readdirSync(folder).map((name) => `${folder}/${name}`);
  for (const file of ['data/demo-kitchen.json', ...filesIn('data/recipes'), ...filesIn('examples')].filter((name) =>
    name.endsWith('.json'),
  ))
    gather(JSON.parse(readFileSync(file, 'utf8')));
  const small = texts.filter((text) => /\d/.test(text) && text.length > 6).map((text) => text.toLowerCase());
  return [...new Set(small)].sort((one, other) => other.length - one.length);
}
const WRITTEN = written();

/** Everything that a page says, to the eye and aloud, block by block. */
const said = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const inline = new Set(['SPAN', 'STRONG', 'SMALL', 'EM', 'TSPAN', 'A', 'MARK']);
    const blocks = new Set<Element>();
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      let block = node.parentElement;
      while (block && inline.has(block.tagName.toUpperCase())) block = block.parentElement;
      if (block && block.tagName !== 'SCRIPT' && block.tagName !== 'STYLE' && !block.closest('[data-written]')) blocks.add(block);
    }
    // What may be pasted is shown as somebody wrote it.
    const aloud = [...document.querySelectorAll('[aria-label],[aria-valuetext],[title],[placeholder]')].flatMap((element) =>
      ['aria-label', 'aria-valuetext', 'title', ...(element.tagName === 'TEXTAREA' ? [] : ['placeholder'])].map(
        (name) => element.getAttribute(name) ?? '',
      ),
    );
    // A block's own words, without those of the blocks in it. What stands in an element of its own is a word of its own.
    const wordsOf = (of: Element): string =>
      [...of.childNodes]
        .map((child) => {
          if (!(child instanceof Element)) return child.textContent ?? '';
          return blocks.has(child) || child.matches('script, style') ? '' : ` ${wordsOf(child)} `;
        })
        .join('');
    return [...[...blocks].map(wordsOf), ...aloud].map((text) => text.replace(/\s+/g, ' '));
  });

/** A text without what somebody wrote, also where it is said in small letters within a sentence. */
function withoutWritten(text: string): string {
  let rest = text;
  for (const words of WRITTEN)
    for (let at = rest.toLowerCase().indexOf(words); at >= 0; at = rest.toLowerCase().indexOf(words))
      rest = `${rest.slice(0, at)}…${rest.slice(at + words.length)}`;
  return rest;
}

/** Places on a page where a number stands in the other system, with the words around it. */
export async function strayUnits(page: Page, stray: RegExp): Promise<string[]> {
  const found: string[] = [];
  for (const text of await said(page)) {
    // What somebody wrote is only looked for where something may be wrong.
    if (text.search(stray) < 0) continue;
    const own = withoutWritten(text).replaceAll(FOR_EVERYBODY, '…');
    for (const { index, 0: unit } of own.matchAll(stray))
      found.push(own.slice(Math.max(0, index - 40), index + unit.length + 20));
  }
  return [...new Set(found)];
}
