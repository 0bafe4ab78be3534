import { readFileSync } from 'node:fs';
import { utils, write } from '@e965/xlsx';
import { describe, expect, it } from 'vitest';
import { PANTRY } from '../../../tests/reference/shipped';
import { readAny, type ReadIncoming } from '.';

function reading(content: string | Uint8Array, recipe?: number): Extract<ReadIncoming, { kind: 'reading' }> {
  const found = readAny(content, PANTRY, recipe === undefined ? {} : { recipe });
  if (!found.ok) throw new Error(found.message);
  if (found.value.kind !== 'reading') throw new Error('a document');
  return found.value;
}
const ids = (content: string | Uint8Array): Array<string | null> =>
  reading(content).reading.ingredients.map(({ ingredient }) => ingredient);
const page = (json: string, around: readonly [string, string] = ['', '']): string =>
  `<!doctype html><html><head><title>x</title><script type='application/ld+json'>${around[0]}${json}${around[1]}</script></head><body></body></html>`;

const BONES = {
  '@context': 'https://schema.org',
  '@type': 'Recipe',
  name: 'Pumpkin &amp; oat bones',
  recipeIngredient: ['&frac12; cup pumpkin pur&#233;e', '2 cups oat flour', '1 egg'],
  recipeInstructions: [
    {
      '@type': 'HowToSection',
      name: 'The dough',
      itemListElement: [
        { '@type': 'ListItem', position: 1, item: { '@type': 'HowToStep', text: '<p>Mix, roll 1/4 inch thick.</p>' } },
        { '@type': 'HowToStep', name: 'Bake', text: 'Bake at 350&deg;F for 25 minutes.' },
      ],
    },
  ],
  recipeYield: ['24', '24 cookies'],
  cookTime: 'PT25M',
};
const BONE_IDS = ['pumpkin_puree', 'flour_oat', 'egg_whole'];

describe('a recipe that a page publishes', () => {
  const all = JSON.stringify(BONES);
  it.each([
    ['plainly', page(all)],
    ['in a graph', page(JSON.stringify({ '@graph': [{ '@type': 'WebSite' }, { ...BONES, '@type': ['Thing', 'Recipe'] }] }))],
    ['in a list', page(JSON.stringify([[{ '@type': 'Person' }], BONES]))],
    ['in CDATA', page(all, ['//<![CDATA[\n', '\n//]]>'])],
    ['in a comment', page(all, ['<!--', '-->'])],
    ['with raw line ends in its texts', page(all.replace('Mix, roll', 'Mix,\nroll\t'))],
    ['with a comma too many', page(all.replace('"1 egg"]', '"1 egg",]'))],
    [
      'with prefixes',
      page(all.replace(/"(recipe\w+|name|text|itemListElement|item)":/g, '"schema:$1":').replace('"Recipe"', '"schema:Recipe"')),
    ],
    ['as a type with its address', page(all.replace('"@type":"Recipe"', '"@type":"http://schema.org/Recipe"'))],
    ['under another thing', page(JSON.stringify({ '@type': 'WebPage', mainEntity: { '@type': 'Article', about: BONES } }))],
    ['with entities of entities', page(all.replace(/&/g, '&amp;'))],
    ['as a file of its own', all],
  ])('%s', (_, text) => {
    const { reading: read } = reading(text);
    expect(read.name).toBe('Pumpkin & oat bones');
    expect(read.ingredients.map(({ ingredient }) => ingredient)).toEqual(BONE_IDS);
    expect(read.steps).toContain('Mix, roll 1/4 inch thick.');
    expect(read.makes).toMatchObject({ pieces: 24 });
    expect(read.programme?.steps).toMatchObject([{ do: 'hold', setpoint_c: 176.7, minutes: 25 }]);
    expect(read.shape?.shape).toMatchObject({ method: 'roll-and-cut', thickness_mm: 6.4 });
    expect(read.cups).toMatchObject({ meant: 'us', question: null });
  });
  it('its parts are kept where its list heads them', () => {
    const glazed = { ...BONES, recipeIngredient: ['2 cups oat flour', 'For the glaze:', '1/2 cup plain yogurt', '1 tsp honey'] };
    const { parts, ingredients } = reading(JSON.stringify(glazed)).reading;
    expect(parts.map(({ name }) => name)).toEqual(['glaze']);
    expect(ingredients.map(({ part }) => part)).toEqual([null, 'glaze', 'glaze']);
  });
  it('of several recipes one is chosen', () => {
    const two = page(JSON.stringify([BONES, { ...BONES, name: 'Second', recipeIngredient: ['100 g rye flour'] }]));
    expect(reading(two).recipes).toEqual(['Pumpkin & oat bones', 'Second']);
    expect(reading(two, 1).reading.ingredients).toMatchObject([{ ingredient: 'flour_rye_medium' }]);
  });
});

describe('a page without published data', () => {
  it('is read by its own marks', () => {
    const marked = `<html><body><nav>Home</nav><div itemscope itemtype="https://schema.org/Recipe"><h1 itemprop="name">Rye thins</h1>
      <ul><li itemprop="recipeIngredient">200&nbsp;g rye flour</li><li itemprop="ingredients">90 ml water</li></ul>
      <span itemprop="recipeYield">30 pieces</span><div itemprop="recipeInstructions"><ol><li>Roll 3 mm thin.</li><li>Bake at 160 &deg;C for 20 min.</li></ol></div>
      </div></body></html>`;
    const { reading: read } = reading(marked);
    expect(read).toMatchObject({
      name: 'Rye thins',
      makes: { pieces: 30 },
      programme: { steps: [{ setpoint_c: 160, minutes: 20 }] },
    });
    expect(ids(marked)).toEqual(['flour_rye_medium', 'water']);
  });
  it('is read by its words, without menus, scripts and remarks', () => {
    const words = `<html><head><title>Barley bits | A page</title></head><body><nav>1 cup of ads</nav><h1>Barley bits</h1><p>Makes 20</p>
      <h2>Ingredients</h2><ul><li>150 g barley flour</li><li>1 egg</li></ul><h2>Method</h2><ol><li>Roll 5 mm.</li><li>Bake at 170 C for 25 minutes.</li></ol>
      <h3>Comments</h3><p>I used 3 cups of chocolate</p><script>var x = "2 eggs"</script></body></html>`;
    const { reading: read } = reading(words);
    expect(read).toMatchObject({ name: 'Barley bits', makes: { pieces: 20 }, cautions: [] });
    expect(ids(words)).toEqual(['flour_barley', 'egg_whole']);
  });
  it('is read though its styles weigh more than a recipe, and refused beyond what is a page', () => {
    const heavy = (characters: number): string => `${page(JSON.stringify(BONES))}<style>${'x'.repeat(characters)}</style>`;
    expect(ids(heavy(2e6))).toEqual(BONE_IDS);
    expect(readAny(heavy(4e6), PANTRY)).toMatchObject({ ok: false, code: 'TOO_LARGE' });
  });
  it('with nothing on it is refused', () =>
    expect(readAny('<html><body></body></html>', PANTRY)).toMatchObject({ ok: false, code: 'MISSING_VALUE' }));
});

const SHEET = [
  ['Oat coins'],
  ['Ingredient', 'Amount', 'Unit', 'Notes'],
  ['Oat flour', '250', 'g', ''],
  ['Egg', '1', '', 'beaten'],
  ['Coconut oil', '0.5', 'tbsp', ''],
  ['Total', '300', 'g', ''],
];
const bookOf = (rows: readonly (readonly unknown[])[], bookType: 'xlsx' | 'ods'): Uint8Array => {
  const sheet = utils.aoa_to_sheet(rows.map((row) => [...row]));
  return new Uint8Array(write({ SheetNames: ['Sheet1'], Sheets: { Sheet1: sheet } }, { type: 'array', bookType }) as ArrayBuffer);
};

describe('a list in a table', () => {
  const joined = (mark: string, end = '\n'): string => SHEET.map((row) => row.join(mark)).join(end);
  it.each([
    ['commas', joined(',')],
    ['semicolons and CRLF', joined(';', '\r\n')],
    ['tabs and a mark of byte order', `\uFEFF${joined('\t')}`],
  ])('parted by %s', (_, text) => expect(ids(text)).toEqual(['flour_oat', 'egg_whole', 'coconut_oil']));
  it.each(['xlsx', 'ods'] as const)('in a workbook: %s', (kind) => {
    const numbers = SHEET.map((row) => row.map((cell) => (/^\d/.test(cell) ? Number(cell) : cell)));
    const { reading: read } = reading(bookOf(numbers, kind));
    expect(read.name).toBe('Oat coins');
    expect(read.ingredients).toMatchObject([
      { ingredient: 'flour_oat', grams: 250 },
      { ingredient: 'egg_whole', amount: 1 },
      { ingredient: 'coconut_oil', amount: 0.5, unit: 'tbsp' },
    ]);
  });
  it('a column of grams needs no unit, a column of parts makes parts', () => {
    const text = 'Ingredient,Grams,Part\nRice flour (brown),200,\nCream cheese,60,Frosting\n';
    expect(reading(text).reading.ingredients).toMatchObject([
      { ingredient: 'flour_rice_brown', grams: 200, part: null },
      { ingredient: 'cream_cheese', grams: 60, part: 'Frosting' },
    ]);
  });
  it.each([
    ['a row without an ingredient', 'Ingredient,Amount,Unit\nOats,100,g\n,50,g', 'row 3'],
    ['a quote that never ends', 'Ingredient,Amount,Unit\n"Oats,100,g\nEgg,1,', 'row 2'],
    ['headings alone', 'Ingredient,Amount,Unit\n', 'row 2'],
  ])('%s is told by its row', (_, text, path) => expect(readAny(text, PANTRY)).toMatchObject({ ok: false, path }));
  it('a workbook that is none is refused with what to do', () =>
    expect(readAny(new Uint8Array([0x50, 0x4b, 3, 4, 0, 0]), PANTRY)).toMatchObject({ ok: false }));
});

describe('what else comes in', () => {
  it('a batch file is a document', () => {
    expect(readAny(readFileSync('examples/hillbars.batch.json', 'utf8'), PANTRY)).toMatchObject({
      ok: true,
      value: { kind: 'document' },
    });
  });
  it('bytes are read as what they are', () => {
    expect(ids(new TextEncoder().encode('200 g oat flour'))).toEqual(['flour_oat']);
    expect(
      ids(new Uint8Array([0xff, 0xfe, ...new Uint8Array(new Uint16Array(Array.from('1 egg', (c) => c.charCodeAt(0))).buffer)])),
    ).toEqual(['egg_whole']);
    expect(ids(new Uint8Array(Array.from('½ cup honey', (c) => c.charCodeAt(0))))).toEqual(['honey']);
  });
  it.each([
    ['JSON that is no recipe', '{"@type":"WebSite"}', 'MISSING_VALUE'],
    ['JSON that is broken', '{"@type":"Recipe",', 'NOT_JSON'],
    ['a recipe without a list', '{"@type":"Recipe","name":"x"}', 'MISSING_VALUE'],
    ['nothing', '  ', 'MISSING_VALUE'],
  ])('%s is refused', (_, text, code) => expect(readAny(text, PANTRY)).toMatchObject({ ok: false, code }));
});
