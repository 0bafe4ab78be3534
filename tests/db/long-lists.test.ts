/** A house of many years: every list answers at once, from indexes, a page at a time. */
import type pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { dayNumber } from '@/core/quantities';
import { goodUntil, type Stored } from '@/core/keeping';
import { fillHouse } from '../../scripts/load/big-house';
import { must, openKitchen } from './kitchen-database';
import { quickest } from './quickest';

let db: pg.Client;
let close: () => Promise<void>;
let cases: Awaited<ReturnType<typeof useCases>>;
const useCases = async () => ({
  ...(await import('@/server/view-log')),
  ...(await import('@/server/exchange-log')),
  ...(await import('@/server/view-today')),
  ...(await import('@/server/jars/view-jars')),
  ...(await import('@/server/bake-day')),
  ...(await import('@/server/oven/view-oven')),
  ...(await import('@/server/view-demand')),
  ...(await import('@/server/oven/learned')),
  ...(await import('@/server/view-recipes')),
  ...(await import('@/server/view-rail')),
  ...(await import('@/server/view-shopping')),
});
const SIZE = { batches: 20_000, readings: 200_000, jars: 5_000 };
beforeAll(async () => {
  ({ db, close } = await openKitchen('oven_test_long_lists'));
  cases = await useCases();
  await fillHouse(db, SIZE);
});
afterAll(() => close());

/** What a list may take [ms]. */
const MOST_MS = 100;

describe('every list', () => {
  it.each<[string, () => Promise<unknown>]>([
    ['the log', () => cases.viewLog({})],
    ['the log, deep inside', async () => cases.viewLog({ after: '2023-06-01 10:00:00+00~00000000-0000-0000-0000-000000000000' })],
    ['the log, searched', () => cases.viewLog({ words: 'note 19999' })],
    ['the log of what is outside its band', () => cases.viewLog({ state: 'outside' })],
    ['the log of one oven', () => cases.viewLog({ oven: 'Big oven (dial reads 8 °C hot)' })],
    ['the jars', () => cases.viewJars({})],
    ['the jars, searched', () => cases.viewJars({ find: 'L4999' })],
    ['today', () => cases.viewToday()],
    ['the bake day', () => cases.viewBakeDay(undefined)],
    ['the oven', () => cases.viewOven()],
    ['the recipes', () => cases.viewRecipes({})],
    ['the rail', () => cases.viewRail()],
    ['the shopping list', () => cases.viewShopping([])],
    ['what will be wanted', () => cases.viewDemand()],
    ['what ovens taught', () => cases.viewLearned()],
  ])('%s answers within 100 ms and 150 kB', async (_, work) => {
    const { ms, value } = await quickest(MOST_MS, work);
    expect(ms).toBeLessThan(MOST_MS);
    expect(JSON.stringify(value).length).toBeLessThan(150_000);
  });
});

describe('the store room', () => {
  const all = async (store: 'room' | 'fridge' | 'freezer', find = '') => {
    const found: Array<{ id: string; opened: boolean; use_by: string; packed_on: string; is_first: boolean; name: string }> = [];
    for (let after: string | undefined; ;) {
      const shelf = must(await cases.viewJars({ find, [store]: after })).shelves.find((one) => one.store === store);
      if (!shelf) return found;
      found.push(...shelf.jars);
      if (shelf.next === null) return found;
      after = shelf.next;
    }
  };
  it('is paged shelf by shelf without a pack lost or told twice, the one to use first first', async () => {
    // The largest has its next page from the same question, and two hundred pages of them.
    const shelves = must(await cases.viewJars({})).shelves.toSorted((one, other) => one.packs - other.packs);
    for (const { store, packs } of shelves.slice(0, -1)) {
      const jars = await all(store);
      expect(new Set(jars.map(({ id }) => id)).size).toBe(packs);
      expect(jars).toHaveLength(packs);
      const order = jars.map(({ opened, use_by, packed_on }) => `${opened ? 0 : 1} ${use_by} ${packed_on}`);
      expect(order).toEqual([...order].sort());
      const seen = new Map<string, number>();
      for (const { name } of jars) seen.set(name.toLowerCase(), (seen.get(name.toLowerCase()) ?? 0) + 1);
      const firsts = jars.filter(({ is_first }) => is_first);
      expect(new Set(firsts.map(({ name }) => name.toLowerCase())).size).toBe(firsts.length);
      expect(firsts).toHaveLength([...seen.values()].filter((count) => count > 1).length);
    }
  });
  it('counts what wants using as each pack says of itself', async () => {
    const { rows } = await db.query<{ state: Stored; packed_on: string; store: string }>(
      'select state, packed_on, store from jar where gone_at is null',
    );
    const today = must(await cases.viewJars({})).today;
    for (const { store, packs, soon, past } of must(await cases.viewJars({})).shelves) {
      const stood = rows.filter((one) => one.store === store).map(({ state, packed_on }) => ({ ...goodUntil(state), packed_on }));
      const until = stood.map(({ use_by, likely_until, packed_on }) =>
        use_by <= packed_on ? (likely_until < today ? -1 : 0) : dayNumber(use_by) - dayNumber(today),
      );
      expect([packs, soon, past]).toEqual([
        stood.length,
        until.filter((days) => days >= 0 && days <= 7).length,
        until.filter((days) => days < 0).length,
      ]);
    }
  });
  it('knows the days of every pack as the core works them out', async () => {
    const { rows } = await db.query<{ state: Stored; use_by: string; likely_until: string }>(
      'select state, use_by, likely_until from jar',
    );
    for (const { state, ...days } of rows) expect(days).toEqual(goodUntil(state));
  });
});

describe('the whole log as a table', () => {
  it('is told in slices, every batch once, also while one of them is changed', async () => {
    const parts = must(await cases.logTable())[Symbol.asyncIterator]();
    const first = await parts.next();
    await db.query("update batch set updated_at = now() where name like '%tray 19000'");
    const rest: string[] = [];
    for (let part = await parts.next(); !part.done; part = await parts.next()) rest.push(part.value);
    const lines = [String(first.value), ...rest].join('').trim().split('\n');
    const { rows } = await db.query<{ total: number }>('select count(*)::int as total from batch');
    expect(rest.length).toBeGreaterThan(20);
    expect(lines).toHaveLength(rows[0].total + 1);
    expect(new Set(lines.map((line) => line.split(',')[0])).size).toBe(rows[0].total + 1);
  });
});

describe('indexes', () => {
  /** What is read from end to end for a question. */
  const readWhole = async (sql: string): Promise<string[]> => {
    const { rows } = await db.query<{ 'QUERY PLAN': unknown }>(`explain (format json) ${sql}`);
    return [...JSON.stringify(rows).matchAll(/"Node Type":"Seq Scan"[^}]*?"Relation Name":"(\w+)"/g)].map(([, table]) => table);
  };
  it.each([
    [
      'the next page of the log',
      "select id from batch where kitchen_id = 'k' and (updated_at, id) < (now(), gen_random_uuid()) order by updated_at desc, id desc limit 31",
    ],
    [
      'planned batches',
      "select id from batch where kitchen_id = 'k' and baked_on is null order by updated_at desc, id desc limit 24",
    ],
    [
      'the last baked',
      "select id from batch where kitchen_id = 'k' and baked_on is not null order by baked_on desc, created_at desc limit 40",
    ],
    ['readings of a bake', "select id from reading where batch_id = '00000000-0000-0000-0000-000000000000' order by at"],
    [
      'bakes going on',
      "select batch_id from bake where kitchen_id = 'k' and (ended_at is null or ended_at > now() - interval '3 hours')",
    ],
    ['bakes of a day', "select batch_id from bake where day = '2026-11-28'"],
    [
      'packs to use soon',
      "select id from jar where kitchen_id = 'k' and gone_at is null and use_by <= current_date order by use_by limit 12",
    ],
    [
      'a page of a shelf',
      "select id from jar j where kitchen_id = 'k' and gone_at is null and store = 'room' order by closed, use_by, packed_on, coalesce(slot, 0), id limit 25",
    ],
  ])('serve %s', async (_, sql) => expect(await readWhole(sql)).toEqual([]));
});
