import { expect } from '@playwright/test';
import { scriptsOf, tooSmallForFingers, wrongAtThisWidth } from '../looked-over';
import { expectAccessibleInColour, expectContrast } from '../accessible';
import { test } from '../page';
import { STRAY, strayUnits } from '../stray-units';

/** Every place and dead end, as a stranger may enter it. */
const PLACES = [
  '/',
  '/recipes',
  '/recipes/lamb-liver-squares',
  '/recipes/lamb-liver-squares/edit',
  '/recipes/new',
  '/day',
  '/oven',
  '/jars',
  '/practice',
  '/log',
  '/dogs',
  '/pantry',
  '/pantry/shopping',
  '/kit',
  '/settings',
  '/bin',
  '/people',
  '/kitchens/new',
  '/help',
  '/sign-in',
  '/pair',
  '/offline',
  '/batch/nonsense',
];
const BENCHES = ['weigh', 'mix', 'shape', 'heat', 'cool', 'pack', 'keep'];
const PHONE = { width: 360, height: 780 };
const TABLET = { width: 820, height: 1180 };
const DESK = { width: 1280, height: 800 };
/** A desk's window made four times as large, as whoever sees little does. */
const LARGE = { width: 320, height: 256 };
const WIDTHS = [LARGE, PHONE, { width: 430, height: 900 }, TABLET, DESK];
const TRIED = [PHONE, TABLET, DESK];
/** What a page's scripts may weigh, and a batch's, which works things out [kB]. */
const MOST_KB = { page: 260, batch: 320 };

const settled = expect.configure({ soft: true });

test.use({ hasTouch: true });

test('every page stands at every width, by day and by night, with room for fingers and a title of its own', async ({
  page,
  troubles,
}) => {
  await page.goto('/log');
  const entry = await page.getByRole('link', { name: 'Open', exact: true }).first().getAttribute('href');
  const batch = await page.locator('nav a', { hasText: 'Batch' }).first().getAttribute('href');
  const addresses = [
    ...PLACES,
    entry ?? '',
    `${batch}/label`,
    `${batch}/sheet`,
    ...BENCHES.map((bench) => `${batch}?bench=${bench}`),
  ];
  const titles = new Map<string, string>();
  for (const [i, address] of addresses.entries())
    await test.step(address, async () => {
      await page.setViewportSize(PHONE);
      await page.goto(address);
      const most = address.includes('/batch/') ? MOST_KB.batch : MOST_KB.page;
      expect.soft(await scriptsOf(page), `scripts of ${address} [kB]`).toBeLessThan(most);
      // A day has another one, for its print only.
      await expect(page.locator('main h1').filter({ visible: true })).toHaveCount(1);
      const title = await page.title();
      const place = address.split('?')[0];
      expect(titles.get(title) ?? place, `${title} is also the title of ${titles.get(title)}`).toBe(place);
      titles.set(title, place);
      expect.soft(await tooSmallForFingers(page), address).toEqual([]);
      for (const size of WIDTHS) {
        await page.setViewportSize(size);
        // What is drawn follows the width a moment later.
        await settled.poll(() => wrongAtThisWidth(page), { message: `${address} at ${size.width}`, timeout: 10_000 }).toEqual([]);
      }
      // By day at one width and by night at the next: over all pages, every width is seen in both.
      await page.setViewportSize(TRIED[i % TRIED.length]);
      await expectAccessibleInColour(page);
      expect.soft(await strayUnits(page, STRAY.metric), address).toEqual([]);
      await page.setViewportSize(TRIED[(i + 1) % TRIED.length]);
      await page.locator('html').evaluate((html) => html.setAttribute('data-theme', 'night'));
      await expectContrast(page);
    });
  troubles.splice(0, troubles.length, ...troubles.filter((trouble) => !/404/.test(trouble)));
});

test('a page begins at its heading, its keys can be switched off, and help is a key away', async ({ page }) => {
  await page.goto('/recipes');
  await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'Jars' }).click();
  await expect(page.getByRole('heading', { name: 'Jars', level: 1 })).toBeFocused();
  await page.keyboard.press('?');
  await expect(page.getByRole('heading', { name: 'Help: Jars' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
  await page.goto('/dogs');
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'Skip to the page' })).toBeFocused();
});

test('a batch that is carried on with is read from the page as served', async ({ page, request }) => {
  await page.goto('/');
  const batch = await page.locator('nav a', { hasText: 'Batch' }).first().getAttribute('href');
  // What is carried on with is drawn ahead; a moment later its page comes with the bands in it.
  await expect
    .poll(async () => (await (await request.get(`${batch}?bench=keep`)).text()).includes('at least'), { timeout: 20_000 })
    .toBe(true);
  const served = await (await request.get(`${batch}?bench=keep`)).text();
  const figure = (what: string, html: string): string | undefined =>
    new RegExp(`data-outcome="${what}"[^>]*><strong[^>]*>([^<]+)<`).exec(html)?.[1];
  const before = ['snap', 'keeps', 'pieces'].map((what) => figure(what, served));
  expect(before.every(Boolean)).toBe(true);
  await page.goto(`${batch}?bench=keep`);
  await page.waitForLoadState('networkidle');
  const after = await page.evaluate(() =>
    ['snap', 'keeps', 'pieces'].map((what) => document.querySelector(`[data-outcome="${what}"] strong`)?.textContent),
  );
  expect(after).toEqual(before);
  // What a bench asks as it is first drawn is answered as well, also where nobody has touched the page.
  await expect(page.getByRole('region', { name: /would buy/ })).toHaveAttribute('aria-busy', 'false');
  await page.goto(`${batch}?bench=cool`);
  await expect(page.getByRole('figure', { name: /^How it cools/ })).toBeVisible();
});

/** What is taken along on paper, and the pages that it may take; a list as long as the kitchen's may take more. */
const PRINTED: ReadonlyArray<readonly [address: string, most: number]> = [
  ['/recipes/lamb-liver-squares', 2],
  ['BATCH', 1],
  ['BATCH/sheet', 1],
  ['BATCH/label', 1],
  ['/day', 2],
  ['/jars', 2],
  ['/log', 4],
  ['/pantry/shopping', 2],
  ['/dogs', 3],
];
/** What is left of a page between its margins of 12 mm, at 96 dots an inch. */
const PAPER = { A4: { width: 703, height: 1032 }, Letter: { width: 725, height: 965 } } as const;

test('what is taken along prints whole on A4 and Letter, without what is only for a screen', async ({ page }) => {
  await page.goto('/');
  const batch = (await page.locator('nav a', { hasText: 'Batch' }).first().getAttribute('href')) ?? '';
  for (const [place, most] of PRINTED)
    await test.step(place, async () => {
      await page.goto(place.replace('BATCH', batch));
      await page.emulateMedia({ media: 'print' });
      for (const [format, size] of Object.entries(PAPER)) {
        await page.setViewportSize(size);
        await settled.poll(() => wrongAtThisWidth(page), { message: `${place} on ${format}`, timeout: 10_000 }).toEqual([]);
        await settled(
          page.locator('nav, button:not([aria-haspopup], table button), form, input[type=file]').filter({ visible: true }),
        ).toHaveCount(0);
        const pdf = (await page.pdf({ format })).toString('latin1');
        expect.soft(pdf.match(/\/Type \/Page\b/g)?.length, `pages of ${place} on ${format}`).toBeLessThanOrEqual(most);
      }
      await page.emulateMedia({ media: 'screen' });
    });
});
