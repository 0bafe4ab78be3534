import { readFile } from 'node:fs/promises';
import { expect } from '@playwright/test';
import { expectAccessible, test, typeIn } from './page';

test('the shelf: an own ingredient, and what must be bought', async ({ page }) => {
  await test.step('an own ingredient comes from its packet, with a price and a lot whose water was weighed', async () => {
    const name = `Hedgerow meal ${Date.now()}`;
    await page.goto('/pantry');
    await expectAccessible(page);

    await test.step('sums that make no sense are told while one types', async () => {
      await page.getByRole('button', { name: 'Add from a packet' }).click();
      const form = page.getByRole('dialog');
      await form.getByLabel('Name').fill(name);
      await typeIn(form.getByLabel('Protein'), '60');
      await typeIn(form.getByLabel('Fat'), '30');
      await typeIn(form.getByLabel('Carbohydrate, with fibre'), '40');
      await expect(form.getByText(/add up to/)).toBeVisible();
      await expect(form.getByRole('button', { name: 'Put it on the shelf' })).toBeDisabled();
      await typeIn(form.getByLabel('Protein'), '6');
      await typeIn(form.getByLabel('Fat'), '2');
      await typeIn(form.getByLabel('Carbohydrate, with fibre'), '18');
      await expect(form.getByText(/The sums make sense: 72\.5 % water/)).toBeVisible();
      await expectAccessible(page);
      await form.getByRole('button', { name: 'Put it on the shelf' }).click();
    });

    await test.step('it is on the shelf, and gets price and lot', async () => {
      await page.getByRole('searchbox').fill(name);
      await page.getByRole('button', { name }).click();
      const sheet = page.getByRole('region', { name });
      await typeIn(sheet.getByLabel('Grams in a pack'), '500');
      await typeIn(sheet.getByLabel('Price of a pack'), '2.50');
      await sheet.getByRole('button', { name: 'Note it' }).click();
      await expect(page.getByRole('row', { name: new RegExp(name) })).toContainText('£0.50 per 100 g');
      await typeIn(sheet.getByLabel('How much there is'), '860');
      await typeIn(sheet.getByLabel('Sample wet'), '20');
      await typeIn(sheet.getByLabel('Sample dry'), '5.6');
      await expect(sheet.getByText(/72\.0 % water/)).toBeVisible();
      await sheet.getByRole('button', { name: 'Put it on the shelf' }).click();
      await expect(sheet.getByText('72 % water, weighed')).toBeVisible();
      await expect(page.getByRole('row', { name: new RegExp(name) })).toContainText('860 g');
      await expectAccessible(page);
      await sheet.getByRole('button', { name: 'used up' }).click();
      await expect(sheet.getByText('Nothing noted.')).toBeVisible();
    });
  });
  await test.step('the shopping list adds batches up, leaves one out, and goes out as a table', async () => {
    await page.goto('/pantry');
    await page.getByRole('link', { name: 'Shopping list' }).click();
    await expect(page.getByRole('row', { name: /Wholegrain spelt flour/ })).toBeVisible();
    await expectAccessible(page);
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Table' }).click();
    const table = await readFile(await (await download).path(), 'utf8');
    expect(table.split('\n')[0]).toBe('ingredient,need_g,have_g,buy_g,packs,left_over_g,cost_gbp');
    expect(table).toContain('Wholegrain spelt flour');
  });
});
