import { expect, type Page } from '@playwright/test';
import { bake, predicted, test } from './page';

// A save that comes too late answers 409, and a browser that is offline cannot fetch: both are reported by Chromium as errors.
const EXPECTED = /409 \(Conflict\)|ERR_INTERNET_DISCONNECTED/;

test('two people, two windows, no connection, no such page, another website', async ({
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
    await Promise.all([page.getByLabel('Name of the batch').fill('Here'), other.getByLabel('Name of the batch').fill('There')]);
    const asked = (one: Page): Promise<boolean> =>
      one.getByRole('heading', { name: 'Someone else saved this batch' }).isVisible();
    await expect.poll(async () => (await asked(page)) || (await asked(other))).toBe(true);
    const [later, name] = (await asked(page)) ? ([page, 'Here'] as const) : ([other, 'There'] as const);
    await expect(later.getByLabel('Name of the batch')).toHaveValue(name);
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
