import { readFile } from 'node:fs/promises';
import { expect } from '@playwright/test';
import { expectAccessible } from './accessible';
import { addDog, bake, predicted, test, typeIn } from './page';

test('what it is worth: bought, portioned, priced and labelled, and a dog is fed', async ({ page }) => {
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
  await test.step('a batch is portioned, priced, kept longer, labelled and printed', async () => {
    await bake(page, 'Squash and millet fingers');

    await test.step('portions', async () => {
      await page.getByRole('tab', { name: /Pack/ }).click();
      await page.getByRole('button', { name: '+ a bag' }).click();
      await typeIn(page.getByLabel('Packs to fill first'), '2');
      await expect(page.getByText('40 pieces,', { exact: false }).first()).toBeVisible();
      await predicted(page);
      await expectAccessible(page);
    });

    await test.step('price', async () => {
      await page.getByRole('button', { name: 'What it costs' }).click();
      const total = page.locator('[data-cost="total"]');
      const guessed = await total.innerText();
      await typeIn(page.getByLabel('Price of a bought treat'), '2.4');
      await typeIn(page.getByLabel('Margin'), '30');
      await expect(page.getByText('For 30 % to be left')).toBeVisible();
      await expect(page.getByText('Against bought ones')).toBeVisible();
      await typeIn(page.getByLabel('Minutes of work'), '200');
      await expect(total).not.toHaveText(guessed);
      await expect(page.locator('[data-cost="lost"]')).toContainText(/% are reckoned never to be eaten or sold, from \d+ counts/);
      await expectAccessible(page);
      await page.getByRole('button', { name: 'Close' }).click();
    });

    await test.step('what would buy the most', async () => {
      await page.getByRole('tab', { name: /Keep/ }).click();
      await page.getByRole('button', { name: 'Do it: into the freezer' }).click();
      await expect(page.getByRole('list', { name: 'Packs side by side' }).getByText('in the freezer').first()).toBeVisible();
      await predicted(page);
      await expectAccessible(page);
    });

    await test.step('label', async () => {
      await expect(page.getByText(/^saved \d\d:\d\d/)).toBeVisible();
      await page.getByRole('tab', { name: /Pack/ }).click();
      await page.getByRole('link', { name: 'Label' }).click();
      const picture = page.locator('[data-label="picture"] svg');
      await expect(picture).toContainText('Squash and millet fingers');
      await page.getByLabel('Maker', { exact: true }).fill('Пекарня «Å & Œ»');
      await expect(picture).toContainText('Пекарня «Å & Œ»');
      await expect(page.getByText('saved with the batch')).toBeVisible();
      await expectAccessible(page);
      const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'PDF' }).click()]);
      expect(file.suggestedFilename()).toMatch(/label\.pdf$/);
      await page.getByRole('button', { name: 'New roll' }).click();
      await page.getByRole('spinbutton').or(page.getByLabel('labels')).first().fill('2');
      await page.getByRole('button', { name: 'Print on the label printer' }).click();
      await expect(page.getByText('ready, 118 labels on the roll')).toBeVisible();
    });

    await test.step('run sheet', async () => {
      await page.getByRole('link', { name: 'Back to the batch' }).click();
      await page.getByRole('link', { name: 'Run sheet' }).click();
      await expect(page.getByRole('heading', { name: /^Weigh/ })).toBeVisible();
      await expectAccessible(page);
    });
  });
  await test.step('a dog is written down, and every recipe says what it may have', async () => {
    await page.goto('/dogs');
    await expect(page.getByRole('button', { name: /^Beet and mackerel hillbars for Moss: no/ })).toBeVisible();
    await addDog(page, 'Fern', { weighs: '3', avoids: 'fish' });
    const cell = page.getByRole('button', { name: /^Beet and mackerel hillbars for Fern: no/ });
    await cell.click();
    await expect(page.getByText(/Reacts to fish/)).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Take off the list' }).click();
    await expect(page.getByRole('button', { name: /for Fern:/ })).toHaveCount(0);
  });
});
