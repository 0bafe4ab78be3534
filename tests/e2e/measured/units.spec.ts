import { expect, type Page } from '@playwright/test';
import { METRIC_READER, US_READER, type Reader } from '@/core/said';
import { predicted, test } from '../page';
import { STRAY, strayUnits } from '../stray-units';

/** Keeps in what the kitchen is read, over whatever stands there. */
async function read(page: Page, reader: Reader): Promise<void> {
  let revision = 0;
  for (;;) {
    const answer = await page.request.put('/api/settings/reads', { data: { revision, document: reader } });
    if (answer.ok()) return;
    const refused = (await answer.json()) as { readonly current?: { readonly revision: number } };
    if (!refused.current) throw new Error(`not kept: ${answer.status()}`);
    revision = refused.current.revision;
  }
}

/** The first link of a page that goes somewhere below an address. */
const firstBelow = async (page: Page, place: string, not = 'new'): Promise<string> => {
  await page.goto(`/${place}`);
  const links = page.locator(`main a[href^="/${place}/"]`);
  const all = await links.evaluateAll((found) => found.map((link) => link.getAttribute('href') ?? ''));
  return all.find((href) => !href.endsWith(not) && !href.includes('compare')) ?? `/${place}`;
};

/** A recipe that leaves something to ask, and that does not keep for as long as it says. */
const BROUGHT = `Sorghum rounds
Makes 60
2 cups sorghum flour
1 large egg
1/3 cup water
Roll 1/4 inch thick, cut 1 1/4 inch circles. Bake 30 minutes at 325 to 350F.
Keeps 3 weeks in an airtight tin.`;

/** That nothing stands in inches for who reads in millimetres is seen on every page in look-over.spec.ts. */
test('every page is read in one system: in pounds, inches and degrees Fahrenheit', async ({ page }) => {
  await read(page, US_READER);
  try {
    const recipe = await firstBelow(page, 'recipes');
    const entry = await firstBelow(page, 'log');
    await page.goto('/recipes');
    const batch = (await page.locator('nav a[href^="/batch/"]').first().getAttribute('href')) ?? '';
    const places = ['/', '/recipes', recipe, `${recipe}/edit`, '/recipes/new', '/day', '/oven', '/jars', '/log', entry];
    places.push('/dogs', '/pantry', '/pantry/shopping', '/kit', '/settings', `${batch}/label`, `${batch}/sheet`);
    for (const place of places)
      await test.step(place, async () => {
        await page.goto(place);
        await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
        expect.soft(await strayUnits(page, STRAY.us), place).toEqual([]);
      });
    await test.step('a recipe that is brought, with what is asked and advised', async () => {
      await page.goto('/recipes/new');
      await page.getByRole('textbox', { name: 'Your words' }).fill(BROUGHT);
      await expect(page.getByText('To be surer:')).toBeVisible();
      await expect(page.getByText('the middle is taken')).toBeVisible();
      expect.soft(await strayUnits(page, STRAY.us)).toEqual([]);
    });
    await page.goto(batch);
    await predicted(page);
    for (const tab of await page.getByRole('tab').all())
      await test.step((await tab.textContent()) ?? 'bench', async () => {
        await tab.click();
        expect.soft(await strayUnits(page, STRAY.us), (await tab.textContent()) ?? '').toEqual([]);
      });
  } finally {
    await read(page, METRIC_READER);
  }
});
