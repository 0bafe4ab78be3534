import { expect } from '@playwright/test';
import { expectAccessible } from './accessible';
import { test, typeIn } from './page';

const RECIPE = `Rye and beet rounds
200 g rye flour
120 g beetroot, cooked and mashed
1 egg
2 tbsp sunflower oil

Roll 6 mm thick, cut 4 cm rounds.
Bake at 160 C for 35 minutes.`;

test.describe('who comes for the first time', () => {
  test.use({ storageState: { cookies: [], origins: [] } });

  test('chooses a way in, sets up a kitchen, bakes in it, and removes what is not wanted', async ({ page, context }) => {
    await test.step('the first page says what this is, and offers three ways', async () => {
      await page.goto('/');
      await expect(page.getByRole('heading', { level: 1 })).toContainText('dry');
      await expect(page.getByRole('region', { name: 'Look around' })).toContainText('made up');
      await expectAccessible(page);
      await page.getByRole('button', { name: 'Look around the demo' }).click();
      await expect(page.getByRole('region', { name: 'In the appliances' })).toContainText('Big oven');
      await expect(page.getByRole('banner')).toContainText('demo');
    });
    const elsewhere = await context.newPage();
    await test.step('five questions', async () => {
      await elsewhere.goto('/dogs');
      await page.getByRole('button', { name: /Cairnhope Bothy Bakery/ }).click();
      await page.getByRole('menuitem', { name: 'Set up my kitchen' }).click();
      await expect(page.getByRole('heading', { name: 'Set up my kitchen' })).toBeVisible();
      await typeIn(page.getByLabel('Name of the kitchen'), 'Quay Lane Treats');
      await page.getByRole('combobox', { name: 'Country' }).fill('united states');
      await page.getByRole('option', { name: 'United States' }).click();
      await expect(page.getByText('You pay in USD there.')).toBeVisible();
      await expect(page.getByRole('button', { name: 'Cups' })).toContainText('US cups');
      await typeIn(page.getByLabel('height above the sea'), '5200 ft');
      await page.getByLabel('gas oven').check();
      await typeIn(page.getByLabel('Name of the dog'), 'Tuppence');
      await typeIn(page.getByLabel('weighs'), '24 lb');
      await expectAccessible(page);
      await page.getByRole('button', { name: 'Open my kitchen' }).click();
      await expect(page.getByRole('region', { name: 'In the appliances' })).toContainText('Gas oven');
      await expect(page.getByRole('banner')).toContainText('Quay Lane Treats');
    });
    await test.step('it is empty, everywhere, and says what to do', async () => {
      for (const [place, says] of [
        ['/recipes', /0 recipes/],
        ['/jars', /./],
        ['/log', /Nothing here yet/],
        ['/oven', /./],
        ['/day', /./],
        ['/dogs', /Tuppence/],
        ['/kit', /Gas oven/],
        ['/pantry', /oat/i],
      ] as const) {
        await page.goto(place);
        await expect(page.getByRole('main')).toContainText(says);
        await expect(page.getByRole('main')).not.toContainText(/Hillbars|Cairnhope|Skerry/);
        await expectAccessible(page);
      }
    });
    await test.step('a page of the other kitchen still speaks of its own', async () => {
      await elsewhere.getByRole('button', { name: 'Add a dog' }).click();
      await expect(elsewhere.getByLabel('Name of the dog')).toHaveValue('A new dog');
      await page.goto('/dogs');
      await expect(page.getByRole('main')).toContainText('Tuppence');
      await expect(page.getByText('A new dog')).toBeHidden();
      await elsewhere.getByRole('button', { name: 'Take off the list' }).click();
      await expect(elsewhere.getByRole('main')).not.toContainText('A new dog');
      await elsewhere.close();
    });
    await test.step('settings: a label’s address, the air by season', async () => {
      await page.goto('/settings');
      await page.getByLabel('Address').fill('4 Quay Lane\nHarbour End');
      await page.getByLabel('Address').blur();
      await typeIn(page.getByLabel('Heat of the room'), '72 F');
      await expect(page.getByLabel('Heat of the room')).toHaveValue('72');
      await expect(page.getByText(/saved/i).first()).toBeVisible();
      await expectAccessible(page);
      await page.reload();
      await expect(page.getByLabel('Address')).toHaveValue('4 Quay Lane\nHarbour End');
      await expect(page.getByLabel('Height above the sea')).toHaveValue('5200');
    });
    await test.step('a recipe of one’s own becomes a batch in this air, and its label says who made it', async () => {
      await page.goto('/recipes/new');
      await page.getByLabel('The recipe in your words').fill(RECIPE);
      await expect(page.getByRole('region', { name: 'As understood' }).getByText('4 of 4')).toBeVisible();
      await page.getByRole('button', { name: 'Save recipe' }).click();
      await expect(page.getByRole('heading', { name: 'Rye and beet rounds', level: 1 })).toBeVisible();
      await page.getByRole('button', { name: 'Bake this' }).click();
      await expect(page.locator('[data-outcome="pieces"]')).toHaveText(/\d/);
      const batch = new URL(page.url()).pathname.split('/')[2];
      await page.goto(`/batch/${batch}/label`);
      await expect(page.getByLabel('Maker')).toHaveValue('Quay Lane Treats, 4 Quay Lane, Harbour End');
      await page.getByRole('button', { name: 'Quay Lane Treats' }).click();
      await page.getByRole('menuitem', { name: /Cairnhope Bothy Bakery/ }).click();
      await expect(page.getByRole('banner')).toContainText('demo');
      await page.goto(`/batch/${batch}`);
      await expect(page.getByText('There is no such batch.')).toBeVisible();
    });
    const removed = async (): Promise<void> => {
      await page.goto('/settings');
      await page.getByRole('button', { name: 'Remove this kitchen …' }).click();
      const dialog = page.getByRole('dialog');
      await expect(dialog.getByRole('button', { name: 'Remove it' })).toBeDisabled();
      await dialog.getByRole('textbox').fill('Quay Lane Treats');
      await dialog.getByRole('button', { name: 'Remove it' }).click();
      await expect(page.getByRole('region', { name: 'Look around' })).toBeVisible();
    };
    await test.step('it leaves as one file, goes only by its name, and the house welcomes again', async () => {
      await page.goto('/settings');
      await page.getByRole('listitem').filter({ hasText: 'Quay Lane Treats' }).getByRole('button', { name: 'Go there' }).click();
      await expect(page.getByRole('banner')).toContainText('Quay Lane Treats');
      await page.goto('/settings');
      const download = page.waitForEvent('download');
      await page.getByRole('link', { name: 'Export all of this kitchen (ZIP)' }).click();
      const file = await (await download).path();
      await removed();
      await page.goto('/kitchens/new');
      await page.getByLabel('Bring a kitchen in (ZIP)').setInputFiles(file);
      await expect(page.getByRole('banner')).toContainText('Quay Lane Treats');
      await page.goto('/recipes');
      await expect(page.getByRole('link', { name: 'Rye and beet rounds', exact: true })).toBeVisible();
      await removed();
    });
  });
});
