import { expect, type Page, type Route } from '@playwright/test';
import { expectAccessible } from './accessible';
import { bake, predicted, test } from './page';

// A save that comes too late answers 409, and a browser that is offline cannot fetch: both are reported by Chromium as errors.
const EXPECTED = /409 \(Conflict\)|ERR_INTERNET_DISCONNECTED/;

test('nothing is lost: between people and windows, without a line, out of the bin, to another website', async ({
  page,
  browser,
  troubles,
  context,
  request,
}) => {
  await test.step('two people on one batch are told, and neither is overwritten unasked', async () => {
    await bake(page, 'Beet and mackerel hillbars');
    const elsewhere = await browser.newContext();
    const other = await elsewhere.newPage();
    await other.goto(page.url());
    await predicted(other);
    // "saved" may still stand there for what was before: only the server's answer tells that theirs came first.
    const kept = other.waitForResponse((answer) => answer.request().method() === 'PATCH' && answer.ok());
    await other.getByLabel('Name of the batch').fill('Theirs');
    await kept;
    await page.getByLabel('Name of the batch').fill('Mine');
    await expect(page.getByRole('heading', { name: 'Someone else saved this batch' })).toBeVisible();
    await page.getByRole('button', { name: 'Keep mine' }).click();
    await expect(page.getByText(/^saved \d\d:\d\d/)).toBeVisible();
    await other.getByLabel('Name of the batch').fill('Theirs again');
    await other.getByRole('button', { name: 'Take theirs' }).click();
    await expect(other.getByLabel('Name of the batch')).toHaveValue('Mine');
    await elsewhere.close();
    troubles.splice(0, troubles.length, ...troubles.filter((trouble) => !EXPECTED.test(trouble)));
  });
  await test.step('two windows of one baker follow each other, and unsaved changes are asked about', async () => {
    await bake(page, 'Beet and mackerel hillbars');
    const other = await context.newPage();
    await other.goto(page.url());
    await predicted(other);
    await other.getByLabel('Name of the batch').fill('From the other window');
    await expect(other.getByText(/^saved \d\d:\d\d/)).toBeVisible();
    await expect(page.getByLabel('Name of the batch')).toHaveValue('From the other window');
    await expect(page.getByText('also changed in another window')).toBeVisible();
    // Both are on their way before either is kept, however long a window takes to fill.
    const held: Route[] = [];
    await context.route('**/api/batches/*', async (route) => {
      if (held.length === 2) return route.continue();
      if (held.push(route) === 2) await Promise.all(held.map((one) => one.continue()));
    });
    await Promise.all([page.getByLabel('Name of the batch').fill('Here'), other.getByLabel('Name of the batch').fill('There')]);
    await expect.poll(() => held.length).toBe(2);
    const asked = (one: Page): Promise<boolean> =>
      one.getByRole('heading', { name: 'Someone else saved this batch' }).isVisible();
    await expect.poll(async () => (await asked(page)) || (await asked(other))).toBe(true);
    const [later, name] = (await asked(page)) ? ([page, 'Here'] as const) : ([other, 'There'] as const);
    await expect(later.getByLabel('Name of the batch')).toHaveValue(name);
    await context.unroute('**/api/batches/*');
    await other.close();
    troubles.splice(0, troubles.length, ...troubles.filter((trouble) => !EXPECTED.test(trouble)));
  });
  await test.step('a lost connection loses nothing, not even over a reload', async () => {
    await bake(page, 'Beet and mackerel hillbars');
    await context.setOffline(true);
    await page.getByLabel('Name of the batch').fill('Made offline');
    await expect(page.getByText(/Not saved: There is no connection/)).toBeVisible();
    await context.setOffline(false);
    await page.reload();
    await predicted(page);
    await expect(page.getByLabel('Name of the batch')).toHaveValue('Made offline');
    await expect(page.getByText(/^saved \d\d:\d\d/)).toBeVisible();
    troubles.splice(0, troubles.length, ...troubles.filter((trouble) => !EXPECTED.test(trouble)));
  });
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
  await test.step('addresses that lead nowhere say what to do', async () => {
    for (const address of ['/batch/nonsense', '/log/00000000-0000-4000-8000-000000000000', '/nowhere']) {
      await page.goto(address);
      await expect(page.getByRole('link', { name: 'Go to Recipes' })).toBeVisible();
    }
    troubles.splice(0, troubles.length, ...troubles.filter((trouble) => !/404/.test(trouble)));
  });
  await test.step('another website cannot use the oven through this browser', async () => {
    const body = { data: '{}', headers: { 'content-type': 'application/json' } };
    const foreign = await request.post('/api/batches', {
      ...body,
      headers: { ...body.headers, origin: 'http://elsewhere.example' },
    });
    expect(foreign.status()).toBe(403);
    expect(await foreign.json()).toMatchObject({ error: { code: 'FOREIGN_ORIGIN' } });
    const renamed = await request.get('/api/health', { headers: { host: 'elsewhere.example' } });
    expect(renamed.status()).toBe(403);
    const plain = await request.post('/api/predict', { data: 'not json', headers: { 'content-type': 'text/plain' } });
    expect(plain.status()).toBe(422);
  });
});
