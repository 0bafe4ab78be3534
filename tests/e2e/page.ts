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

/** Types a value into a field and leaves it: a value counts once it is entered or left. */
export async function typeIn(field: Locator, text: string): Promise<void> {
  await field.fill(text);
  await field.blur();
}

/** Starts a batch from a recipe as a browser without scripts does, by the form of its page, and waits until it is predicted. */
export async function bake(page: Page, recipe: string): Promise<void> {
  const book = await page.request.get('/api/recipes', { params: { q: recipe } });
  const { recipes } = (await book.json()) as { readonly recipes: ReadonlyArray<{ readonly id: string; readonly name: string }> };
  const found = recipes.find(({ name }) => name === recipe);
  if (!found) throw new Error(`There is no recipe ${recipe}.`);
  const address = `/recipes/${found.id}`;
  const forms = (await (await page.request.get(address)).text()).split('<form').slice(1);
  const form = forms.find((one) => one.split('</form>')[0].includes('Bake this')) ?? '';
  const hidden = [...form.split('</form>')[0].matchAll(/<input type="hidden" name="([^"]+)"(?: value="([^"]*)")?/g)];
  const multipart = Object.fromEntries(hidden.map(([, name, value = '']) => [name, value]));
  const begun = await page.request.post(address, { multipart, maxRedirects: 0 });
  await page.goto(begun.headers().location ?? `what ${recipe} begins: ${begun.status()}`);
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
