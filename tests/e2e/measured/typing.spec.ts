import { readFileSync } from 'node:fs';
import { expect, type Locator, type Page } from '@playwright/test';
import { SHAPES, STEPS } from '../../../src/core/catalogue';
import { limits } from '../../../src/ui/kit/limits';
import { test } from '../page';

/**
 * Values typed by real keys: each counts as what it means, or is refused with a message that stays; never another number. All of them
 * are typed into a field in fields.test.tsx: here, by a browser's keys and into the fields of a page, every seventh is.
 */
const ROWS = readFileSync('tests/written/typed-values.txt', 'utf8')
  .split('\n')
  .filter((line) => line !== '' && !line.startsWith('#'))
  .map((line) => line.split('|').map((cell) => cell.trim()))
  .filter((_, row) => row % 7 === 0);

const ROLLED = 'Oat rounds\n200 g oat flour\n80 g water\nRoll 6 mm thick, cut 50 mm rounds. Bake at 170 C for 30 minutes.';
const DROPPED = 'Oat drops\n200 g oat flour\n120 g water\nDrop 18 g portions, 12 mm high. Bake at 170 C for 30 minutes.';

type Limits = { readonly min: number; readonly max: number };
type Box = Limits & { readonly field: Locator; readonly old: string };

/** Opens a recipe's fields of one unit each. */
async function boxesOf(page: Page, text: string): Promise<Readonly<Record<string, Box>>> {
  await page.goto('/recipes/new');
  await page.getByLabel('The recipe in your words').fill(text);
  await page.getByRole('button', { name: 'Change the shape' }).click();
  await page.getByRole('button', { name: 'Change the heat' }).click();
  const box = (label: string, old: string, { min, max }: Limits): Box => ({
    field: page.getByLabel(label, { exact: true }),
    old,
    min,
    max,
  });
  return text === ROLLED
    ? {
        mm: box('thick', '6', SHAPES['roll-and-cut'].fields.thickness_mm),
        '°C': box('at', '170', STEPS.hold.fields.setpoint_c),
        min: box('for', '30', limits(STEPS.hold.fields.minutes)),
      }
    : { g: box('one weighs', '18', SHAPES.drop.fields.piece_g), mm: box('high', '12', SHAPES.drop.fields.height_mm) };
}

/** Types a value and enters it; a refused one stays with its message when it is left, and the old one stands. */
async function tried(
  page: Page,
  { field, min, max, old }: Box,
  [typed, meant]: readonly [string, string],
  delay: number,
): Promise<void> {
  await field.focus();
  await field.fill('');
  await field.pressSequentially(typed, { delay });
  await page.keyboard.press('Enter');
  const number = Number(meant);
  if (meant === 'refused' || number < min || number > max) {
    await expect(field, `"${typed}"`).toHaveAttribute('aria-invalid', 'true');
    await field.blur();
    await expect(page.getByRole('alert').filter({ hasText: 'between' }), `"${typed}"`).toBeVisible();
    await expect(field, `"${typed}"`).toHaveValue(typed);
    await field.press('Escape');
  } else {
    await expect(field, `"${typed}"`).toHaveAttribute('aria-invalid', 'false');
    await expect
      .poll(async () => Math.abs(Number(await field.inputValue()) - number), { message: `"${typed}"` })
      .toBeLessThan(0.006);
    await field.fill(old);
    await page.keyboard.press('Enter');
  }
  await expect(field, `"${typed}"`).toHaveValue(old);
}

test('what is typed counts as what it means, or is refused and stays', async ({ page }) => {
  let count = 0;
  for (const [text, delay] of [
    [ROLLED, 0],
    [DROPPED, 12],
  ] as const) {
    const boxes = await boxesOf(page, text);
    for (const [typed, unit, meant] of ROWS) {
      if (!(unit in boxes)) continue;
      await tried(page, boxes[unit], [typed, meant], delay);
      count++;
    }
  }
  expect(count).toBeGreaterThanOrEqual(28);
});
