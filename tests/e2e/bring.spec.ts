import { expect, type Page } from '@playwright/test';
import { expectAccessible } from './accessible';
import { test } from './page';

/** Three recipes from elsewhere, each of another country, with what goes on the treat. */
const RECIPES = [
  {
    country: 'US',
    text: `Porch-Day Pumpkin Pups

For the cookies:
2 1/2 cups all-purpose flour
1 cup canned pumpkin
2 large eggs
2 tbsp creamy peanut butter (no xylitol)

For the frosting:
4 oz cream cheese, softened
1 tbsp honey

Preheat oven to 350°F. Roll the dough out to 1/4 inch and cut with a 2 inch round cutter.
Bake 30 to 35 minutes. Turn off the oven and leave them in for 2 hours.
When cold, spread the frosting. Makes about 60. Keeps 5 days in the fridge.`,
    cups: 'US cups',
    heat: '177 °C 33 min → oven off 2 h',
    shape: '6.4 mm thick, round 50.8 mm',
    part: { name: 'frosting', said: 'Frosting' },
    promises: '60 pieces · 5 days in the fridge',
    dough: '4 of 4',
  },
  {
    country: 'UK',
    text: `Garden-gate gingers

Biscuits
350g wholemeal flour
1 tsp ground ginger
1 medium egg
120ml water

Egg wash
1 egg yolk
1 tbsp milk

1. Heat the oven to 180C/160C fan/gas 4.
2. Roll to 5 mm and stamp out 5cm hearts. Brush with egg wash.
3. Bake for 25 mins, then lower the oven to 110C for another hour.
Makes 45. Store in a tin for up to 1 month.`,
    cups: null,
    heat: 'brush with the egg wash → 180 °C 25 min → 110 °C 1 h',
    shape: '5 mm thick, heart 50 mm',
    part: { name: 'Egg wash', said: 'Egg wash' },
    promises: '45 pieces · 30 days at room heat',
    dough: '4 of 4',
  },
  {
    country: 'metric',
    text: `Oat and carrot tiles
250 g oat flour
100 g carrot, grated
1 egg
20 ml sunflower oil
Topping:
1 tbsp sesame seeds

Spread 8 mm thick on a tray and score into 3 cm squares. Sprinkle with the topping.
Bake at 170 °C for 30 minutes, snap apart and dry at 100 °C for 90 minutes.
Keeps 6 weeks in a jar.`,
    cups: null,
    heat: '170 °C 30 min → snap apart → 100 °C 1 h 30 min',
    shape: 'slab 8 mm thick, cut 30 x 30 mm',
    part: { name: 'Topping', said: 'Topping' },
    promises: '42 days at room heat',
    dough: '4 of 4',
  },
] as const;
type Recipe = (typeof RECIPES)[number];
const [WHOLE, ...OTHERS] = RECIPES;

/** Pastes a recipe, and holds what is understood of it against what was meant. */
async function paste(page: Page, { text, dough, heat, shape, part, promises, cups }: Recipe, name: string): Promise<void> {
  const [title] = text.split('\n');
  await page.goto('/recipes/new');
  await page.getByLabel('The recipe in your words').fill(text.replace(title, name));
  const understood = page.getByRole('region', { name: 'As understood' });
  for (const said of [heat, shape, part.said, promises]) await expect(understood.getByText(said, { exact: true })).toBeVisible();
  for (const said of [dough, ...(cups ? [cups] : [])]) await expect(understood.getByText(said)).toBeVisible();
}

test('a pasted recipe with its finish goes the whole line, from any country, and words of danger stop it', async ({ page }) => {
  const words = page.getByLabel('The recipe in your words');
  const understood = page.getByRole('region', { name: 'As understood' });
  for (const other of OTHERS)
    await test.step(`one (${other.country}) is read as it was meant`, () => paste(page, other, other.text.split('\n')[0]));
  const { text, dough, part } = WHOLE;
  const [title] = text.split('\n');
  const name = `${title} ${Date.now()}`;
  await test.step(`one (${WHOLE.country}) stands beside what this kitchen makes of it`, async () => {
    await paste(page, WHOLE, name);
    const promise = page.getByRole('region', { name: 'As written and as predicted' });
    await expect(promise.locator('[data-promise="pieces"] td').last()).toHaveText(/^\d+/);
    await expect(promise.locator('[data-promise="keeps"]')).toContainText(/day|week|month/);
    await expectAccessible(page);
  });
  await test.step('it survives leaving and coming back', async () => {
    await page.goto('/recipes');
    await page.goto('/recipes/new');
    await expect(words).toHaveValue(text.replace(title, name));
  });
  await test.step('it is saved, and opens on its promise', async () => {
    await expect(understood.getByText(dough)).toBeVisible();
    await page.getByRole('button', { name: 'Save recipe' }).click();
    await expect(page.getByRole('heading', { name, level: 1 })).toBeVisible();
    await expect(
      page.getByRole('region', { name: 'As written and as predicted' }).locator('[data-promise="pieces"]'),
    ).toBeVisible();
    await expect(page.getByText(`for the ${part.name.toLowerCase()}`).first()).toBeVisible();
  });
  await test.step('it starts a batch that keeps its programme and its dough apart from the finish', async () => {
    await page.getByRole('button', { name: 'Bake this' }).click();
    await expect(page.locator('[data-outcome="pieces"]')).toBeVisible();
    await expect(page.locator('[data-assumed]')).toContainText('assumed');
    await page.getByRole('button', { name: 'Accept' }).first().click();
    await expect(page.locator('[data-assumed]')).toHaveCount(0);
  });
  await test.step('words of danger stop another, in brackets and after it is saved', async () => {
    const snaps = `Sweet snaps ${Date.now()}`;
    const dangerous = `200 g oat flour\n2 tbsp peanut butter (with xylitol)\n80 g water`;
    await page.goto('/recipes/new');
    await words.fill(`${snaps}\n${dangerous}\n\nRoll 5 mm. Bake at 170 C for 30 minutes.`);
    await expect(understood.getByRole('alert')).toContainText('xylitol');
    await page.getByRole('button', { name: 'Save recipe' }).click();
    await expect(page.getByRole('heading', { name: snaps, level: 1 })).toBeVisible();
    await expect(page.getByText(/while it holds what stops it/).first()).toBeVisible();
    await page.goto('/recipes/new');
    await words.fill(`${snaps} two\n${dangerous}`);
    await page.getByRole('button', { name: 'Take one without it' }).click();
    await expect(words).toHaveValue(`${snaps} two\n${dangerous.replace(' (with xylitol)', '')}`);
    await expect(understood.getByRole('alert')).toHaveCount(0);
  });
});
