import AxeBuilder from '@axe-core/playwright';
import { expect, test as base, type Page } from '@playwright/test';

/** A page that fails its test on any console error, thrown error, failed request or server error. */
export const test = base.extend<{ troubles: string[] }>({
  troubles: [
    async ({ page }, use) => {
      const troubles: string[] = [];
      page.on('console', (message) => message.type() === 'error' && troubles.push(`console: ${message.text()}`));
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

/** No fault against WCAG 2.2 A and AA that a tool can see. */
export async function expectAccessible(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']).analyze();
  expect(
    violations.map(
      ({ id, nodes }) =>
        `${id}: ${nodes.map(({ target, failureSummary }) => `${target.join(' ')} ${failureSummary ?? ''}`).join(' | ')}`,
    ),
  ).toEqual([]);
}

/** Starts a batch from a recipe of the book and waits until it is predicted. */
export async function bake(page: Page, recipe: string): Promise<void> {
  await page.goto('/recipes');
  await page.getByRole('button', { name: `Bake ${recipe}` }).click();
  await page.waitForURL(/\/batch\//);
  await predicted(page);
}

/** Waits until likely run and bands are on the page. */
export async function predicted(page: Page): Promise<void> {
  await expect(page.locator('[data-outcome="snap"]')).toBeVisible();
  await expect(page.locator('[data-band="snap"]')).not.toHaveText('…');
}

export const outcome = (page: Page, what: 'snap' | 'keeps' | 'yield' | 'water'): Promise<string> =>
  page.locator(`[data-outcome="${what}"]`).innerText();
