import { readFile } from 'node:fs/promises';
import { expect } from '@playwright/test';
import { expectAccessible } from './accessible';
import { bake, outcome, predicted, test, typeIn } from './page';

test('the book: written, searched, shared, and never fed where it is dangerous', async ({ page, context, troubles }) => {
  await test.step('a pasted recipe is read, asked about, kept, changed, brought back and put away', async () => {
    const name = `Beet crunchers ${Date.now()}`;
    await page.goto('/recipes');
    await page.getByRole('link', { name: 'Write a recipe' }).click();

    await test.step('paste it', async () => {
      await page
        .getByLabel('The recipe in your words')
        .fill(
          `${name}\n2 1/2 cups wholemeal flour, 1 large egg, 1/3 cup thick beetroot purée\n1 cup hemp milk\n120 g water\n\nMethod\n1. Mix and roll.`,
        );
      await expect(page.getByText('4 of 5')).toBeVisible();
      await expect(page.getByText('Which one is "hemp milk"')).toBeVisible();
      await expectAccessible(page);
      const picker = page.getByLabel('Which ingredient is "1 cup hemp milk"?');
      await picker.fill('coconut milk, ca');
      await page.getByRole('option', { name: /Coconut milk, canned/ }).click();
      await expect(page.getByText('5 of 5')).toBeVisible();
      await page.getByRole('button', { name: 'Open it in the editor' }).click();
    });

    await test.step('its dough is there at once', async () => {
      await expect(page.getByLabel('Name', { exact: true })).toHaveValue(name);
      // What is in the editor survives leaving the page.
      await page.goto('/recipes');
      await page.goto('/recipes/new');
      await expect(page.getByLabel('Name', { exact: true })).toHaveValue(name);
      const dough = page.getByRole('region', { name: 'The dough' });
      await expect(dough.getByRole('img', { name: /^The dough: water/ })).toBeVisible();
      await expect(dough.getByRole('img', { name: /^Feel of the dough/ })).toBeVisible();
      await expect(page.getByLabel('Step 1', { exact: true })).toHaveValue('Mix and roll.');
      await typeIn(page.getByLabel('Amount of Coconut milk, canned in the recipe'), '0.2');
      await expectAccessible(page);
      await page.getByRole('button', { name: 'Take Coconut milk, canned out' }).click();
      await expect(page.getByText('Coconut milk, canned')).toHaveCount(0);
      await page.getByRole('button', { name: 'Undo' }).click();
      await expect(page.getByText('Coconut milk, canned', { exact: true })).toBeVisible();
      await page.getByRole('button', { name: 'Save recipe' }).click();
    });

    await test.step('it opens on its dough', async () => {
      await expect(page.getByRole('heading', { name, level: 1 })).toBeVisible();
      await expect(page.getByText('version 1')).toBeVisible();
      await expect(page.getByText(/^no: wheat in wholemeal/)).toBeVisible();
      await expectAccessible(page);
    });

    await test.step('every save is a version, and an old one comes back', async () => {
      await page.getByRole('link', { name: 'Edit' }).click();
      await page.getByLabel('Name', { exact: true }).fill(`${name}, better`);
      await page.getByRole('button', { name: 'Save as version 2' }).click();
      await expect(page.getByRole('heading', { name: `${name}, better`, level: 1 })).toBeVisible();
      await page.getByRole('button', { name: 'Bring back' }).click();
      await expect(page.getByText(/· version 3/)).toBeVisible();
      await expect(page.getByRole('heading', { name, exact: true, level: 1 })).toBeVisible();
    });

    await test.step('it goes out as a file and comes in again the same', async () => {
      const download = page.waitForEvent('download');
      await page.getByRole('link', { name: 'Recipe for other programs' }).click();
      const text = await readFile(await (await download).path(), 'utf8');
      expect(JSON.parse(text)).toMatchObject({ '@type': 'Recipe', name });
      await page.goto('/recipes');
      await page
        .getByLabel('Recipe or batch file')
        .setInputFiles({ name: 'beet.recipe.jsonld', mimeType: 'application/ld+json', buffer: Buffer.from(text) });
      await expect(page.getByRole('heading', { name, level: 1 })).toBeVisible();
      await expect(page.getByText('version 1')).toBeVisible();
    });

    await test.step('put away it is found only there', async () => {
      await page.getByRole('button', { name: 'Archive', exact: true }).click();
      await expect(page.getByRole('button', { name: 'Archive', exact: true })).toHaveCount(0);
      await page.goto(`/recipes?q=${encodeURIComponent(name)}&archived=yes`);
      await expect(page.getByRole('status')).toHaveText('1 recipe');
    });
  });
  await test.step('a batch file goes out and comes in again; a bad one is told by its key', async () => {
    await bake(page, 'Malt-grain batons');
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Export file' }).click();
    const file = await download;
    expect(file.suggestedFilename()).toBe('malt-grain-batons.batch.json');
    const path = await file.path();
    const before = await outcome(page, 'pieces');
    await page.goto('/recipes');
    const good = await readFile(path, 'utf8');
    const bad = good.replace('"name"', '"colour": "red", "name"');
    await page
      .getByLabel('Batch file')
      .setInputFiles({ name: 'bad.batch.json', mimeType: 'application/json', buffer: Buffer.from(bad) });
    await expect(page.getByText('There is no key "colour"')).toBeVisible();
    await page
      .getByLabel('Batch file')
      .setInputFiles({ name: 'good.batch.json', mimeType: 'application/json', buffer: Buffer.from(good) });
    await page.waitForURL(/\/batch\//);
    await predicted(page);
    expect(await outcome(page, 'pieces')).toBe(before);
  });
  await test.step('the book is searched while one types, narrowed to a dog, and the address keeps it', async () => {
    await page.goto('/recipes');
    await page.getByRole('searchbox').fill('buckwheat');
    await expect(page.getByRole('status')).toHaveText('2 recipes');
    await page.getByRole('searchbox').fill('');
    await page.getByRole('button', { name: /^for/ }).click();
    await page.getByRole('option', { name: /Moss/ }).click();
    await expect(page.getByRole('heading', { name: 'Beet and mackerel hillbars' })).toHaveCount(0);
    await expect(page.getByRole('heading', { name: 'Salmon and swede slips' })).toBeVisible();
    await expect(page).toHaveURL(/dog=Moss/);
    await page.reload();
    await expect(page.getByRole('heading', { name: 'Beet and mackerel hillbars' })).toHaveCount(0);
    await page.getByRole('searchbox').fill('zzzz');
    await expect(page.getByText('Take one of the limits away')).toBeVisible();
  });
  await test.step('two people on one recipe: the later save is told, and can be kept as a copy', async () => {
    await page.goto('/recipes/parsnip-buckwheat-snaps/edit');
    const other = await context.newPage();
    await other.goto('/recipes/parsnip-buckwheat-snaps/edit');
    await page.getByLabel('In a line').fill('Changed first.');
    await page.getByRole('button', { name: /Save as version/ }).click();
    // The field shows what was typed as well: only the recipe's own page has it saved.
    await page.waitForURL('**/recipes/parsnip-buckwheat-snaps');
    await expect(page.getByText('Changed first.')).toBeVisible();
    await other.getByLabel('In a line').fill('Changed late.');
    await other.getByRole('button', { name: /Save as version/ }).click();
    await expect(other.getByText('Someone saved this recipe while you were changing it')).toBeVisible();
    await expect(other.getByLabel('In a line')).toHaveValue('Changed late.');
    await other.getByRole('button', { name: 'Keep mine as a copy' }).click();
    await expect(other.getByText('Changed late.')).toBeVisible();
    await other.close();
    troubles.splice(0, troubles.length, ...troubles.filter((trouble) => !/409/.test(trouble)));
  });
  // What is refused on purpose is answered with 422, which Chromium reports as an error.
  troubles.splice(0, troubles.length, ...troubles.filter((trouble) => !/422/.test(trouble)));
  await test.step('a danger stops label and feeding, never saving', async () => {
    await page.goto('/recipes/peanut-banana-coins');
    await page.getByRole('button', { name: 'Copy' }).click();
    await page.getByLabel('Add an ingredient').fill('raisi');
    await page.getByRole('option', { name: /Raisins/ }).click();
    await expect(page.getByText('For no dog')).toBeVisible();
    await page.getByRole('button', { name: /Save as version/ }).click();
    await expect(page.getByText('No label and no feeding while it is in.')).toBeVisible();
    await page.getByRole('button', { name: 'Bake this' }).click();
    await predicted(page);
    await expect(page.locator('[data-outcome="pieces"]').locator('..')).toContainText('not for feeding');
    await page.getByRole('button', { name: /^Swap Raisins/ }).click();
    await page.getByRole('button', { name: 'Take it: Blueberries' }).click();
    await expect(page.getByText('not for feeding')).toHaveCount(0);
  });
});
