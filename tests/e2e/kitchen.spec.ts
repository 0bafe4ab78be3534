import { expect } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { expectAccessible } from './accessible';
import { test, typeIn } from './page';

test('the kitchen from day to day: today, the jars, the log', async ({ page, troubles }) => {
  await test.step('today: what is free, what must be used, and one click to the batch at hand', async () => {
    await page.goto('/');
    await expect(page.getByRole('region', { name: 'In the appliances' })).toContainText('Big oven');
    await expect(page.getByRole('region', { name: 'Use soon' })).toContainText('past its day');
    await expect(page.getByRole('region', { name: /Next bake day/ })).toContainText('ready by');
    await expectAccessible(page);
    await page.getByRole('link', { name: /^Open (?!it$)/ }).click();
    await page.waitForURL(/\/batch\//);
  });
  await test.step('the theme is switched by hand and stays', async () => {
    await page.getByLabel('Night oven: dark colours').click();
    await page.goto('/jars');
    await expect(page.locator('html')).toHaveAttribute('data-theme', 'night');
  });
  await test.step('jars: a pack is opened, taken from, frozen and discarded with a reason', async () => {
    const sheet = page.getByRole('region', { name: 'The chosen pack' });
    await page.getByRole('button', { name: /Swede crisps, two roots/ }).click();
    await expect(sheet).toContainText('54 of 54');
    await expectAccessible(page);
    await sheet.getByRole('button', { name: 'Open it' }).click();
    await expect(page.getByRole('button', { name: /Swede crisps, two roots/ })).toContainText('open');
    await typeIn(sheet.getByLabel('pieces'), '15');
    await sheet.getByRole('button', { name: 'Take', exact: true }).click();
    await expect(sheet).toContainText('39 of 54');
    await sheet.getByRole('button', { name: /^Place/ }).click();
    await page.getByRole('option', { name: 'in the freezer' }).click();
    await sheet.getByRole('button', { name: 'Freeze', exact: true }).click();
    await expect(page.getByRole('region', { name: 'In the freezer' })).toContainText('Swede crisps');
    await page.getByRole('button', { name: /Hillbars, first go/ }).click();
    await sheet.getByRole('button', { name: 'Discard all of it' }).click();
    await expect(page.getByRole('button', { name: /Hillbars, first go/ })).toBeHidden();
    await expect(page.locator('[data-totals]')).toContainText(/1\d discarded/);
  });
  await test.step('log: found by words, compared, drawn, corrected, taken out and in as a table', async () => {
    await page.goto('/log');
    await test.step('what the kitchen taught is told, and switched off and on', async () => {
      const oven = page.locator('[data-learned="big-oven"]');
      await expect(oven).toContainText(/works at 0\.\d\d of the model’s pace \(.*\)\s*from \d batches/);
      await oven.getByRole('checkbox').click();
      await expect(oven.getByRole('checkbox')).not.toBeChecked();
      await oven.getByRole('checkbox').click();
      await expect(oven.getByRole('checkbox')).toBeChecked();
      await expect(page.locator('[data-learned="freeze-dryer"]')).toContainText('from 3 batches');
      await expect(page.locator('[data-learned="losses"]')).toContainText(/% of the pieces predicted .*from \d+ counts/);
    });
    await test.step('search and filter', async () => {
      await page.getByLabel('Search the log').fill('skerry hillbars');
      await expect(page.getByRole('row')).toHaveCount(2);
      await page.getByLabel('Search the log').fill('');
      await page.getByRole('button', { name: /Shown/ }).click();
      await page.getByRole('option', { name: 'those outside their band' }).click();
      await expect(page.getByRole('row', { name: /Hake skewers, second lot/ })).toBeVisible();
      await expect(page.getByRole('row', { name: /Hillbars for the farm shop/ })).toBeHidden();
      await page.getByRole('button', { name: 'Draw predicted against measured' }).click();
      await expect(page.locator('.apexcharts-series').first()).toBeVisible();
      await expectAccessible(page);
      await page.getByRole('button', { name: /Shown/ }).click();
      await page.getByRole('option', { name: 'all batches' }).click();
    });
    await test.step('two side by side, and what was done otherwise', async () => {
      // An old one stands on a later page as soon as enough was begun since.
      await page.getByLabel('Search the log').fill('hillbars');
      await expect(page.getByRole('row', { name: /Oat tiles/ })).toBeHidden();
      await page.getByLabel('Choose Hillbars, first go').check();
      await page.getByLabel('Choose Hillbars for the farm shop').check();
      await page.getByRole('link', { name: 'Compare 2' }).click();
      await expect(page.locator('[data-changes]').nth(1)).toContainText('how much');
      await expectAccessible(page);
      await page.getByRole('link', { name: 'Whole log' }).click();
    });
    await test.step('a photo, a colour and a verdict are noted', async () => {
      await page
        .getByRole('row', { name: /Oat tiles for the club/ })
        .getByRole('link', { name: 'Open' })
        .click();
      await page.getByLabel('Pip').click();
      await page.getByRole('option', { name: 'left it' }).click();
      await page.getByText('golden, browned edges', { exact: true }).click();
      await typeIn(page.getByLabel('Raw thickness'), '6.5');
      // The page is loaded anew once the entry is corrected; what follows must not overtake it.
      await Promise.all([page.waitForEvent('load'), page.getByRole('button', { name: 'Correct the entry' }).click()]);
      await expect(page.getByLabel('Pip')).toHaveText('left it');
      await expect(page.getByLabel('Raw thickness')).toHaveValue('6.5');
      await page.getByLabel('Add a photo').setInputFiles('docs/screenshots/recipes.png');
      await expect(page.getByRole('img', { name: 'The batch' })).toBeVisible();
      await page.getByRole('button', { name: 'Take it out' }).click();
      await expect(page.getByRole('img', { name: 'The batch' })).toBeHidden();
      await expectAccessible(page);
    });
    await test.step('a batch that came out otherwise is explained by its causes', async () => {
      await page.getByRole('link', { name: 'Whole log' }).click();
      await page
        .getByRole('row', { name: /Snaps, try-out/ })
        .getByRole('link', { name: 'Open' })
        .click();
      await page.getByRole('button', { name: 'Explain it' }).click();
      // Its pieces were measured thicker than planned: that much is sure, and it is no whole explanation.
      await expect(page.locator('[data-cause=thickness]')).toContainText('as measured', { timeout: 20_000 });
      await expect(page.locator('[data-causes] > li').nth(1)).toBeVisible();
      await expectAccessible(page);
    });
    await test.step('as a table and back', async () => {
      await page.getByRole('link', { name: 'Whole log' }).click();
      const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'Export CSV' }).click()]);
      const text = readFileSync(await file.path(), 'utf8');
      expect(text).toMatch(/^batch,name,recipe,oven,baked_on,/);
      const bring = (table: string): Promise<void> =>
        page.getByLabel('Import CSV').setInputFiles({ name: 'log.csv', mimeType: 'text/csv', buffer: Buffer.from(table) });
      const known = 'name,pieces\nOat tiles for the club,91\n';
      await bring(`${known}No such batch,4\n`);
      await expect(page.getByText(/Nothing was entered\. line 3: There is no batch called "No such batch"/)).toBeVisible();
      // The browser says of itself that this was refused.
      troubles.splice(0, troubles.length, ...troubles.filter((trouble) => !/422/.test(trouble)));
      await bring(known);
      await expect(page.getByText('1 batch taken over.')).toBeVisible();
      await expect(page.getByRole('row', { name: /Oat tiles for the club/ })).toContainText('91');
    });
  });
});
