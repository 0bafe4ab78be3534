/** Dogs, labels, costs and run sheets over a real PostgreSQL. */
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { must, openKitchen, saveOver } from './kitchen-database';

let close: () => Promise<void>;
let cases: Awaited<ReturnType<typeof useCases>>;
async function useCases() {
  const [start, open, save, dogs, costs, label, sheet, kit] = await Promise.all([
    import('@/server/start-batch'),
    import('@/server/open-batch'),
    import('@/server/save-batch'),
    import('@/server/dogs'),
    import('@/server/costs'),
    import('@/server/label'),
    import('@/server/view-run-sheet'),
    import('@/server/kit'),
  ]);
  return { ...start, ...open, ...save, ...dogs, ...costs, ...label, ...sheet, ...kit };
}
beforeAll(async () => {
  ({ close } = await openKitchen('oven_test_worth'));
  cases = await useCases();
});
afterAll(() => close());

const started = async (recipe = 'hillbars'): Promise<string> => must(await cases.startBatch(recipe)).id;
const saved = async (id: string, change: object): Promise<void> => {
  const { revision, document } = must(await cases.openBatch(id)).batch;
  must(await cases.saveBatch(id, { revision, document: { ...document, ...change } }));
};

describe('dogs', () => {
  it('of the scenario get a real mix of yes, few and no', async () => {
    const { dogs, recipes } = must(await cases.viewDogs({}));
    expect(dogs.map(({ document }) => document.name)).toEqual(['Juno', 'Moss', 'Pip', 'Skerry', 'Tarn']);
    const all = recipes.flatMap(({ verdicts }) => verdicts.map(({ may }) => may));
    expect(all).toHaveLength(5 * 28);
    for (const may of ['yes', 'few', 'no'] as const) expect(all.filter((one) => one === may).length).toBeGreaterThan(8);
    const moss = recipes.find(({ id }) => id === 'hillbars')?.verdicts[1];
    expect(moss).toMatchObject({ dog: 'Moss', may: 'no', reasons: [{ kind: 'reacts' }] });
  });
  it('are written down, changed and taken off; nonsense changes nothing', async () => {
    const pip = must(await cases.viewDogs({})).dogs.find(({ document }) => document.name === 'Pip')?.document ?? expect.fail();
    const fern = { ...pip, name: 'Fern', weight_kg: 3, avoids: ['egg'] };
    expect(must(await cases.keepDog('fern', { revision: 0, document: fern }))).toMatchObject({ kind: 'saved', revision: 1 });
    const at = must(await cases.viewDogs({})).dogs.findIndex(({ id }) => id === 'fern');
    expect(must(await cases.viewDogs({})).recipes.find(({ id }) => id === 'hillbars')?.verdicts[at].may).toBe('no');
    const older = { revision: 1, document: { ...fern, weight_kg: 9, avoids: [] } };
    must(await cases.keepDog('fern', older));
    expect(await cases.keepDog('fern', { revision: 2, document: { ...fern, weight_kg: -9 } })).toMatchObject({
      ok: false,
      path: 'document.weight_kg',
    });
    expect(must(await cases.viewDogs({})).dogs.find(({ id }) => id === 'fern')).toMatchObject({
      revision: 2,
      document: { weight_kg: 9, avoids: [] },
    });
    must(await cases.dropDog('fern'));
    expect(await cases.dropDog('fern')).toMatchObject({ ok: false, code: 'NOT_FOUND' });
    expect(await cases.keepDog('fern', { revision: 2, document: fern })).toMatchObject({ ok: false, code: 'NOT_FOUND' });
    expect(await cases.keepDog('Not an id!', { revision: 0, document: pip })).toMatchObject({ ok: false, path: 'id' });
  });
  it('keep what they must not have when two people change them at once', async () => {
    const { revision, document: tarn } =
      must(await cases.viewDogs({})).dogs.find(({ document }) => document.name === 'Tarn') ?? expect.fail();
    const both = [
      { revision, document: { ...tarn, avoids: ['egg'] } },
      { revision, document: { ...tarn, weight_kg: 21 } },
    ];
    const [first, second] = [await cases.keepDog('tarn', both[0]), await cases.keepDog('tarn', both[1])];
    expect(must(first)).toMatchObject({ kind: 'saved' });
    expect(must(second)).toMatchObject({ kind: 'stale', current: { revision: revision + 1, document: { avoids: ['egg'] } } });
    must(await cases.keepDog('tarn', { revision: revision + 1, document: tarn }));
  });
});

describe('costs', () => {
  it('are kept, given to batches, and refused when they are none', async () => {
    const costs = { wage_per_hour: 15, pack_prices: { tin: 2 }, equipment: [{ name: 'mats', price: 20, batches: 100 }] };
    must(await saveOver(cases.saveCosts, costs));
    expect(must(await cases.viewKit()).costs).toEqual(costs);
    expect(must(await cases.openBatch(await started())).costs).toMatchObject({ ...costs, energy_per_kwh: 0.27 });
    expect(await saveOver(cases.saveCosts, { wage_per_hour: 'much' })).toMatchObject({
      ok: false,
      path: 'document.wage_per_hour',
    });
    expect(await saveOver(cases.saveCosts, { pack_prices: { bucket: 2 } })).toMatchObject({ ok: false, code: 'UNKNOWN_KEY' });
  });
});

describe('labels', () => {
  it('are written from the batch, and as the baker wrote them otherwise', async () => {
    const id = await started();
    const before = must(await cases.viewLabel(id));
    expect(before.written.ingredients).toMatch(/^wholegrain spelt flour, beetroot \d+ %/);
    await saved(id, { label: { width_mm: 76, height_mm: 60, text: { maker: 'Kestrel Bakery', feeding: '' } } });
    expect(must(await cases.viewLabel(id)).batch.document.label?.text).toEqual({ maker: 'Kestrel Bakery', feeding: '' });
    const { type, bytes } = must(await cases.printLabel(id, { as: 'svg' }));
    expect(type).toBe('image/svg+xml');
    const svg = new TextDecoder().decode(bytes);
    expect(svg).toContain('width="76mm" height="60mm"');
    expect(svg).toContain('Kestrel Bakery');
    expect(svg).not.toContain('Fresh water');
  });
  it('are printed many to a sheet, by whatever is asked in words that are known', async () => {
    const id = await started();
    const { type, bytes } = must(await cases.printLabel(id, { sheet: 'a4', count: '20' }));
    expect(type).toBe('application/pdf');
    expect(new TextDecoder('latin1').decode(bytes.slice(0, 5))).toBe('%PDF-');
    expect(await cases.printLabel(id, { count: '0' })).toMatchObject({ ok: false, path: 'count' });
    expect(await cases.printLabel(id, { sheet: 'a9' })).toMatchObject({ ok: false, path: 'sheet' });
  });
  it('a stop caution blocks printing on paper and on the printer, and says why; saving goes on', async () => {
    const id = await started();
    const { document } = must(await cases.openBatch(id)).batch;
    await saved(id, {
      recipe: {
        ...document.recipe,
        ingredients: [...document.recipe.ingredients, { ingredient: 'onion_powder', amount: 4, unit: 'g' }],
      },
    });
    expect(must(await cases.viewLabel(id)).stops.join()).toContain('not for dogs');
    expect(await cases.printLabel(id, {})).toMatchObject({
      ok: false,
      code: 'STOPPED',
      message: expect.stringContaining('Onion') as string,
    });
    expect(await cases.workLabelPrinter({ do: 'print', batch: id, count: 1 })).toMatchObject({ ok: false, code: 'STOPPED' });
  });
  it('the printer runs out, is opened and unplugged, and says what to do', async () => {
    const id = await started();
    must(await cases.workLabelPrinter({ do: 'load' }));
    expect(must(await cases.workLabelPrinter({ do: 'print', batch: id, count: 3 })).waiting).toBeGreaterThan(0);
    expect(await cases.workLabelPrinter({ do: 'print', batch: id, count: 400 })).toMatchObject({ code: 'PRINTER_WAITS' });
    must(await cases.workLabelPrinter({ do: 'unplug' }));
    const refused = await cases.workLabelPrinter({ do: 'print', batch: id, count: 1 });
    expect(refused).toMatchObject({ ok: false, message: expect.stringContaining('Plug it in') as string });
    must(await cases.workLabelPrinter({ do: 'plug' }));
    must(await cases.workLabelPrinter({ do: 'open' }));
    expect(must(await cases.workLabelPrinter({ do: 'close' })).trouble).toBeNull();
    expect(await cases.workLabelPrinter({ do: 'dance' })).toMatchObject({ ok: false, path: 'do' });
  });
});

describe('run sheets', () => {
  it('hold the whole batch, with its bands', async () => {
    const sheet = must(await cases.viewRunSheet(await started()));
    expect(sheet.prediction.outcome.draws).toBeGreaterThan(50);
    expect(sheet.rows.map(({ id }) => id)).toContain('mackerel_canned');
    expect(await cases.viewRunSheet('6f1d3b0a-0000-4000-8000-000000000000')).toMatchObject({ ok: false, code: 'NOT_FOUND' });
  });
});
