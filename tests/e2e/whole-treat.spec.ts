import { readFileSync } from 'node:fs';
import { expect, type Page } from '@playwright/test';
import { expectAccessible } from './accessible';
import { addDog, bake, outcome, predicted, test } from './page';

const CAKE = {
  format: 'upbeat-oven/batch',
  version: 1,
  name: 'Parsnip birthday round',
  recipe: {
    ingredients: [
      { ingredient: 'flour_oat', amount: 180, unit: 'g' },
      { ingredient: 'parsnip_raw', amount: 160, unit: 'g' },
      { ingredient: 'egg_whole', amount: 2, unit: 'each' },
      { ingredient: 'rapeseed_oil', amount: 30, unit: 'g' },
      { ingredient: 'water', amount: 90, unit: 'g' },
    ],
  },
  shape: { method: 'cake', pan: { width_mm: 150 }, layers: 1, portions: 8 },
  heat: { steps: [{ do: 'hold', setpoint_c: 170, minutes: 45 }] },
  pack: [{ option: 'tin', store: 'fridge' }],
};

/** Opens a batch of its own from a batch file. */
async function begin(page: Page, document: object): Promise<string> {
  await page.goto('/recipes');
  const answer = await page.request.post('/api/batches', { data: document, headers: { origin: new URL(page.url()).origin } });
  expect(answer.ok(), await answer.text()).toBe(true);
  const { id } = (await answer.json()) as { id: string };
  await page.goto(`/batch/${id}`);
  await predicted(page);
  return id;
}

/** Pieces of a batch that the jars hold. */
async function held(page: Page, name: string): Promise<number> {
  const packs = await page.getByRole('button', { name: new RegExp(name) }).allInnerTexts();
  return packs.reduce((sum, words) => sum + Number(/(\d+) of \d+/.exec(words)?.[1]), 0);
}

const kcal = async (page: Page): Promise<number> =>
  Number(/([\d.]+) kcal each/.exec(await page.getByRole('region', { name: 'What comes out' }).innerText())?.[1]);

async function frostsACake(page: Page): Promise<void> {
  await begin(page, { ...CAKE, name: `${CAKE.name} ${Date.now()}` });
  const bare = await kcal(page);
  await test.step('a part of its own, with its own ingredient and amount', async () => {
    await page.getByRole('tab', { name: /Weigh/ }).click();
    await page.getByRole('button', { name: 'Put something on or in it' }).click();
    await page.getByRole('option', { name: /^Frosting/ }).click();
    await page.getByLabel('Add to the Frosting').fill('cream cheese');
    await page
      .getByRole('option', { name: /cream cheese/i })
      .first()
      .click();
    await predicted(page);
    await expect.poll(() => kcal(page)).toBeGreaterThan(bare * 1.05);
    await expectAccessible(page);
  });
  await test.step('it is mixed, put on when cold, and decides how long the cake keeps', async () => {
    await page.getByRole('tab', { name: /Mix/ }).click();
    await expect(page.getByRole('region', { name: 'What else is mixed' })).toContainText('when they are cold');
    await page.getByRole('tab', { name: /Cool/ }).click();
    await expect(page.getByRole('table', { name: 'What goes on and in' })).toContainText('Frosting');
    await expectAccessible(page);
  });
  await test.step('in another place it keeps longer', async () => {
    await page.getByRole('tab', { name: /Keep/ }).click();
    const before = await outcome(page, 'keeps');
    await page.getByRole('button', { name: /Place of pack 1/ }).click();
    await page.getByRole('option', { name: 'in the freezer' }).click();
    await expect(page.locator('[data-outcome="keeps"]')).not.toHaveText(before);
    await expect(page.locator('[data-outcome="keeps"]')).toContainText(/week|month/);
    await predicted(page);
  });
  await test.step('its label', async () => {
    await expect(page.getByText(/^saved \d\d:\d\d/)).toBeVisible();
    await page.getByRole('tab', { name: /Pack/ }).click();
    await page.getByRole('link', { name: 'Run sheet' }).click();
    await expect(page.getByRole('heading', { name: /^Cool, finish and pack/ })).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('link', { name: 'Back to the batch' }).click();
    await page.getByRole('tab', { name: /Pack/ }).click();
    await page.getByRole('link', { name: 'Label' }).click();
    const picture = page.locator('[data-label="picture"] svg');
    await expect(picture).toContainText('cream cheese');
    await expect(picture).toContainText(/Contains [^.]*dairy/);
  });
}

/** What came off the racks of each. */
const COUNTED = { Bones: 40, Minis: 72, 'Soft balls': 25 };

async function sharesOutABowl(page: Page): Promise<void> {
  const example = JSON.parse(readFileSync('examples/one-bowl-three-ways.batch.json', 'utf8')) as object;
  const pack = [
    { option: 'clip-jar', store: 'room', portion: 'Bones' },
    { option: 'zip-bag', store: 'freezer', portion: 'Minis' },
    { option: 'tin', store: 'fridge', portion: 'Soft balls' },
  ];
  const name = `Three ways ${Date.now()}`;
  const id = await begin(page, { ...example, name, pack });
  await test.step('each portion is shaped and packed by itself', async () => {
    await page.getByRole('tab', { name: /Shape/ }).click();
    await page.getByRole('tab', { name: /^Minis/ }).click();
    await expect(page.getByLabel('Name of this portion')).toHaveValue('Minis');
    await expect(page.getByRole('heading', { name: 'Minis: what comes out' })).toBeVisible();
    await predicted(page);
    await expectAccessible(page);
    await page.getByRole('tab', { name: /Pack/ }).click();
    await expect(page.getByText(/packed, none over/)).toBeVisible();
  });
  await test.step('all of it is on the run sheet', async () => {
    await page.goto(`/batch/${id}/sheet`);
    for (const portion of ['Bones', 'Minis', 'Soft balls'])
      await expect(page.getByText(portion, { exact: false }).first()).toBeVisible();
    await expectAccessible(page);
  });
  await test.step('what was counted is stored, pack by pack, place by place', async () => {
    await page.goto(`/log/${id}`);
    for (const [portion, count] of Object.entries(COUNTED)) await page.getByLabel(`${portion} counted`).fill(String(count));
    await page.getByRole('button', { name: 'Enter in the log' }).click();
    await expect(page.getByRole('button', { name: 'Correct the entry' })).toBeVisible();
    await page.getByRole('button', { name: 'Store the packs' }).click();
    await page.waitForURL(/\/jars/);
    await expect.poll(() => held(page, name)).toBe(137);
    for (const place of ['On the shelf', 'In the fridge', 'In the freezer'])
      await expect(
        page
          .getByRole('region', { name: place })
          .getByRole('button', { name: new RegExp(name) })
          .first(),
      ).toBeVisible();
  });
  await test.step('and sold', async () => {
    const pack = page
      .getByRole('region', { name: 'On the shelf' })
      .getByRole('button', { name: new RegExp(name) })
      .first();
    await pack.click();
    const sheet = page.getByRole('region', { name: 'The chosen pack' });
    await sheet.getByRole('button', { name: 'all', exact: true }).click();
    await sheet.getByLabel('Price of what is sold').fill('6.50');
    await sheet.getByRole('button', { name: 'Sell', exact: true }).click();
    await expect(page.getByText(/in \d+ days: .*sold/)).toBeVisible();
    await expectAccessible(page);
  });
  await test.step('a count that is put right later carries through', async () => {
    const before = await held(page, name);
    await page.goto(`/log/${id}`);
    await page.getByLabel('Minis counted').fill(String(COUNTED.Minis + 4));
    // The page draws itself anew once the entry is in the log.
    const drawn = page.waitForEvent('load');
    await page.getByRole('button', { name: 'Correct the entry' }).click();
    await drawn;
    await expect(page.getByLabel('Minis counted')).toHaveValue(String(COUNTED.Minis + 4));
    await page.goto('/jars');
    await expect.poll(() => held(page, name)).toBe(before + 4);
  });
}

async function washesACracker(page: Page): Promise<void> {
  const dog = `Sorrel ${Date.now() % 1e6}`;
  await test.step('the dog', async () => {
    // The batch reads the dog from the server: what she must not have is there before it is opened.
    await addDog(page, dog, { weighs: '12', avoids: 'egg' });
    await expect(page.getByRole('button', { name: new RegExp(`^Barley and broth washboards for ${dog}: (?!no)`) })).toBeVisible();
  });
  await test.step('the cracker, washed with egg', async () => {
    await bake(page, 'Barley and broth washboards');
    await expect(page.getByText(`✕ ${dog}`)).toHaveCount(0);
    await page.getByRole('tab', { name: /Weigh/ }).click();
    await page.getByRole('button', { name: 'Put something on or in it' }).click();
    await page.getByRole('option', { name: /^Wash/ }).click();
    await page.getByLabel('Add to the Wash', { exact: true }).fill('egg');
    await page
      .getByRole('option', { name: /^Egg, whole/ })
      .first()
      .click();
    await expect(page.getByLabel(/^Amount of Egg, whole/)).toBeVisible();
    await expect(page.getByText(`✕ ${dog}`)).toBeVisible();
    await predicted(page);
    await expectAccessible(page);
  });
  await test.step('taken off again, nothing of it is left', async () => {
    await page.getByRole('button', { name: 'Undo' }).click();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByText(`✕ ${dog}`)).toHaveCount(0);
  });
}

test('the whole treat: frosted, in portions, washed', async ({ page }) => {
  await test.step('a bare cake is frosted: it feeds more, keeps otherwise, and its label names what is on it', () =>
    frostsACake(page));
  await test.step('a bowl in three portions goes into three packs in three places, is counted, stored and sold', () =>
    sharesOutABowl(page));
  await test.step('a wash with egg on a cracker without stops it for the dog that must not have egg', () => washesACracker(page));
});
