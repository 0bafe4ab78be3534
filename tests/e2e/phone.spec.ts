/** Another device of the house: let in over an encrypted line, paired by a code, used at the oven through a lost line, and out again. */
import { execFileSync, spawnSync } from 'node:child_process';
import { createHash, X509Certificate } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { connect, createServer, type Server, type Socket } from 'node:net';
import { chromium, devices, expect, test, type Browser, type Page } from '@playwright/test';
import { CHROMIUM } from '../../scripts/chromium';
import { expectAccessible } from './accessible';
import { predicted, typeIn, untilItRuns } from './page';

/** A second address of this machine, and another before it that can be cut. */
const ADDRESS = '127.0.0.2';
const TLS_PORT = 3398;
const CUT_PORT = 3399;
const PHONE = `https://${ADDRESS}:${CUT_PORT}`;
const PHRASE = 'kettle marble thimble oat';
const STATE = process.env.OVEN_STATE ?? '.oven/test';
const ENV = { ...process.env, OVEN_TLS_PORT: String(TLS_PORT) };
const CRISPS = 'Swede crisps';

/** A line to the kitchen that one can cut, and mend again. */
class Cable {
  private server: Server | null = null;
  private readonly open = new Set<Socket>();

  async mend(): Promise<void> {
    this.server = createServer((near) => {
      const far = connect(TLS_PORT, ADDRESS);
      for (const [from, to] of [
        [near, far],
        [far, near],
      ] as const) {
        this.open.add(from);
        from.pipe(to);
        from.on('error', () => to.destroy());
        from.on('close', () => {
          this.open.delete(from);
          to.destroy();
        });
      }
    });
    await new Promise<void>((done) => this.server?.listen(CUT_PORT, ADDRESS, () => done()));
  }

  async cut(): Promise<void> {
    const server = this.server;
    this.server = null;
    for (const socket of this.open) socket.destroy();
    await new Promise<void>((done) => (server ? server.close(() => done()) : done()));
  }
}
const cable = new Cable();
let phones: Browser | null = null;

test.use({ serviceWorkers: 'allow' });
test.afterAll(async () => {
  await phones?.close();
  await cable.cut();
  execFileSync('bash', ['scripts/share.sh', '--off'], { env: ENV, stdio: 'ignore' });
});

/** A browser that trusts the kitchen's own certificate, as a phone does that was told to. */
async function trusting(): Promise<Browser> {
  const certificate = new X509Certificate(readFileSync(`${STATE}/tls/server.crt`));
  const key = createHash('sha256')
    .update(certificate.publicKey.export({ type: 'spki', format: 'der' }))
    .digest('base64');
  return chromium.launch({ ...CHROMIUM, args: [...(CHROMIUM.args ?? []), `--ignore-certificate-errors-spki-list=${key}`] });
}

async function signIn(page: Page): Promise<void> {
  await page.getByLabel('Name').fill('robin');
  await page.getByLabel('Passphrase', { exact: true }).fill(PHRASE);
  await page.getByRole('button', { name: 'Sign in' }).click();
}
const clockRuns = (page: Page): Promise<void> => expect(page.getByText(/^\d\d:\d\d$/).first()).toBeVisible();
const title = (page: Page): Promise<string> => page.locator('[data-call] h2').innerText();

test('a phone is let in, bakes through a lost line, and is out again', async ({ page, context, baseURL }) => {
  untilItRuns(page);
  const shared = spawnSync('bash', ['scripts/share.sh', '--name', 'Robin', '--address', ADDRESS], {
    env: ENV,
    input: `${PHRASE}\n`,
    encoding: 'utf8',
  });
  expect(shared.stderr + shared.stdout).toContain(`https://${ADDRESS}:${TLS_PORT}`);
  await context.addCookies([{ name: 'kitchen', value: 'cairnhope', url: baseURL ?? '' }]);

  await test.step('everybody signs in, at the machine as well', async () => {
    await page.goto('/people');
    await expect(page).toHaveURL(/\/sign-in\?to=%2Fpeople/);
    await expect(page.getByRole('link', { name: 'Recipes' })).toHaveCount(0);
    await expectAccessible(page);
    await signIn(page);
    await expect(page.getByRole('heading', { name: 'People and devices' })).toBeVisible();
    await expect(page.getByText(`https://${ADDRESS}:${TLS_PORT}`)).toBeVisible();
    const [cookie] = (await context.cookies()).filter(({ name }) => name === 'oven');
    expect(cookie).toMatchObject({ httpOnly: true, sameSite: 'Lax' });
  });

  let code = '';
  await test.step('a helper, and a code for their phone', async () => {
    await page.getByLabel('Their name').fill('Pip');
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await page.getByRole('region', { name: 'Pip' }).getByRole('button', { name: 'Pair a phone …' }).click();
    await page.getByRole('button', { name: 'Show the code' }).click();
    code = await page.locator('[data-code]').innerText();
    await expectAccessible(page);
  });

  await cable.mend();
  phones = await trusting();
  const pocket = await phones.newContext({ ...devices['Pixel 5'], reducedMotion: 'reduce' });
  const phone = await pocket.newPage();
  untilItRuns(phone);
  await test.step('the phone is paired', async () => {
    await phone.goto(`${PHONE}/pair#${code}`);
    await expect(phone.getByLabel('Code from the other device')).toHaveValue(code);
    await expectAccessible(phone);
    await phone.getByRole('button', { name: 'Sign this device in' }).click();
    await expect(phone.getByRole('heading', { name: 'Paired: you are Pip' })).toBeVisible();
    expect(phone.url()).not.toContain(code);
    const [cookie] = (await pocket.cookies()).filter(({ name }) => name === '__Host-oven');
    expect(cookie).toMatchObject({ httpOnly: true, secure: true, sameSite: 'Lax' });
    const again = await pocket.request.post(`${PHONE}/api/pair`, {
      data: { code },
      headers: { origin: PHONE },
      ignoreHTTPSErrors: true,
    });
    expect(again.status()).toBe(401);
    await phone.getByRole('button', { name: 'Go to the oven' }).click();
    await clockRuns(phone);
  });

  await test.step('a helper bakes, and changes no recipe', async () => {
    const started = await page.request.get('/api/recipes');
    expect(started.ok()).toBe(true);
    await phone.goto(`${PHONE}/people`);
    await expect(phone.getByText('Only owners of this kitchen')).toBeVisible();
    await phone.goto(`${PHONE}/dogs`);
    await expect(phone.getByText('You are a helper here: what is known of a dog is changed by a baker.')).toBeVisible();
    await expect(phone.getByRole('button', { name: 'Add a dog' })).toBeDisabled();
    await expect(phone.getByLabel('Name of the dog')).toBeDisabled();
    await expectAccessible(phone);
    await phone.goto(`${PHONE}/recipes`);
    await expect(phone.getByRole('button', { name: `Bake ${CRISPS}` })).toBeDisabled();
    await expect(phone.getByRole('link', { name: 'Write a recipe' })).toHaveCount(0);
    await phone.goto(`${PHONE}/oven`);
  });

  await test.step('a bake begun at the machine is called on the phone, and answered there', async () => {
    await page.goto('/recipes');
    await page.getByRole('button', { name: `Bake ${CRISPS}` }).click();
    await page.waitForURL(/\/batch\//);
    await predicted(page);
    await page.getByRole('button', { name: 'Begin at the oven' }).click();
    await page.waitForURL('/oven');
    await expect(phone.getByRole('heading', { name: 'Weigh and mix' })).toBeVisible();
    await expect(phone.getByRole('region', { name: 'When this page is not in view' })).toContainText(
      'nothing of this page rings',
    );
    await expect.poll(() => phone.title()).toMatch(/(Now|min): /);
    await expectAccessible(phone);
    await phone.getByRole('button', { name: 'Mixed' }).click();
    await expect(page.getByRole('heading', { name: 'Weigh and mix' })).toBeHidden();
  });

  let last = '';
  await test.step('its line is cut: two more answers and a weight wait on the phone, over a reload', async () => {
    await phone.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await phone.reload();
    await clockRuns(phone);
    await cable.cut();
    await expect(phone.getByText(/no connection to the kitchen/)).toBeVisible();
    for (let answers = 1; answers <= 2; answers++) {
      const before = await title(phone);
      await phone.locator('[data-call] button').first().click();
      await expect(phone.locator('[data-call] h2')).not.toHaveText(before);
      await expect(phone.getByText(new RegExp(`${answers} answers? waits? here`))).toBeVisible();
    }
    last = await title(phone);
    await typeIn(phone.getByLabel('Tray now'), '1234');
    await phone.getByRole('button', { name: 'Note it' }).click();
    await expect(phone.getByText('3 answers wait here')).toBeVisible();
    await phone.reload();
    await expect(phone.getByText('3 answers wait here')).toBeVisible();
    await expect(phone.locator('[data-call] h2')).toHaveText(last);
    await expect(phone.getByRole('list', { name: 'Noted' })).toContainText('tray 1234');
    // A page that this phone never saw says so, and nothing worse.
    await phone.goto(`${PHONE}/pantry`);
    await expect(phone.getByRole('heading', { name: 'No connection to the kitchen' })).toBeVisible();
    await phone.goto(`${PHONE}/oven`);
    await expect(phone.locator('[data-call] h2')).toHaveText(last);
  });

  await test.step('it comes back, and nothing is lost or doubled', async () => {
    await expect(page.locator('[data-call] h2')).not.toHaveText(last);
    await cable.mend();
    await expect(phone.getByText(/wait here/)).toBeHidden();
    await expect(page.locator('[data-call] h2')).toHaveText(last);
    await expect(page.getByRole('list', { name: 'Noted' }).getByText('tray 1234')).toHaveCount(1);
    const view = (await (await page.request.get('/api/oven')).json()) as {
      bakes: Array<{ name: string; calls: Array<{ done_at: string | null }>; readings: unknown[] }>;
    };
    const [bake] = view.bakes.filter(({ name }) => name.includes(CRISPS));
    expect(bake.calls.filter(({ done_at }) => done_at !== null)).toHaveLength(3);
    expect(bake.readings).toHaveLength(1);
    await page.getByRole('button', { name: 'Give this batch up' }).click();
    await page.getByRole('button', { name: 'Give it up', exact: true }).click();
    await expect(page.locator('[data-call]')).toHaveCount(0);
  });

  await test.step('the phone is revoked: it is out at its next request, and keeps no page', async () => {
    await page.goto('/people');
    await page
      .getByRole('region', { name: 'Pip' })
      .getByRole('button', { name: /^Sign out Chrome/ })
      .click();
    await expect(page.getByRole('region', { name: 'Pip' })).toContainText('Signed in nowhere');
    await phone.goto(`${PHONE}/oven`);
    await expect(phone).toHaveURL(/\/sign-in/);
    expect(await phone.evaluate(() => caches.has('pages-1'))).toBe(false);
  });

  await test.step('this machine alone again: nobody signs in, and the line is shut', async () => {
    await page.getByRole('button', { name: 'This machine alone again' }).click();
    await expect(page.getByRole('button', { name: 'Let other devices in' })).toBeVisible();
    await page.context().clearCookies({ name: 'oven' });
    await page.goto('/recipes');
    await expect(page.getByRole('button', { name: `Bake ${CRISPS}` })).toBeVisible();
    await expect.poll(isListening).toBe(false);
  });

  await test.step('nothing secret stands in what the house wrote to its log over all of it', () => {
    const log = readFileSync(`${STATE}/app.log`, 'utf8');
    for (const secret of [PHRASE, 'scrypt$', '__Host-oven=', 'oven=']) expect(log).not.toContain(secret);
  });
});

/** Whether anything answers other devices. */
const isListening = (): Promise<boolean> =>
  new Promise((done) => {
    const socket = connect(TLS_PORT, ADDRESS, () => {
      socket.destroy();
      done(true);
    });
    socket.on('error', () => done(false));
  });
