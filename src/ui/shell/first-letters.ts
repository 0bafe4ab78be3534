import { preload } from 'react-dom';

/** The letters that every page begins with; rarer ones are fetched where they stand. */
const LETTERS = [
  new URL(
    '@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2',
    import.meta.url,
  ),
  new URL('@fontsource-variable/bricolage-grotesque/files/bricolage-grotesque-latin-wght-normal.woff2', import.meta.url),
];

/**
 * Asks for the letters with the page, not once its style is read: the page is then laid out in them at once, and not in others first,
 * which have to be looked for on the machine.
 */
export function preloadLetters(): void {
  for (const { href } of LETTERS) preload(href, { as: 'font', type: 'font/woff2', crossOrigin: 'anonymous' });
}
