import { describe, expect, it } from 'vitest';
import { PANTRY } from '../../../tests/reference/shipped';
import { readLine, readRecipeText, type ReadLine, type ReadRecipe } from '.';

const HABITS = { measures: 'us', sizes: 'UK', fill: 'unknown' } as const;
const read = (line: string): ReadLine => readLine(line, PANTRY, HABITS);
function recipe(text: string): ReadRecipe {
  const result = readRecipeText(text, PANTRY);
  if (!result.ok) throw new Error(result.message);
  return result.value;
}

it('a word of the language that runs the product is no number', () => {
  for (const word of ['constructor', 'valueOf', 'toString', '__proto__']) {
    expect(readLine(`${word} cups oat flour`, PANTRY, HABITS).grams, word).not.toBeNaN();
    expect(readLine(`2 ${word} eggs`, PANTRY, HABITS).grams, word).not.toBeNaN();
  }
});

/**
 * Lines as people write them, in several styles and with mistakes: what they mean, and grams within a twentieth.
 * Weights by hand from the table's densities and count weights. `asks` marks what no reader could know.
 */
const LINES: ReadonlyArray<readonly [line: string, ingredient: string, grams: number, asks?: 'asks']> = [
  // grams, spelled in many ways
  ['450 g wholemeal flour', 'flour_wheat_wholemeal', 450],
  ['450g whole-wheat flour, plus extra for dusting', 'flour_wheat_wholemeal', 450],
  ['0.75 kg spelt flour', 'flour_spelt_whole', 750],
  ['1,25 kg Beef mince (lean)', 'beef_mince_lean', 1250],
  ['200 grams of rolled oats', 'oats_rolled', 200],
  ['80 gr. ground linseed', 'flaxseed_ground', 80],
  ['Rye flour: 320 g', 'flour_rye_medium', 320],
  ['buckwheat flour – 150 g', 'flour_buckwheat', 150],
  ['• 60 g cottage cheese', 'cottage_cheese', 60],
  // ounces and pounds
  ['8 oz lamb mince', 'lamb_mince', 226.8],
  ['1/2 lb minced turkey', 'turkey_mince', 226.8],
  ['1 lb. 2 oz. pork liver, trimmed', 'liver_pork', 510.3],
  ['1½ pounds venison, minced', 'venison_mince', 680.4],
  // cups and spoons
  ['2 1/4 cups oat flour', 'flour_oat', 249],
  ['1 3/4 c. brown rice flour', 'flour_rice_brown', 274],
  ['¾ cup pumpkin purée (not pie filling)', 'pumpkin_puree', 184],
  ['half a cup of mashed sweet potatoes', 'sweet_potato_puree', 126],
  ['one cup unsweetened apple sauce', 'applesauce', 245],
  ['1/3 cup smooth peanut butter, xylitol-free', 'peanut_butter', 86],
  ['3 Tbsp. melted coconut oil', 'coconut_oil', 41.4],
  ['2 heaped tablespoons carob powder', 'carob_powder', 20.4],
  ['1 T blackstrap molasses', 'molasses_black', 21],
  ['1/2 t cinnamon', 'cinnamon_ground', 1.4],
  ['1½ teaspoons bicarb', 'baking_soda', 7],
  ['4 tbsp freshly chopped parsley', 'parsley_fresh', 16.5],
  ['1 cup plain yoghurt', 'yogurt_plain', 243.7],
  ['2 cups grated zucchini, squeezed dry', 'courgette_raw', 263],
  ['1 cup blueberries, fresh or frozen', 'blueberries', 147, 'asks'],
  // millilitres and litres
  ['150 ml milk', 'milk_whole', 154.5],
  ['2 dl water', 'water', 200],
  ['0.25 l home-made broth', 'broth_homemade', 250],
  ['1 pint bone broth', 'broth_homemade', 473],
  // counted
  ['2 eggs', 'egg_whole', 100],
  ['Two medium free-range eggs, lightly beaten', 'egg_whole', 100],
  ['1 large egg', 'egg_whole', 59],
  ['3 egg whites', 'egg_white', 99],
  ['1 ripe banana, mashed', 'banana_mashed', 118],
  ['2 small bananas', 'banana_mashed', 202],
  ['1 medium carrot, grated', 'carrot_raw', 61],
  ['1 apple, cored and grated (no seeds)', 'apple_fresh', 182],
  ['4 chicken livers', 'liver_chicken', 160],
  ['half an apple', 'apple_fresh', 91],
  ['eggs x 3', 'egg_whole', 150],
  // tins and packs
  ['1 tin (400 g) coconut milk', 'coconut_milk', 400],
  ['2 x 125 g tins of mackerel, drained weight', 'mackerel_canned', 250, 'asks'],
  ['1 (15 oz) can pumpkin puree', 'pumpkin_puree', 425],
  ['one tin of tuna in spring water', 'tuna_canned', 102],
  ['1 stick butter', 'butter_unsalted', 113],
  ['1 x 7 g sachet fast action yeast', 'yeast_dried', 7],
  // ranges and sums
  ['3-4 tbsp cold water', 'water', 52.5],
  ['2 to 2 1/2 cups wholemeal flour', 'flour_wheat_wholemeal', 286],
  ['1 cup plus 2 tbsp millet flour', 'flour_millet', 140],
  // slips of the finger
  ['300 g wholmeal flour', 'flour_wheat_wholemeal', 300],
  ['2 tbsp penaut butter', 'peanut_butter', 32.7],
  ['100 g cotage cheese', 'cottage_cheese', 100],
  ['250 g beatroot, grated', 'beetroot_raw', 250],
  // what must not pass in silence
  ['3 cups flour', 'flour_wheat_white', 399, 'asks'],
  ['50 g grated cheese', 'cheddar', 50, 'asks'],
  ['1/3 cup thick beetroot purée', 'beetroot_puree', 82],
  ['1 cup chicken stock', 'broth_cube', 237, 'asks'],
];

describe('written lines', () => {
  it('are sixty', () => expect(LINES).toHaveLength(60));
  it('at least fifty-seven are read right, and the rest asked about, none silently wrong', () => {
    const wrong = LINES.filter(([line, ingredient, grams]) => {
      const { ingredient: id, grams: mass_g } = read(line);
      return id !== ingredient || mass_g === null || Math.abs(mass_g / grams - 1) > 0.05;
    });
    expect(wrong.length).toBeLessThanOrEqual(3);
    for (const [line] of wrong) expect(read(line).question, line).not.toBeNull();
  });
  it.each(LINES.map(([line, ingredient, grams, asks]) => ({ line, ingredient, grams, asks })))(
    '$line',
    ({ line, ingredient, grams, asks }) => {
      const found = read(line);
      expect(found.ingredient).toBe(ingredient);
      expect(found.grams).toBeCloseTo(grams, grams > 50 ? -1 : 0);
      expect(found.question === null, found.question ?? 'no question').toBe(asks === undefined);
      expect(found.line).toBe(line);
    },
  );
});

describe('what cannot be known is asked', () => {
  it.each([
    ['1 cup hemp milk', 'Which one is "hemp milk"'],
    ['1 cup samphire', 'does not know "samphire"'],
    ['salt to taste', 'How much salt?'],
    ['100 gram flour', 'How much is one'],
    ['a splash of water', 'How much is one splash'],
    ['1/2 cup applesauce or pumpkin', 'leaves a choice'],
    ['2 tbsp sugar-free peanut butter', 'Which one is'],
    ['1 cup (300 g) rolled oats', 'do not agree'],
    ['a jar of honey', 'How much is in one jar?'],
    ['1/2 cup beef or chicken broth', 'leaves a choice'],
    ['30 g bran flakes', 'flake'],
    ['1 cup oatmeal', 'leaves open which kind'],
    ['2 tbsp oil', 'leaves open which kind'],
    ['1 lb liver, chopped', 'Which one is "liver"'],
    ['100 g each of oats and spelt flour', 'Which one is'],
  ])('%s', (line, question) => expect(read(line).question).toContain(question));
  it('of a choice each is offered', () =>
    expect(read('1/2 cup applesauce or pumpkin puree').choices).toEqual(['applesauce', 'pumpkin_puree']));
  it('of alternatives the first is guessed, with the noun of the second', () =>
    expect(read('1/2 cup beef or chicken broth').ingredient).toBe('broth_cube'));
  it('how a thing was handled does not outweigh what it is', () =>
    expect(read('6 oz plain Greek yogurt')).toMatchObject({ ingredient: 'yogurt_greek', question: null }));
  it('and keeps what it did understand', () => {
    expect(read('1 cup hemp milk')).toMatchObject({ amount: 1, unit: 'cup-us', ingredient: null, grams: null });
    expect(read('salt to taste')).toMatchObject({ amount: null, ingredient: 'salt' });
  });
});

describe('amounts', () => {
  it('a range gives its middle and its ends', () =>
    expect(read('2-3 tbsp water')).toMatchObject({ amount: 2.5, amount_low: 2, amount_high: 3, unit: 'tbsp', grams: 37.5 }));
  it('a weight in brackets counts more than the cup before it', () =>
    expect(read('1 cup (120 g) wholemeal flour')).toMatchObject({ unit: 'cup-us', grams: 120, question: null }));
  it('a handful is a measure, if a poor one', () =>
    expect(read('a handful of parsley')).toMatchObject({ amount: 1, unit: 'handful', ingredient: 'parsley_fresh' }));
  it('cups are those of the baker', () => {
    const metric = readLine('1 cup water', PANTRY, { ...HABITS, measures: 'metric' });
    expect(metric).toMatchObject({ unit: 'cup-metric', grams: 250 });
    const scooped = readLine('1 cup plain flour', PANTRY, { ...HABITS, fill: 'scooped' });
    expect(scooped.grams).toBeCloseTo(146.7, 1);
  });
});

describe('a whole recipe', () => {
  const BARS = `Beet bars

    Ingredients:
    - 2 1/2 cups wholemeal flour, 1 large egg, 1/3 cup pumpkin purée
    - 2 tbsp oil (rapeseed)

    Method
    1. Preheat the oven to 175 C.
    2. Mix, roll out to 6 mm and cut.
    Bake for 25 minutes.`;
  it('is told apart into name, list and steps', () => {
    const { name, ingredients, steps } = recipe(BARS);
    expect(name).toBe('Beet bars');
    expect(ingredients.map(({ ingredient }) => ingredient)).toEqual([
      'flour_wheat_wholemeal',
      'egg_whole',
      'pumpkin_puree',
      'rapeseed_oil',
    ]);
    expect(steps).toEqual(['Preheat the oven to 175 C.', 'Mix, roll out to 6 mm and cut.', 'Bake for 25 minutes.']);
  });
  it('a name may have figures in it', () => {
    expect(recipe('Rusks no. 2\n500 g rye flour')).toMatchObject({ name: 'Rusks no. 2', ingredients: [{ grams: 500 }] });
    expect(recipe('Bars for 25 November\n1 egg').name).toBe('Bars for 25 November');
  });
  it('without a heading, a name or steps is a list', () => {
    const { name, ingredients, steps } = recipe('500 g venison mince\n1 egg\n100 g barley, boiled');
    expect([name, ingredients.length, steps.length]).toEqual(['', 3, 0]);
  });
  it('"all-purpose" and sticks of butter make it American, and its eggs with it', () => {
    const egg = (text: string) => recipe(text).ingredients.find(({ ingredient }) => ingredient === 'egg_whole')?.grams;
    expect(egg('2 cups all-purpose flour\n1 large egg')).toBe(50);
    expect(egg('250 g plain flour\n1 large egg')).toBe(59);
  });
  it('a comma inside a line does not cut it, an amount behind one does', () => {
    expect(recipe('1 carrot, peeled, grated').ingredients).toHaveLength(1);
    expect(recipe('1 egg + 1 yolk').ingredients.map(({ grams }) => grams)).toEqual([50, 17]);
    expect(recipe('1 cup + 2 tbsp oats').ingredients).toHaveLength(1);
    expect(recipe('1,5 dl milk').ingredients[0].grams).toBeCloseTo(154.5, 9);
  });
  it('nothing, and far too much, is refused with what to do', () => {
    expect(readRecipeText('  \n ', PANTRY)).toMatchObject({ ok: false, code: 'MISSING_VALUE' });
    expect(readRecipeText('1 egg\n'.repeat(9000), PANTRY)).toMatchObject({ ok: false, code: 'TOO_LARGE' });
  });
  it('a mark of byte order and the line ends of another system are no part of it', () =>
    expect(recipe('\uFEFF2 eggs\r\n100 g oat flour\r\n').ingredients.map(({ grams }) => grams)).toEqual([100, 100]));
  it('no text makes it fall over', () => {
    for (const text of ['(((', '1/0 cup flour', '½½½', '- - -', '999999999999 eggs', '1 (', 'x'.repeat(3000), '🐶 2 cups 🦴'])
      for (const { grams, amount } of recipe(text).ingredients)
        expect(Number.isNaN(grams) || Number.isNaN(amount), text).toBe(false);
  });
});
