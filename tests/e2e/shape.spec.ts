import { readFile } from 'node:fs/promises';
import { expect, type Page } from '@playwright/test';
import { heldUp } from './held-up';
import { expectAccessible } from './accessible';
import { bake, outcome, predicted, test, typeIn } from './page';

const openShape = async (page: Page, recipe: string): Promise<void> => {
  await bake(page, recipe);
  await page.getByRole('tab', { name: /Shape/ }).click();
};
const firstRoll = async (page: Page): Promise<number> =>
  Number(
    /(\d+) from the first roll/.exec(
      await page
        .getByText(/from the first roll/)
        .first()
        .innerText(),
    )?.[1],
  );

/** A bean with a hole, an open line and a speck: a drawing as it comes. */
const BEAN = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 120 60">
  <g transform="translate(5 5)"><path d="M0 25C0 5 30 -5 55 8S110 0 110 25 90 50 60 44 0 50 0 25Z M50 20v8h8v-8z"/></g></svg>`;

test('shaping: laid tighter, cut by an own outline, as a hand cuts, in another pan', async ({ page, browser, troubles }) => {
  await test.step('a tighter layout is searched beside the page, and stopped when nobody waits for it', async () => {
    await openShape(page, 'Beet and mackerel hillbars');
    await page.getByRole('radio', { name: 'Tightest, paper template' }).click();
    await expect(page.getByRole('progressbar', { name: 'Search for a tighter layout' })).toBeVisible();
    await page.getByRole('button', { name: 'Stop' }).click();
    await expect(page.getByRole('radio', { name: 'As your hand does it' })).toBeChecked();
    // What the browser does by itself comes and goes: the calmest of three searches is what the page itself does.
    const worst: number[] = [];
    for (const length_mm of [61, 62, 63]) {
      await page.getByRole('radio', { name: 'As your hand does it' }).click();
      await typeIn(page.getByLabel('Cutter long'), String(length_mm));
      await predicted(page);
      const byHand = await firstRoll(page);
      worst.push(
        await heldUp(browser, page, async () => {
          await page.getByRole('radio', { name: 'Tightest, paper template' }).click();
          await expect(page.getByRole('progressbar')).toBeVisible();
          await expect(page.getByRole('progressbar')).toBeHidden({ timeout: 30_000 });
          await expect.poll(() => firstRoll(page)).toBeGreaterThanOrEqual(byHand);
        }),
      );
      if (Math.min(...worst) < 50) break;
    }
    expect(Math.min(...worst)).toBeLessThan(50);
  });
  await test.step('an outline of one’s own is mended, cut, and printed at true size', async () => {
    await openShape(page, 'Beet and mackerel hillbars');
    await test.step('what cannot be worked out is told, and the last outcome stays in view', async () => {
      await page.getByRole('button', { name: /More/ }).click();
      const [long, wide] = [page.getByLabel('Tray', { exact: true }), page.getByLabel('by', { exact: true }).last()];
      const was = await long.inputValue();
      await typeIn(long, '60');
      await typeIn(wide, '60');
      // Told beside the outcome, and beside the name as well once it could not be saved.
      await expect(page.getByText('The cutter is larger than the tray').first()).toBeVisible();
      await expect(page.locator('[data-outcome="snap"]')).toBeVisible();
      await page.getByRole('button', { name: 'Undo' }).click();
      await expect(page.getByText('The cutter is larger than the tray')).toHaveCount(0);
      await typeIn(long, was);
      await predicted(page);
      // What is refused on purpose is answered with 422, which Chromium reports as an error.
      troubles.splice(0, troubles.length, ...troubles.filter((trouble) => !/422/.test(trouble)));
    });
    await page
      .getByLabel('Own outline')
      .setInputFiles({ name: 'bean.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(BEAN) });
    await expect(page.getByText('Taken in; a hole was filled.')).toBeVisible();
    await expect(page.getByRole('button', { name: /Cutter/ })).toContainText('your own');
    await expectAccessible(page);
    for (const [item, kind] of [
      ['Cutter card, PDF on A4', '%PDF-'],
      ['Whole sheet, PDF on Letter', '%PDF-'],
      ['Whole sheet, SVG at true size', '<svg '],
    ]) {
      await page.getByRole('button', { name: 'Template at true size' }).click();
      const download = page.waitForEvent('download');
      await page.getByRole('menuitem', { name: item }).click();
      const file = await readFile(await (await download).path());
      expect(file.toString('latin1', 0, 5)).toBe(kind);
    }
    await page
      .getByLabel('Own outline')
      .setInputFiles({ name: 'text.svg', mimeType: 'image/svg+xml', buffer: Buffer.from('<svg/>') });
    await expect(page.getByRole('alert').filter({ hasText: 'no outline' })).toBeVisible();
    await expect(page.getByRole('button', { name: /Cutter/ })).toContainText('your own');
  });
  await test.step('what a hand really cut counts from then on, for this batch and the next', async () => {
    await openShape(page, 'Barley and broth washboards');
    const before = await firstRoll(page);
    await typeIn(page.getByLabel('Cut from the first roll'), String(Math.round(before * 0.8)));
    await page.getByRole('button', { name: 'Go by my hand' }).click();
    await expect(page.getByText(/That is a gap of [\d.]+ mm/)).toBeVisible();
    await expect.poll(() => firstRoll(page)).toBeLessThan(before);
    await openShape(page, 'Barley and broth washboards');
    await expect(page.getByText(/Your hand leaves [\d.]+ mm/)).toBeVisible();
  });
  await test.step('a cake moves to another pan as deep, and every way of shaping reads well to tools', async () => {
    await openShape(page, 'Carrot and ricotta gotcha-day cake');
    const depth = await page.getByText(/Batter \d+ mm deep/).innerText();
    const dough = await page.getByRole('tab', { name: /Weigh/ }).innerText();
    await page.getByRole('button', { name: 'Use this pan' }).click();
    await expect(page.getByRole('tab', { name: /Weigh/ })).not.toHaveText(dough);
    await expect(page.getByText(/Batter \d+ mm deep/)).toHaveText(depth);
    for (const method of ['drop with a scoop', 'slice a log', 'fill a cavity mat', 'roll and cut']) {
      const was = await outcome(page, 'pieces');
      await page.getByRole('button', { name: 'Method' }).click();
      await page.getByRole('option', { name: method }).click();
      await expect(page.locator('[data-outcome="pieces"]')).not.toHaveText(was);
      await predicted(page);
      await expectAccessible(page);
    }
  });
});
