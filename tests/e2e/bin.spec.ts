import { expect } from '@playwright/test';
import { bake, expectAccessible, test } from './page';

test('what is taken away comes back: at once, from the bin, and many together', async ({ page }) => {
  const names = [`Brought back ${Date.now()}`, `Left behind ${Date.now()}`];
  const batches: string[] = [];
  for (const name of names) {
    await bake(page, 'Beet and mackerel hillbars');
    const saved = page.waitForResponse((answer) => answer.request().method() === 'PATCH' && answer.ok());
    await page.getByLabel('Name of the batch').fill(name);
    await saved;
    batches.push(new URL(page.url()).pathname.split('/')[2]);
  }
  const notice = page.locator('[data-undo]');
  await test.step('a batch out of its own page, undone at once', async () => {
    await page.goto(`/log/${batches[0]}`);
    await page.getByRole('button', { name: 'Delete' }).click();
    await page.waitForURL(/\/log$/);
    await expect(notice).toContainText(`${names[0]} is in the bin.`);
    await expect(page.getByRole('link', { name: names[0] })).toBeHidden();
    await notice.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('link', { name: names[0] }).first()).toBeVisible();
  });
  await test.step('two of the log together, one of them out of the bin', async () => {
    for (const name of names) await page.getByLabel(`Choose ${name}`).check();
    await page.getByRole('button', { name: 'Delete 2' }).click();
    await expect(notice).toContainText('2 batches are in the bin.');
    await page.getByRole('button', { name: 'Leave it in the bin' }).click();
    await page.goto('/bin');
    await expectAccessible(page);
    await page.getByRole('button', { name: `Bring back batch ${names[0]}` }).click();
    await expect(page.getByText(names[0])).toBeHidden();
    await page.goto(`/log/${batches[0]}`);
    await expect(page.getByRole('heading', { name: names[0] })).toBeVisible();
  });
  await test.step('a recipe of the book, and nothing else changes', async () => {
    await page.goto('/recipes');
    await page.getByLabel('Choose Beet and mackerel hillbars', { exact: true }).check();
    await page.getByRole('button', { name: 'Delete 1' }).click();
    await expect(page.getByRole('link', { name: 'Beet and mackerel hillbars', exact: true })).toBeHidden();
    await notice.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('link', { name: 'Beet and mackerel hillbars', exact: true })).toBeVisible();
  });
  await test.step('two packs together, and a bake day with what was picked for it', async () => {
    await page.goto('/jars');
    const packs = page.getByLabel(/^Choose .*, lot/);
    const before = await packs.count();
    await packs.nth(0).check();
    await packs.nth(1).check();
    await page.getByRole('button', { name: 'Delete 2' }).click();
    await expect(notice).toContainText('2 packs are in the bin.');
    await expect(packs).toHaveCount(before - 2);
    await notice.getByRole('button', { name: 'Undo' }).click();
    await expect(packs).toHaveCount(before);
    await page.goto('/day');
    const picked = page.getByRole('region', { name: 'Batches of the day' }).getByRole('checkbox', { checked: true });
    await expect(picked.first()).toBeVisible();
    const baked = await picked.count();
    await page.getByRole('button', { name: 'Delete this day' }).click();
    await expect(picked).toHaveCount(0);
    await expect(page.getByRole('button', { name: 'Delete this day' })).toBeHidden();
    await notice.getByRole('button', { name: 'Undo' }).click();
    await expect(picked).toHaveCount(baked);
  });
  await test.step('and is left as it was found', async () => {
    await page.goto(`/log/${batches[0]}`);
    await page.getByRole('button', { name: 'Delete' }).click();
    await page.waitForURL(/\/log$/);
    await page.goto('/bin');
    await page.getByRole('button', { name: 'Empty it …' }).click();
    await page.getByRole('button', { name: 'Empty it', exact: true }).click();
    await expect(page.getByText('There is nothing in it.')).toBeVisible();
  });
});
