import AxeBuilder from '@axe-core/playwright';
import { expect, test as base, type Locator, type Page, type Response } from '@playwright/test';

/**
 * Whoever goes somewhere waits until the page there runs: what is pressed or chosen before that is lost, and a slow machine needs
 * seconds.
 */
export function untilItRuns(page: Page): void {
  const runs = async (answer: Response | null): Promise<Response | null> => {
    if (answer?.headers()['content-type']?.startsWith('text/html')) await page.locator('html[data-awake]').waitFor();
    return answer;
  };
  const [goto, reload] = [page.goto.bind(page), page.reload.bind(page)];
  page.goto = async (...to) => runs(await goto(...to));
  page.reload = async (...how) => runs(await reload(...how));
}

/** A page that fails its test on any console error, thrown error, failed request or server error. */
export const test = base.extend<{ troubles: string[] }>({
  // Who comes for the first time is asked which kitchen; these journeys have chosen the demo.
  storageState: async ({ baseURL }, use) => {
    const { hostname } = new URL(baseURL ?? '');
    const cookie = { name: 'kitchen', value: 'cairnhope', domain: hostname, path: '/' };
    await use({ cookies: [{ ...cookie, expires: -1, httpOnly: true, secure: false, sameSite: 'Lax' }], origins: [] });
  },
  context: async ({ context }, use) => {
    context.on('page', untilItRuns);
    await use(context);
  },
  troubles: [
    async ({ page }, use) => {
      const troubles: string[] = [];
      page.on(
        'console',
        (message) => message.type() === 'error' && troubles.push(`console: ${message.text()} ${message.location().url}`),
      );
      page.on('pageerror', (error) => troubles.push(`thrown: ${error.message}`));
      page.on('requestfailed', (request) => {
        // A page that is left drops what it was still fetching ahead.
        const why = request.failure()?.errorText ?? '';
        if (why !== 'net::ERR_ABORTED') troubles.push(`failed: ${request.url()} ${why}`);
      });
      page.on('response', (response) => response.status() >= 500 && troubles.push(`${response.status()}: ${response.url()}`));
      await use(troubles);
      expect(troubles).toEqual([]);
    },
    { auto: true },
  ],
});

/** What a tool looks at, and which of its rules besides. */
type Look = Pick<Parameters<AxeBuilder['options']>[0], 'runOnly' | 'rules'>;
const WCAG = {
  type: 'tag',
  values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'],
} satisfies Look['runOnly'];
/** An experiment of the tool's that we hold to all the same: what is seen is part of what is said. */
const ALL: Look = { runOnly: WCAG, rules: { 'label-content-name-mismatch': { enabled: true } } };
/** Colours take longer than all the rest. */
const BUT_COLOURS: Look = { ...ALL, rules: { ...ALL.rules, 'color-contrast': { enabled: false } } };
const COLOURS: Look = { runOnly: { type: 'rule', values: ['color-contrast'] } };
/** Rows of a long list are alike: so many of them are looked at. */
const ROWS = 20;

/**
 * No fault against WCAG 2.2 A and AA and against good practice that a tool can see. Colours only within a dialog: those of the pages
 * are looked at in look-over.spec.ts.
 */
export async function expectAccessible(page: Page): Promise<void> {
  await expectNone(page, BUT_COLOURS);
  // Counted: a dialog's own box is empty where what it shows is fixed to the window.
  if ((await page.getByRole('dialog').count()) > 0) await expectNone(page, COLOURS, '[role=dialog]');
}

/** The same with the colours of all the page. */
export const expectAccessibleInColour = (page: Page): Promise<void> => expectNone(page, ALL);

/** Nothing that is too pale to read. */
export const expectContrast = (page: Page): Promise<void> => expectNone(page, COLOURS);

/** Only faults are gathered, and in the page itself: there are no frames here, and a page is looked at three times as fast. */
async function expectNone(page: Page, look: Look, within = ':root'): Promise<void> {
  // What lies under the bars that stay can be scrolled out from under them: the tool does not scroll.
  const style = await page.addStyleTag({ content: '.sticky, nav.fixed { position: static !important; }' });
  const { violations } = await new AxeBuilder({ page })
    .setLegacyMode(true)
    .include(within)
    .exclude(`:is(tr, li):nth-of-type(n + ${ROWS + 1})`)
    .options({ ...look, resultTypes: ['violations'], preload: false })
    .analyze();
  await style.evaluate((element) => (element as Element).remove());
  expect(
    violations
      .filter(isOurs)
      .map(
        ({ id, nodes }) =>
          `${id}: ${nodes.map(({ target, failureSummary }) => `${target.join(' ')} ${failureSummary ?? ''}`).join(' | ')}`,
      ),
  ).toEqual([]);
}

/** A list that is open hangs outside of the landmarks, as its package draws it; it belongs to the button that has the focus. */
const isOurs = ({ id, nodes }: { readonly id: string; readonly nodes: ReadonlyArray<{ readonly target: unknown }> }): boolean =>
  id !== 'region' || nodes.some(({ target }) => !String(target).includes('headlessui-portal-root'));

/** Types a value into a field and leaves it: a value counts once it is entered or left. */
export async function typeIn(field: Locator, text: string): Promise<void> {
  await field.fill(text);
  await field.blur();
}

/** Starts a batch from a recipe, by its own page, which is lighter than the book, and waits until it is predicted. */
export async function bake(page: Page, recipe: string): Promise<void> {
  const book = await page.request.get('/api/recipes', { params: { q: recipe } });
  const { recipes } = (await book.json()) as { readonly recipes: ReadonlyArray<{ readonly id: string; readonly name: string }> };
  const found = recipes.find(({ name }) => name === recipe);
  if (!found) throw new Error(`There is no recipe ${recipe}.`);
  await page.goto(`/recipes/${found.id}`);
  await page.getByRole('button', { name: 'Bake this' }).click();
  await page.waitForURL(/\/batch\//);
  await predicted(page);
}

/** Waits until likely run and bands are on the page. */
export async function predicted(page: Page): Promise<void> {
  await expect(page.locator('html')).toHaveAttribute('data-awake', '');
  await expect(page.locator('[data-outcome="snap"]')).toBeVisible();
  await expect(page.locator('[data-band="snap"]')).not.toHaveText('…');
  await expect(page.locator('[data-soft]')).toHaveCount(0);
}

export const outcome = (page: Page, what: 'snap' | 'keeps' | 'pieces' | 'water'): Promise<string> =>
  page.locator(`[data-outcome="${what}"]`).innerText();

/**
 * Writes a dog down with what it must not have, and waits until the kitchen has it: a table that is drawn from the server and a
 * batch that reads the dog there say the same then. Says what the page showed where it stops.
 */
export async function addDog(page: Page, name: string, { weighs, avoids }: { weighs: string; avoids: string }): Promise<void> {
  await page.goto('/dogs');
  await page.getByRole('button', { name: 'Add a dog' }).click();
  const nameField = page.getByLabel('Name of the dog');
  await expect(nameField).toHaveValue('A new dog');
  const kept: string[] = [];
  page.on('request', (request) => {
    if (request.url().includes('/api/dogs/')) kept.push(request.postData() ?? '');
  });
  await nameField.fill(name);
  await nameField.press('Tab');
  await typeIn(page.getByLabel('weighs'), weighs);
  await page.getByRole('button', { name: avoids, exact: true }).click();
  await expect(nameField).toHaveValue(name);
  await expect(page.getByRole('button', { name: `✕ ${avoids}`, exact: true })).toHaveAttribute('aria-pressed', 'true');
  await expect.poll(() => kept.some((body) => body.includes(`"${name}"`) && body.includes(`["${avoids}"]`))).toBe(true);
  await expect(page.getByRole('columnheader', { name })).toBeVisible();
}
