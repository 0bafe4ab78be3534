import { expect } from '@playwright/test';
import { expectAccessible } from './accessible';
import { bake, outcome, predicted, test, typeIn } from './page';

test('weighed and mixed: steered, read off a scale, limited, swapped, in cups, and kept', async ({ page }) => {
  await test.step('weights that differ move the feel and everything down-line, and what to add is told', async () => {
    await bake(page, 'Beet and mackerel hillbars');
    await page.getByRole('tab', { name: /Mix/ }).click();
    const [pieces, gauge] = [await outcome(page, 'pieces'), page.getByRole('img', { name: /^Feel of the dough/ })];
    const planned = await gauge.getAttribute('aria-label');
    const egg = page.getByLabel('Really in it, Egg, whole, without shell');
    await typeIn(egg, '300');
    await expect(page.getByText('+150 g')).toBeVisible();
    await expect(gauge).not.toHaveAttribute('aria-label', planned ?? '');
    await expect(page.locator('[data-outcome="pieces"]')).not.toHaveText(pieces);

    await test.step('steer it back', async () => {
      const steer = page.getByRole('region', { name: 'Steer the feel' });
      await expect(steer).toContainText(/Add \d+ g wholegrain spelt flour/);
      await steer.getByRole('button', { name: 'It is in' }).first().click();
      await expect(steer).toContainText('It is there: leave it.');
      await expectAccessible(page);
    });
    await test.step('and every step can be undone', async () => {
      await page.getByRole('button', { name: 'Undo' }).click();
      await page.getByRole('button', { name: 'Undo' }).click();
      await expect(egg).toHaveValue('');
      await expect(gauge).toHaveAttribute('aria-label', planned ?? '');
    });
    await test.step('the doctor asks two things and answers in grams', async () => {
      await page.getByRole('radio', { name: 'too sticky' }).click();
      await page.getByRole('radio', { name: 'about ten minutes' }).click();
      await page.getByRole('radio', { name: 'it sticks to the hands' }).click();
      await expect(page.getByRole('region', { name: 'Doctor' })).toContainText(/Add \d+ g wholegrain spelt flour/);
      await expectAccessible(page);
    });
  });
  await test.step('the scale is read over its stream, survives its plug, and its weight is taken', async () => {
    await bake(page, 'Beet and mackerel hillbars');
    await page.getByRole('tab', { name: /Mix/ }).click();
    await page.getByRole('button', { name: 'Read from the scale' }).click();
    const scale = page.getByRole('group', { name: 'Kitchen scale' });
    const shown = scale.locator('output');
    await expect(shown).toHaveText(/^\d+ g$/);
    await scale.getByRole('button', { name: 'Tare' }).click();
    await expect(shown).toHaveText(/^-?[01] g$/);
    await typeIn(scale.getByLabel('Put on'), '171');
    await scale.getByRole('button', { name: 'Put it on' }).click();
    await expect(scale).toContainText('steady');
    await expect(shown).toHaveText(/^17[0-2] g$/);
    await page.getByRole('button', { name: /Take 17\d g from the scale for Egg/ }).click();
    await expect(page.getByLabel('Really in it, Egg, whole, without shell')).toHaveValue(/^17[0-2]$/);
    await scale.getByRole('button', { name: 'Pull the plug' }).click();
    await expect(scale).toContainText('The scale is silent');
    await expect(page.getByRole('button', { name: /from the scale for/ })).toHaveCount(0);
    await expectAccessible(page);
    await scale.getByRole('button', { name: 'Plug it in' }).click();
    await expect(shown).toHaveText(/^17\d g$/);
    await typeIn(scale.getByLabel('Put on'), '-171');
    await scale.getByRole('button', { name: 'Put it on' }).click();
    await scale.getByRole('button', { name: 'put the scale away' }).click();
    await expect(page.getByRole('button', { name: 'Read from the scale' })).toBeVisible();
  });
  await test.step('what there is fixes the batch, and the scarcest thing limits it', async () => {
    await bake(page, 'Malt-grain batons');
    await expect(page.getByLabel(/^Use all the spent brewing grain/)).toHaveValue('860');
    await page.getByRole('button', { name: /^There is also only so much/ }).click();
    await page.getByRole('option', { name: 'Peanut butter, 100 % nuts, unsalted' }).click();
    const butter = page.getByLabel(/^Use all the peanut butter/);
    await typeIn(butter, '80');
    await expect(page.getByText(/g left over/)).toBeVisible();
    await expect(page.getByText('limits the batch')).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('radio', { name: 'oven loads' }).click();
    await typeIn(page.getByLabel('Fill', { exact: true }), '2');
    await expect(page.locator('[data-outcome="pieces"]')).toBeVisible();
    await expect(page.getByRole('tab', { name: /Shape/ })).toContainText('4 pans');
  });
  await test.step('a swap is compared before it is taken, corrects the water, and is undone', async () => {
    await bake(page, 'Beet and mackerel hillbars');
    await page.getByRole('button', { name: 'Swap Egg, whole, without shell' }).click();
    const dialog = page.getByRole('dialog');
    await expect(dialog.getByRole('row', { name: /Flaxseed/ })).toContainText('without egg');
    await expect(dialog.getByRole('row', { name: /as it is/ })).toContainText('egg');
    await expectAccessible(page);
    await dialog.getByRole('button', { name: /Take it: Flaxseed/ }).click();
    await expect(dialog).toHaveCount(0);
    await expect(page.getByRole('row', { name: /Flaxseed/ })).toBeVisible();
    await expect(page.getByRole('tab', { name: /Mix/ })).toContainText('Rollable');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('row', { name: /Egg, whole/ })).toBeVisible();
    await expect(page.getByRole('row', { name: /Flaxseed/ })).toHaveCount(0);
  });
  await test.step('units, cups and the scale are those of the baker, and remembered', async () => {
    await bake(page, 'Beet and mackerel hillbars');
    const flour = page.getByRole('row', { name: /Wholegrain spelt flour/ });
    const metric = await flour.innerText();
    await page.getByRole('button', { name: /^Measures/ }).click();
    await page.getByRole('option', { name: 'US cups' }).click();
    await expect(flour).not.toHaveText(metric);
    await page.getByRole('button', { name: /^How do you fill a cup/ }).click();
    await page.getByRole('option', { name: 'scooped from the bag' }).click();
    await page.getByRole('button', { name: /^Scale shows/ }).click();
    await page.getByRole('option', { name: '5 g' }).click();
    await page.getByRole('button', { name: 'Unit of Egg, whole, without shell' }).click();
    await page.getByRole('option', { name: /UK large/ }).click();
    await expect(page.getByLabel('Amount of Egg, whole, without shell in the recipe')).toHaveValue('1.69');
    await expect(page.getByText(/^saved \d\d:\d\d/)).toBeVisible();
    await page.reload();
    await predicted(page);
    await expect(page.getByRole('button', { name: /^Measures/ })).toHaveText(/US cups/);
    await expect(page.getByRole('button', { name: /^How do you fill a cup/ })).toHaveText(/scooped/);
    await page.getByRole('button', { name: /^Measures/ }).click();
    await page.getByRole('option', { name: 'metric cups' }).click();
    await page.getByRole('button', { name: /^Scale shows/ }).click();
    await page.getByRole('option', { name: '1 g' }).click();
  });
  await test.step('what a batch found out is kept in its recipe', async () => {
    await bake(page, 'Carob and carrot hearts');
    await typeIn(page.getByLabel('Amount of Water in the recipe'), '160');
    // Asked for at once: what was typed a moment ago is saved first, drawn or not.
    await page.getByRole('button', { name: 'Keep in recipe' }).click();
    await page.getByRole('link', { name: 'kept in the recipe' }).click();
    await expect(page.getByText('version 2')).toBeVisible();
    await expect(page.getByRole('row', { name: /^Water/ })).toContainText('160 g');
  });
});
