import type { Pantry } from '@/core/pantry';
import { readAny } from '@/formats/incoming';

const RUNS = 40;
const WARM_UP = 8;

const AMOUNTS = ['2 1/2 cups', '350 g', '1 large', '3 to 4 tbsp', '1 (15 oz) can', '1/3 cup'];
const NAMES = ['wholemeal flour', 'rolled oats', 'egg, beaten', 'cold water', 'pumpkin puree', 'peanut butter (no xylitol)'];

/** A recipe of sixty lines: thirty of the list, thirty of steps. */
const SIXTY_LINES = [
  'Sixty-line snaps',
  ...Array.from({ length: 29 }, (_, i) => `${AMOUNTS[i % AMOUNTS.length]} ${NAMES[(i * 5) % NAMES.length]}`),
  'Method',
  ...Array.from(
    { length: 29 },
    (_, i) => `${i + 1}. Roll to 1/4 inch, bake at ${170 + i} °C for ${20 + i} minutes, then turn half-way.`,
  ),
].join('\n');

/** A page of a megabyte with its recipe published in the middle, as sites do. */
const PAGE = ((): string => {
  const recipe = {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: 'Snaps',
    recipeIngredient: SIXTY_LINES.split('\n').slice(1, 30),
    recipeInstructions: [{ '@type': 'HowToStep', text: 'Bake at 350°F for 25 minutes.' }],
  };
  const filler = `<div class="card"><p>Some words about a walk.</p><a href="#">more</a></div>\n`;
  const half = filler.repeat(Math.ceil(500_000 / filler.length));
  return `<!doctype html><html><body>${half}<script type="application/ld+json">${JSON.stringify(recipe)}</script>${half}</body></html>`.slice(
    0,
    999_000,
  );
})();

function times(content: string, pantry: Pantry): number[] {
  const found: number[] = [];
  for (let i = 0; i < RUNS; i++) {
    const start = performance.now();
    const read = readAny(content, pantry);
    if (!read.ok) throw new Error(read.message);
    found.push(performance.now() - start);
  }
  return found.slice(WARM_UP);
}

/** How long a recipe of sixty lines and a page of a megabyte take to be read [ms]. */
export const readingTimes = (pantry: Pantry): { readonly text: number[]; readonly page: number[] } => ({
  text: times(SIXTY_LINES, pantry),
  page: times(PAGE, pantry),
});
