import { expect } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { expectAccessible } from './accessible';
import { test, typeIn } from './page';

const SNAPS = '[data-block^="machine"][aria-label^="Snaps for the farm shop"]';

test('a Saturday is laid out, pinned by hand and by key, made late, and told why', async ({ page }) => {
  await page.goto('/day');
  const rests = page.locator('[data-plan="rests"]');
  await expect(page.getByRole('heading', { name: 'Everything is ready in time' })).toBeVisible({ timeout: 20_000 });
  await expect(rests).toBeVisible({ timeout: 20_000 });
  await expect(page.getByText('Trying …')).toBeHidden({ timeout: 60_000 });
  await expectAccessible(page);

  await test.step('a block is moved by key, and says that it is pinned', async () => {
    const bake = page.locator(SNAPS);
    await bake.focus();
    await bake.press('Shift+ArrowRight');
    await expect(page.locator(`${SNAPS}[aria-label$="pinned"]`)).toBeVisible();
    await expect(rests).toBeVisible({ timeout: 20_000 });
    await page.getByRole('button', { name: 'Let it go' }).click();
    await expect(page.locator(`${SNAPS}[aria-label$="pinned"]`)).toHaveCount(0);
  });

  await test.step('dragged, it is pinned where it was dropped', async () => {
    await expect(rests).toBeVisible({ timeout: 20_000 });
    const box = await page.locator(SNAPS).boundingBox();
    if (!box) throw new Error('no block');
    await page.mouse.move(box.x + box.width / 2, box.y + 10);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2 + 120, box.y + 10, { steps: 6 });
    await page.mouse.up();
    await expect(page.locator(`${SNAPS}[aria-label$="pinned"]`)).toBeVisible();
    await page.getByRole('button', { name: 'Let it go' }).click();
  });

  await test.step('due too soon: late, with a cause, and what would help', async () => {
    await page
      .getByLabel('Time that Hillbars for Saturday’s market is due')
      .or(page.getByLabel(/^Time that Hillbars/))
      .first()
      .fill('09:00');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'Late', exact: true })).toBeVisible({ timeout: 20_000 });
    await expect(page.getByText(/it waits/).first()).toBeVisible();
    await expect(page.getByText('Trying …')).toBeHidden({ timeout: 60_000 });
  });

  await test.step('hours in which nothing fits: told what stands in the way, and all is there again when they are longer', async () => {
    const upTo = page.getByLabel('to', { exact: true });
    await typeIn(upTo, '07:10');
    await expect(page.getByText(/^No plan\. .*: Nobody is awake for \d+ minutes/)).toBeVisible({ timeout: 20_000 });
    await typeIn(upTo, '22:00');
    await expect(page.getByRole('heading', { name: 'Late', exact: true })).toBeVisible({ timeout: 20_000 });
  });

  await test.step('kept over a reload, and taken along as a calendar', async () => {
    await expect(rests).toBeVisible({ timeout: 20_000 });
    await page.waitForTimeout(1000);
    await page.reload();
    await expect(page.getByLabel(/^Time that Hillbars/)).toHaveValue('09:00');
    await expect(rests).toContainText('All done', { timeout: 20_000 });
    const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Calendar' }).click()]);
    const text = readFileSync(await file.path(), 'utf8');
    expect(text).toMatch(/^BEGIN:VCALENDAR\r\n/);
    expect(text.match(/BEGIN:VEVENT/g)?.length).toBeGreaterThan(20);
    expect(text.match(/BEGIN:VALARM/g)?.length).toBe(text.match(/BEGIN:VEVENT/g)?.length);
    for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
  });
});
