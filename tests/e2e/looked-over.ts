import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import type { Page } from '@playwright/test';

/** What is wrong with how a page stands at the width that it has, in words; nothing where nothing is. */
export const wrongAtThisWidth = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const wrong: string[] = [];
    const named = (element: Element): string =>
      `${element.tagName.toLowerCase()} "${(element.getAttribute('aria-label') ?? element.textContent).trim().slice(0, 40)}"`;
    const seen = (element: Element): boolean => {
      const { width, height } = element.getBoundingClientRect();
      return (
        width > 1 && height > 1 && getComputedStyle(element).visibility !== 'hidden' && !element.closest('[aria-hidden=true]')
      );
    };
    const pans = (element: Element): boolean =>
      /auto|scroll/.test(getComputedStyle(element).overflowX) && element.scrollWidth > element.clientWidth + 1;
    if (document.documentElement.scrollWidth > innerWidth + 1)
      wrong.push(`scrolls sideways: ${document.documentElement.scrollWidth} px`);
    for (const element of document.querySelectorAll('main *, header *, nav *')) {
      const over = element.scrollWidth > element.clientWidth + 1;
      const beyond = element.children.length === 0 && element.getBoundingClientRect().right > innerWidth + 1;
      // Nearly all stand well: only what might not is looked at closely.
      if ((!over && !beyond) || !seen(element) || element.closest('.sr-only, thead')) continue;
      const { overflowX } = getComputedStyle(element);
      // Lanes of a day and drawings are moved under the hand on purpose; words are not.
      if (pans(element) && !element.querySelector('svg[role=group]')) wrong.push(`must be panned: ${named(element)}`);
      const clips = over && /hidden|clip/.test(overflowX);
      if (clips && element.textContent.trim() !== '') wrong.push(`cut: ${named(element)}`);
      if (element instanceof HTMLInputElement && element.type === 'text' && over) wrong.push(`cut field: ${element.value}`);
      if (beyond && !element.closest('[role=region]')) wrong.push(`beyond the edge: ${named(element)}`);
    }
    const rail = [...document.querySelectorAll('body > header > *')].filter(seen);
    for (const [i, element] of rail.entries()) {
      const after = rail[i + 1]?.getBoundingClientRect().left ?? Infinity;
      // What is in it counts: a box may be narrower than its words.
      const end = Math.max(
        ...[element, ...element.querySelectorAll('*')].filter(seen).map((one) => one.getBoundingClientRect().right),
      );
      if (end > after + 1) wrong.push(`lies over its neighbour: ${named(element)}`);
    }
    return [...new Set(wrong)];
  });

/** Least height and width of what a finger presses [px]; a pixel less is how borders are rounded. */
const FINGER_PX = 43;

/** What a finger would miss, in words. Links within a sentence may be as high as their line, and so may blocks that a list repeats. */
export const tooSmallForFingers = (page: Page): Promise<string[]> =>
  page.evaluate((least) => {
    const pressed = 'a, button, input, select, textarea, summary, [role=tab], [role=radio], [role=slider], [role=button]';
    return [...document.querySelectorAll(pressed)].flatMap((element) => {
      const style = getComputedStyle(element);
      if (element.closest('[aria-hidden=true], .sr-only, [data-listed-beside]') || style.visibility === 'hidden') return [];
      if (element.matches('p a') && style.display === 'inline') return [];
      const target = element.matches('[type=checkbox], [type=radio], [type=file]')
        ? (element.closest('label') ?? element)
        : element;
      const { width, height } = target.getBoundingClientRect();
      if (width <= 1 || height <= 1 || Math.min(width, height) >= least) return [];
      const name = (element.getAttribute('aria-label') ?? element.textContent).trim().slice(0, 40);
      return [`${element.tagName.toLowerCase()} "${name}" ${Math.round(width)} x ${Math.round(height)}`];
    });
  }, FINGER_PX);

const weighed = new Map<string, number>();
/** A script of the build, compressed [kB]. */
function weightOf(path: string): number {
  const known = weighed.get(path);
  if (known !== undefined) return known;
  const kb = gzipSync(readFileSync(path.replace('/_next/', '.next/'))).byteLength / 1000;
  weighed.set(path, kb);
  return kb;
}

/** The scripts that a page has loaded for itself by now, compressed [kB]; those of its workers and of old browsers are not among them. */
export async function scriptsOf(page: Page): Promise<number> {
  const own = await page.evaluate(() =>
    [...document.scripts].flatMap(({ src, noModule }) => (src === '' || noModule ? [] : [new URL(src).pathname])),
  );
  return [...new Set(own)].reduce((sum, path) => sum + weightOf(path), 0);
}
