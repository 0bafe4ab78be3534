import { expect, type Page } from '@playwright/test';
import { spawn, type ChildProcess } from 'node:child_process';
import { expectAccessible } from './accessible';
import { bake, test, typeIn } from './page';

const BUTTONS = 'Cottage-cheese and parsley buttons';

/** A second program over the same database, that may be killed. */
const OTHER_PORT = 3397;
const OTHER = `http://127.0.0.1:${OTHER_PORT}`;

const started: ChildProcess[] = [];
// Whatever becomes of the test, nothing of it goes on serving an old build.
test.afterEach(() => {
  for (const app of started.splice(0)) app.kill('SIGKILL');
});

async function run(): Promise<ChildProcess> {
  const app = spawn(process.execPath, ['dist/serve.mjs', '127.0.0.1', String(OTHER_PORT)], {
    stdio: 'ignore',
    env: { ...process.env, NODE_ENV: 'production' },
  });
  started.push(app);
  await expect.poll(async () => (await fetch(`${OTHER}/api/health`).catch(() => null))?.status, { timeout: 30_000 }).toBe(200);
  return app;
}
/** Answers what comes before the trays go in. */
async function untilIn(page: Page): Promise<void> {
  const putIn = page.getByRole('button', { name: 'They are in' });
  const before = page.getByRole('button', { name: /^(It has stood|It is on|Shaped)$/ });
  await expect(before.or(putIn)).toBeVisible();
  while (await before.isVisible()) {
    const answer = page.getByRole('button', { name: await before.innerText(), exact: true });
    await answer.click();
    await expect(answer).toBeHidden();
    await expect(before.or(putIn)).toBeVisible();
  }
}
/** The page runs: its clock shows. */
const ticks = (page: Page): Promise<void> => expect(page.getByText(/^\d\d:\d\d$/).first()).toBeVisible();
const gone = (app: ChildProcess): Promise<void> => new Promise((resolve) => app.once('exit', () => resolve()));

type Kept = {
  readonly calls: unknown;
  readonly readings: unknown;
  readonly stands: { readonly before_g: unknown; readonly went_in: unknown };
};
/** What the kitchen knows of what is at the oven. */
async function kept(): Promise<Kept[]> {
  const { bakes } = (await (await fetch(`${OTHER}/api/oven`)).json()) as { bakes: Kept[] };
  return bakes.map(({ calls, readings, stands: { before_g, went_in } }) => ({ calls, readings, stands: { before_g, went_in } }));
}

test('a batch is called through on two pages and by key, and through a sudden end, from the bowl on', async ({
  page,
  context,
}) => {
  let app = await run();
  await bake(page, BUTTONS);
  await page.getByRole('button', { name: 'Begin at the oven' }).click();
  await page.waitForURL('/oven');
  await ticks(page);
  await expect(page.getByRole('heading', { name: 'Weigh and mix' })).toBeVisible();
  await expectAccessible(page);

  const phone = await context.newPage();
  await phone.setViewportSize({ width: 390, height: 844 });
  await phone.goto(`${OTHER}/oven`);
  await expect(phone.getByRole('heading', { name: 'Weigh and mix' })).toBeVisible();

  await test.step('space is done, and the other page hears of it', async () => {
    await page.locator('body').click({ position: { x: 4, y: 4 } });
    await page.keyboard.press(' ');
    await expect(page.getByRole('heading', { name: 'Weigh and mix' })).toBeHidden();
    await expect(phone.getByRole('heading', { name: 'Weigh and mix' })).toBeHidden();
  });
  await test.step('on the phone a tap does, until the trays are in', async () => {
    await untilIn(phone);
    const putIn = phone.getByRole('button', { name: 'They are in' });
    await typeIn(phone.getByLabel('Empty tray'), '640');
    await typeIn(phone.getByLabel('Tray with raw pieces'), '1400');
    await putIn.click();
    await expect(putIn).toBeHidden();
    expect(await phone.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    await expectAccessible(phone);
  });
  await test.step('five more minutes move the end; a tray weighed moves the forecast', async () => {
    const call = page.locator('[data-call]');
    const left = async (): Promise<number> => {
      const [minutes, seconds] = (await page.locator('[data-left] strong').innerText()).split(':').slice(-2).map(Number);
      return minutes * 60 + seconds;
    };
    await expect(call).toBeVisible();
    // The page hears from the phone that they are in, and begins to count.
    await expect.poll(left).toBeGreaterThan(0);
    const before = await left();
    await page.getByRole('button', { name: '5 more minutes' }).click();
    await expect.poll(left).toBeGreaterThan(before + 200);
    await expect(page.locator('[data-outlook]')).toContainText(/Dry enough|first batch known/);
    await page.getByRole('button', { name: 'From the probe' }).click();
    await expect(page.getByRole('list', { name: 'Noted' })).toContainText('core');
    await typeIn(page.getByLabel('Tray now'), '1390');
    await page.getByRole('button', { name: 'Note it' }).click();
    await expect(phone.getByRole('list', { name: 'Noted' })).toContainText('tray 1390');
  });
  await test.step('killed and started again, nothing is lost and the right call is on the screen', async () => {
    await expect(phone.locator('[data-call^="heat-1/1"]')).toBeVisible();
    const title = await phone.locator('[data-call] h2').innerText();
    // The page shows an answer before the kitchen has heard it: what was not heard yet would be told again after the end.
    await expect.poll(async () => (await kept())[0]?.stands.went_in ?? null).not.toBeNull();
    const before = await kept();
    expect(before).toHaveLength(1);
    const end = gone(app);
    app.kill('SIGKILL');
    await end;
    await expect(phone.getByText('no connection to the kitchen')).toBeVisible();
    // The clock goes on without the kitchen.
    const frozen = await phone.locator('[data-left] strong').innerText();
    await expect(phone.locator('[data-left] strong')).not.toHaveText(frozen);

    app = await run();
    expect(await kept()).toEqual(before);
    // The page that stayed open finds its way back, and one that is opened anew shows the same call.
    await expect(phone.getByText('no connection to the kitchen')).toBeHidden({ timeout: 20_000 });
    await phone.reload();
    await expect(phone.locator('[data-call] h2')).toHaveText(title);
    await expect(phone.getByLabel('Tray with raw pieces')).toHaveValue('1400');
  });
  await test.step('given up only when asked twice', async () => {
    await page.getByRole('button', { name: 'Give this batch up' }).click();
    await page.getByRole('button', { name: 'Keep it' }).click();
    await page.getByRole('button', { name: 'Give this batch up' }).click();
    await page.getByRole('button', { name: 'Give it up', exact: true }).click();
    await expect(page.getByRole('button', { name: `Begin ${BUTTONS}` }).first()).toBeVisible();
  });
  await phone.close();
  const over = gone(app);
  app.kill('SIGTERM');
  await over;
});
