/** The store room over a real PostgreSQL: packs in, out, elsewhere, and what became of them. */
import { readFile } from 'node:fs/promises';
import type pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { BatchDocument } from '@/core/document';
import { dayNumber } from '@/core/quantities';
import type { JarView } from '@/contract/jars';
import { must, openKitchen } from './kitchen-database';

let db: pg.Client;
let close: () => Promise<void>;
let cases: Awaited<ReturnType<typeof useCases>>;
const useCases = async () => ({
  ...(await import('@/server/jars/store-packs')),
  ...(await import('@/server/jars/view-jars')),
  ...(await import('@/server/jars/work-jar')),
  ...(await import('@/server/view-demand')),
  ...(await import('@/server/start-batch')),
  ...(await import('@/server/measure-batch')),
});
beforeAll(async () => {
  ({ db, close } = await openKitchen('oven_test_jars'));
  cases = await useCases();
});
afterAll(() => close());

const today = (): string => new Date().toISOString().slice(0, 10);
/** Every pack of the house, page after page. */
const shelf = async (query: Parameters<typeof cases.viewJars>[0] = {}): Promise<JarView[]> => {
  const { shelves } = must(await cases.viewJars(query));
  const more = shelves.flatMap(({ store, next }) => (next === null ? [] : [[store, next] as const]));
  const here = shelves.filter(({ store }) => Object.keys(query).length === 0 || store in query).flatMap(({ jars }) => jars);
  const rest: JarView[] = [];
  for (const [store, next] of more.filter(([at]) => Object.keys(query).length === 0 || at in query))
    rest.push(...(await shelf({ [store]: next })));
  return [...here, ...rest];
};
const jarOf = async (id: string) => (await shelf()).find((jar) => jar.id === id) ?? expect.fail('gone');
const NOBODY = { tray_g: 0, before_g: null, after_g: null, texture: null, note: '' };
async function baked(recipe: string): Promise<string> {
  const { id } = must(await cases.startBatch(recipe));
  must(await cases.measureBatch(id, { revision: 0, pieces: 100, ...NOBODY }));
  return id;
}
const jarsFrom = async (batch: string) => (await shelf()).filter((jar) => jar.batch_id === batch);

describe('the demo’s shelves', () => {
  it('hold packs of several ages: good, to be used soon, and past their day', async () => {
    const jars = await shelf();
    expect(jars.length).toBeGreaterThanOrEqual(8);
    const left = jars.map(({ use_by }) => dayNumber(use_by) - dayNumber(today()));
    expect(Math.min(...left)).toBeLessThan(0);
    expect(Math.max(...left)).toBeGreaterThan(30);
    expect(new Set(jars.map(({ store }) => store)).size).toBeGreaterThan(1);
    expect(jars.some(({ opened }) => opened)).toBe(true);
    const { totals } = must(await cases.viewJars({}));
    expect(totals.find(({ act }) => act === 'sold')?.price).toBeGreaterThan(10);
    expect(totals.find(({ act }) => act === 'discarded')?.pieces).toBe(6);
  });
});

describe('a batch', () => {
  it('is put away as it was planned to be packed, once, and only when it is baked', async () => {
    const planned = must(await cases.startBatch('parsnip-buckwheat-snaps')).id;
    const early = await cases.putBatchAway(planned);
    expect(early.ok ? '' : early.message).toContain('not baked yet');
    const batch = await baked('parsnip-buckwheat-snaps');
    const { jars } = must(await cases.putBatchAway(batch));
    const there = await jarsFrom(batch);
    expect(there).toHaveLength(jars);
    expect(there[0]).toMatchObject({ option: 'clip-jar', store: 'room', opened: false, packed_on: today() });
    expect(there[0].use_by <= there[0].likely_until).toBe(true);
    // Asked again, as by a second device, it answers the same and stores nothing more.
    expect(must(await cases.putBatchAway(batch))).toEqual({ jars });
    expect(await jarsFrom(batch)).toHaveLength(jars);
    expect(await cases.putBatchAway('00000000-0000-0000-0000-000000000000')).toMatchObject({ code: 'NOT_FOUND' });
  });
});

describe('what was counted', () => {
  const sumOf = async (batch: string): Promise<number> => (await jarsFrom(batch)).reduce((sum, { pieces }) => sum + pieces, 0);
  it('is what is stored, and eight that ask at once store it once', async () => {
    const batch = await baked('parsnip-buckwheat-snaps');
    const answers = await Promise.all(Array.from({ length: 8 }, () => cases.putBatchAway(batch)));
    const counts = answers.map((answer) => must(answer).jars);
    expect(new Set(counts).size).toBe(1);
    expect(await jarsFrom(batch)).toHaveLength(counts[0]);
    expect(await sumOf(batch)).toBe(100);
  });
  it('carries through when it is put right: anew while nothing was touched, at the end of the row after', async () => {
    const batch = await baked('parsnip-buckwheat-snaps');
    must(await cases.putBatchAway(batch));
    const right = async (revision: number, pieces: number) =>
      must(await cases.measureBatch(batch, { revision, pieces, ...NOBODY }));
    expect(await right(1, 87)).toMatchObject({ not_carried: 0 });
    expect(await sumOf(batch)).toBe(87);
    const [first] = await jarsFrom(batch);
    must(await cases.workJar(first.id, { do: 'eat', pieces: 2 }));
    expect(await right(2, 95)).toMatchObject({ not_carried: 0 });
    expect(await sumOf(batch)).toBe(95);
    // What was taken from stays as it is: that many cannot be taken out any more.
    const { not_carried } = await right(3, 5);
    expect(await sumOf(batch)).toBe(5 + not_carried);
  });
});

describe('a bowl in portions', () => {
  const byPortion = async (batch: string): Promise<Record<string, number>> => {
    const sums: Record<string, number> = {};
    for (const { name, pieces } of await jarsFrom(batch)) {
      const portion = name.split(', ').at(-1) ?? '';
      sums[portion] = (sums[portion] ?? 0) + pieces;
    }
    return sums;
  };
  it('is stored as each of its shapes was counted, less what was kept out, and a count put right changes only its own', async () => {
    const written = JSON.parse(await readFile('examples/one-bowl-three-ways.batch.json', 'utf8')) as BatchDocument;
    const [first, second, third] = written.portions ?? [];
    const portions = [{ ...first, set_aside: { pieces: 4, for: 'the dogs of the house' } }, second, third];
    const { id } = must(await cases.importBatch({ ...written, portions }));
    const counts = (one: number, two: number, three: number) => [
      { portion: first.name, pieces: one },
      { portion: second.name, pieces: two },
      { portion: third.name, pieces: three },
    ];
    must(await cases.measureBatch(id, { revision: 0, pieces: null, portions: counts(20, 50, 30), ...NOBODY }));
    must(await cases.putBatchAway(id));
    expect(await byPortion(id)).toEqual({ [first.name]: 16, [second.name]: 50, [third.name]: 30 });
    const { rows } = await db.query<{ id: string }>('select id from jar where batch_id = $1 and portion = $2', [id, first.name]);
    must(await cases.workJar(rows[0].id, { do: 'eat', pieces: 1 }));
    const right = await cases.measureBatch(id, { revision: 1, pieces: null, portions: counts(20, 45, 33), ...NOBODY });
    expect(must(right)).toMatchObject({ not_carried: 0 });
    expect(await byPortion(id)).toEqual({ [first.name]: 16, [second.name]: 45, [third.name]: 33 });
    expect((await db.query('select pieces from measurement where batch_id = $1', [id])).rows[0]).toEqual({ pieces: 98 });
    const wrong = [{ portion: 'Nobody', pieces: 3 }];
    expect(await cases.measureBatch(id, { revision: 2, pieces: null, portions: wrong, ...NOBODY })).toMatchObject({
      ok: false,
      path: 'portions',
    });
  });
});

describe('a pack', () => {
  it('is taken from, given away, sold and discarded until it is gone, and the totals know', async () => {
    const batch = await baked('parsnip-buckwheat-snaps');
    must(await cases.putBatchAway(batch));
    const [{ id, pieces }] = await jarsFrom(batch);
    const sold = async (act: string) => must(await cases.viewJars({})).totals.find((one) => one.act === act)?.pieces ?? 0;
    const before = { sold: await sold('sold'), eaten: await sold('eaten') };
    must(await cases.workJar(id, { do: 'eat', pieces: 10 }));
    must(await cases.workJar(id, { do: 'give', pieces: 5, note: 'the ferry' }));
    must(await cases.workJar(id, { do: 'sell', pieces: 20, price: 4.5 }));
    expect(await cases.workJar(id, { do: 'eat', pieces: pieces })).toMatchObject({
      ok: false,
      code: 'OUT_OF_RANGE',
      path: 'pieces',
    });
    const half = await jarOf(id);
    expect(half.left_over).toBe(pieces - 35);
    expect(half.history.map(({ act }) => act)).toEqual(['sold', 'given', 'eaten', 'packed']);
    expect(must(await cases.workJar(id, { do: 'discard', pieces: pieces - 35, note: 'gone soft' })).left).toBe(0);
    expect((await shelf()).some((jar) => jar.id === id)).toBe(false);
    expect(await cases.workJar(id, { do: 'eat', pieces: 1 })).toMatchObject({ ok: false, code: 'NOT_FOUND' });
    expect(await sold('sold')).toBe(before.sold + 20);
    expect(await sold('eaten')).toBe(before.eaten + 10);
  });
  it('sealed, keeps shorter once it is opened; in the freezer longer, and its used days follow it', async () => {
    const batch = await baked('swede-crisps');
    must(await cases.putBatchAway(batch));
    const [{ id }] = await jarsFrom(batch);
    const shut = await jarOf(id);
    must(await cases.workJar(id, { do: 'move', option: 'foil-pouch', store: 'room' }));
    const pouch = await jarOf(id);
    expect(pouch.use_by >= shut.use_by).toBe(true);
    must(await cases.workJar(id, { do: 'open' }));
    expect((await jarOf(id)).use_by < pouch.use_by).toBe(true);
    must(await cases.workJar(id, { do: 'move', option: 'clip-jar', store: 'freezer' }));
    expect(await jarOf(id)).toMatchObject({ store: 'freezer', opened: false, limit: 'freezer-quality' });
    must(await cases.workJar(id, { do: 'move', option: 'clip-jar', store: 'room' }));
    expect(await jarOf(id)).toMatchObject({ thawed: true });
    const dated = await jarOf(id);
    must(await cases.workJar(id, { do: 'recrisp' }));
    expect((await jarOf(id)).use_by).toBe(dated.use_by);
  });
  it('that is soft is not frozen twice', async () => {
    const batch = await baked('cottage-parsley-buttons');
    must(await cases.putBatchAway(batch));
    const [{ id }] = await jarsFrom(batch);
    must(await cases.workJar(id, { do: 'move', option: 'zip-bag', store: 'freezer' }));
    must(await cases.workJar(id, { do: 'move', option: 'zip-bag', store: 'fridge' }));
    const { use_by } = await jarOf(id);
    expect(dayNumber(use_by) - dayNumber(today())).toBeLessThanOrEqual(4);
    expect(await cases.workJar(id, { do: 'move', option: 'zip-bag', store: 'freezer' })).toMatchObject({
      ok: false,
      code: 'STOPPED',
    });
  });
  it('refuses what makes no sense', async () => {
    const [{ id }] = await shelf();
    expect(await cases.workJar(id, { do: 'juggle' })).toMatchObject({ ok: false, path: 'do' });
    expect(await cases.workJar(id, { do: 'eat', pieces: 0 })).toMatchObject({ ok: false, path: 'pieces' });
    expect(await cases.workJar(id, { do: 'move', option: 'sock', store: 'room' })).toMatchObject({ ok: false, path: 'option' });
    expect((await db.query('select from jar where left_over < 0')).rowCount).toBe(0);
  });
});

describe('what will be wanted', () => {
  it('is not told of a short history, and says of which treats', async () => {
    const { treats, too_few, least_weeks } = must(await cases.viewDemand());
    expect(treats).toEqual([]);
    expect(too_few).toContain('Beet and mackerel hillbars');
    expect(least_weeks).toBeGreaterThan(4);
  });
  it('follows what was taken each week, counts what is in store, and bakes what is short', async () => {
    const batch = await baked('swede-crisps');
    must(await cases.storePacks({ batch }));
    const [{ id }] = await jarsFrom(batch);
    // Ten weeks of fifty or so on one weekday, the newest yesterday; what was discarded was not wanted.
    await db.query(
      `insert into jar_event (jar_id, at, act, pieces)
       select $1::uuid, now() - make_interval(days => 1 + 7 * week), 'sold', 48 + (week * 3) % 5 from generate_series(0, 9) week
       union all select $1::uuid, now() - interval '2 days', 'discarded', 900`,
      [id],
    );
    const { treats, weeks_ahead } = must(await cases.viewDemand());
    const crisps = treats.find(({ treat }) => treat === 'Swede crisps') ?? expect.fail('the crisps');
    expect(crisps.weeks).toBe(10);
    expect(crisps.next.likely).toBeGreaterThan(46);
    expect(crisps.next.likely).toBeLessThan(54);
    expect(crisps.next.low).toBeLessThan(48);
    const there = (await shelf()).filter(
      ({ batch_id, name, use_by }) => (batch_id === batch || name.startsWith('Swede')) && use_by >= today(),
    );
    expect(crisps.store.in_store).toBe(there.reduce((sum, { left_over }) => sum + left_over, 0));
    const wanted = weeks_ahead * crisps.next.likely;
    expect(crisps.store.short).toBeCloseTo(Math.max(0, wanted - crisps.store.in_store + crisps.store.left_on_their_day), -1);
    const { batches, pieces } = crisps.bake ?? expect.fail('a size');
    expect(batches).toBe(Math.ceil(crisps.store.short / pieces));
  });
});
