/** A kitchen leaves as one ZIP and comes back the same, here or on another machine. */
import { strFromU8, strToU8, unzipSync, zipSync, type Unzipped } from 'fflate';
import type pg from 'pg';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { KITCHEN_TABLES } from '@/db/kitchen-tables';
import { whileAsked } from '@/server/asked';
import { must, openKitchen } from './kitchen-database';

const DEMO = 'cairnhope';
const NAME = 'Cairnhope Bothy Bakery';
let db: pg.Client;
let close: () => Promise<void>;
let cases: Awaited<ReturnType<typeof useCases>>;
let file: Uint8Array;
const useCases = async () => ({
  ...(await import('@/server/export-kitchen')),
  ...(await import('@/server/import-kitchen')),
  ...(await import('@/server/remove-kitchen')),
  ...(await import('@/server/new-kitchen')),
  ...(await import('@/server/choose-kitchen')),
  ...(await import('@/server/stock-pantry')),
  ...(await import('@/server/batch-photo')),
  ...(await import('@/server/save-recipe')),
  ...(await import('@/server/view-log')),
  ...(await import('@/server/open-batch')),
});
const inDemo = <T>(work: () => Promise<T>): Promise<T> => whileAsked({ kitchen: DEMO }, work);

beforeAll(async () => {
  ({ db, close } = await openKitchen('oven_test_kitchen_file'));
  cases = await useCases();
  // What the demo has none of.
  const own = { name: 'Skyr powder', composition: { water: 4, protein: 70, fat: 1, carbohydrate: 20, ash: 5 }, pack_g: 500 };
  const { id } = must(await cases.addOwnIngredient(own));
  must(
    await cases.addToHouse({
      ingredient: id,
      left_g: 400,
      got_on: '2026-11-20',
      best_before: null,
      note: '"quoted", and = more',
    }),
  );
  const batch = (await db.query<{ id: string }>('select id from batch where baked_on is not null order by 1 limit 1')).rows[0].id;
  const picture = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#c86' } })
    .png()
    .toBuffer();
  must(await cases.keepPhoto(batch, picture));
  await db.query(
    `insert into bake (batch_id, kitchen_id, starts_at, ended_at) values ($1, $2, now(), now()) on conflict do nothing`,
    [batch, DEMO],
  );
  await db.query(`insert into reading (batch_id, kind, value, source) values ($1, 'core_c', 71.5, 'probe')`, [batch]);
  await db.query(
    `insert into practice (kitchen_id, lesson, batch_id, name, document, unknown, owned, truth, acts)
     select $2, null, id, name, document, '["thickness"]', '{"probe": true, "dryer": null}', 7, '[{"minute": 12, "do": "turn"}]' from batch where id = $1`,
    [batch, DEMO],
  );
  await db.query(
    'insert into batch_version (batch_id, revision, document, saved_at) select id, revision, document, updated_at from batch where id = $1',
    [batch],
  );
  file = must(await inDemo(() => cases.exportKitchen())).content;
});
afterAll(() => close());

/** Every row of every table of the kitchen, but for the numbers that the database counts by itself. */
async function everything(): Promise<Record<string, unknown[]>> {
  const all: Record<string, unknown[]> = {};
  for (const table of KITCHEN_TABLES) {
    const counted = table === 'reading' || table === 'jar_event' ? ` - 'id'` : '';
    const { rows } = await db.query<{ row: unknown }>(
      `select to_jsonb(t)${counted} as row from ${table} t where ${table === 'kitchen' ? 'id' : 'kitchen_id'} = $1 order by (to_jsonb(t)${counted})::text`,
      [DEMO],
    );
    all[table] = rows.map(({ row }) => row);
  }
  return all;
}
const changed = (change: (parts: Unzipped) => void): Uint8Array => {
  const parts = unzipSync(file);
  change(parts);
  return zipSync(parts, { level: 0 });
};

describe('a kitchen in one file', () => {
  it('knows every table that belongs to a kitchen', async () => {
    const { rows } = await db.query<{ name: string }>(
      `select table_name as name from information_schema.columns where table_schema = 'public' and column_name = 'kitchen_id'
         and table_name in (select table_name from information_schema.tables where table_type = 'BASE TABLE')`,
    );
    // People, and what they did, are of the house that they sign in to.
    const left = new Set(['answered', 'bin', 'member', 'audit']);
    expect(['kitchen', ...rows.map(({ name }) => name).filter((name) => !left.has(name))].sort()).toEqual(
      [...KITCHEN_TABLES].sort(),
    );
  });

  it('holds open files and lists for people, and pictures as pictures', () => {
    const parts = unzipSync(file);
    const names = Object.keys(parts);
    expect(names.filter((name) => name.startsWith('recipes/') && name.endsWith('.batch.json')).length).toBeGreaterThan(20);
    expect(names.filter((name) => name.startsWith('batches/')).length).toBeGreaterThan(15);
    expect(names.filter((name) => /^photos\/.*\.jpg$/.test(name))).toHaveLength(1);
    expect(strFromU8(parts['log.csv']).split('\n')[0]).toContain('batch,name');
    expect(strFromU8(parts['pantry.csv'])).toContain('"""quoted"", and = more"');
    expect(strFromU8(parts['dogs.csv'])).toContain('name');
    expect(JSON.parse(strFromU8(parts['kitchen.json']))).toMatchObject({ format: 'upbeat-oven/kitchen', version: 1 });
  });

  it('is not brought in beside itself', async () => {
    expect(await cases.importKitchen(file)).toMatchObject({ ok: false, message: /in this house already/ });
  });

  it('comes back the same, every table, into a house where it is not', async () => {
    const before = await everything();
    for (const table of KITCHEN_TABLES) if (table !== 'recipe_version') expect(before[table].length, table).toBeGreaterThan(0);
    const own = must(
      await cases.setUpKitchen({
        name: 'Next door',
        country: null,
        altitude_m: 0,
        measures: 'metric',
        appliances: [],
        dog: null,
      }),
    ).id;
    must(await cases.dropKitchen(DEMO, { name: NAME }));
    expect((await everything()).batch).toEqual([]);
    expect(must(await cases.importKitchen(file))).toEqual({ id: DEMO, name: NAME });
    expect(await everything()).toEqual(before);
    expect(must(await inDemo(() => cases.viewLog({}))).tally.weighed).toBeGreaterThan(10);
    // Nothing of it is seen next door.
    expect(must(await whileAsked({ kitchen: own }, () => cases.viewLog({}))).tally.batches).toBe(0);
    // And what leaves again is what came.
    const again = unzipSync(must(await inDemo(() => cases.exportKitchen())).content);
    const first = unzipSync(file);
    for (const name of Object.keys(first).filter((one) => one.startsWith('tables/')))
      expect(strFromU8(again[name]), name).toBe(strFromU8(first[name]));
  });

  describe('that was tampered with goes in whole or not at all:', () => {
    beforeAll(async () => void must(await cases.dropKitchen(DEMO, { name: NAME })));
    const lines = (parts: Unzipped, table: string, change: (row: Record<string, unknown>, at: number) => void): void => {
      const rows = strFromU8(parts[`tables/${table}.jsonl`])
        .trimEnd()
        .split('\n')
        .map((line) => JSON.parse(line) as Record<string, unknown>);
      rows.forEach(change);
      parts[`tables/${table}.jsonl`] = strToU8(rows.map((row) => `${JSON.stringify(row)}\n`).join(''));
    };
    it.each<readonly [what: string, bytes: () => Uint8Array, why: RegExp]>([
      ['no ZIP', () => strToU8('no zip'), /not a kitchen/],
      ['cut off', () => file.slice(0, file.length / 2), /not a kitchen/],
      ['another ZIP', () => zipSync({ 'a.txt': strToU8('a') }), /not a kitchen/],
      [
        'lines are missing',
        () => changed((parts) => (parts['tables/batch.jsonl'] = parts['tables/batch.jsonl'].slice(0, 0))),
        /not whole/,
      ],
      ['no JSON', () => changed((parts) => (parts['tables/dog.jsonl'] = strToU8('x\n'.repeat(5)))), /cannot be read/],
      [
        'from a newer program',
        () =>
          changed(
            (parts) =>
              (parts['kitchen.json'] = strToU8(strFromU8(parts['kitchen.json']).replace(/"schema": "\d+/, '"schema": "999999'))),
          ),
        /newer/,
      ],
      [
        'rows of another kitchen',
        () => changed((parts) => lines(parts, 'dog', (row, at) => (row.kitchen_id = at === 2 ? 'next' : row.kitchen_id))),
        /another kitchen/,
      ],
      [
        'a recipe that cannot be',
        () =>
          changed((parts) => lines(parts, 'recipe', (row, at) => at === 3 && (row.document = { format: 'upbeat-oven/batch' }))),
        / in it: /,
      ],
      [
        'a photo that is none',
        () =>
          changed(
            (parts) => (parts[Object.keys(parts).find((name) => name.startsWith('photos/')) ?? ''] = strToU8('RIFFxxxxWAVE')),
          ),
        /no picture/,
      ],
      [
        'a dog without weight',
        () => changed((parts) => lines(parts, 'dog', (row, at) => at === 1 && (row.weight_kg = -3))),
        /weighs more/,
      ],
    ])('%s', async (_, bytes, why) => {
      const refused = await cases.importKitchen(bytes());
      expect(refused).toMatchObject({ ok: false, message: why });
      expect((await db.query('select from kitchen where id = $1', [DEMO])).rowCount).toBe(0);
      expect((await everything()).recipe).toEqual([]);
    });
    it('and the whole one still goes in', async () => {
      must(await cases.importKitchen(file));
      expect((await everything()).recipe.length).toBeGreaterThan(20);
    });
  });
});
