import { chromium } from '@playwright/test';
import { CHROMIUM } from './chromium';

const MOVES = 120;
const BETWEEN_MS = 40;

/**
 * Drags a corner of the programme in a real page, and times from each pointer event to the paint that shows its answer.
 *
 * @returns one time per move that changed the answer [ms]
 */
export async function dragToRepaint(address: string): Promise<number[]> {
  const browser = await chromium.launch(CHROMIUM);
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(`${address}/recipes`);
    await page.getByRole('link', { name: /Carry on/ }).click();
    const corner = page.locator('[data-corner="2"]');
    await corner.waitFor();
    // A settled page: the first bands are drawn, nothing else is under way.
    await page.locator('[data-band="snap"]', { hasNotText: '…' }).waitFor();
    await page.waitForTimeout(500);
    await page.evaluate(() => {
      const watched = document.querySelector('[data-outcome="water"]')?.closest('section');
      const times: number[] = [];
      let moved: number | null = null;
      Object.assign(window, { ovenTimes: times });
      window.addEventListener('pointermove', (event) => (moved ??= event.timeStamp), true);
      new MutationObserver(() => {
        if (moved === null) return;
        const from = moved;
        moved = null;
        // The answer is in the document; it is seen when the frame after this one is painted.
        requestAnimationFrame(() => requestAnimationFrame(() => times.push(performance.now() - from)));
      }).observe(watched ?? document.body, { subtree: true, characterData: true, childList: true, attributes: true });
    });
    const box = await corner.boundingBox();
    if (!box) throw new Error('the corner of the programme is not on the page');
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    await page.mouse.move(x, y);
    await page.mouse.down();
    for (let i = 1; i <= MOVES; i++) {
      await page.mouse.move(x - 1.5 * i, y - (i % 7));
      await page.waitForTimeout(BETWEEN_MS);
    }
    await page.mouse.up();
    const times = await page.evaluate(() => (window as unknown as { ovenTimes: number[] }).ovenTimes);
    if (times.length < MOVES / 3) throw new Error(`only ${times.length} of ${MOVES} moves were answered`);
    return times;
  } finally {
    await browser.close();
  }
}
