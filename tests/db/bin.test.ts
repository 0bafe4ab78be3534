/** What is taken away can be brought back as it was, for a fortnight; and a batch remembers how it stood. */
import type pg from 'pg';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import type { BinWish } from '@/contract/bin';
import { whileAsked } from '@/server/asked';
import { must, openKitchen } from './kitchen-database';

let db: pg.Client;
let close: () => Promise<void>;
let cases: Awaited<ReturnType<typeof useCases>>;
const useCases = async () => ({
  ...(await import('@/server/bin')),
  ...(await import('@/server/batch-versions')),
  ...(await import('@/server/new-kitchen')),
  ...(await import('@/server/open-batch')),
  ...(await import('@/server/save-batch')),
  ...(await import('@/server/stock-pantry')),
  ...(await import('@/server/oven/begin-bake')),
  ...(await import('@/server/bake-day')),
  ...(await import('@/server/view-today')),
  ...(await import('@/server/view-log')),
  ...(await import('@/server/jars/view-jars')),
  ...(await import('@/server/start-batch')),
  ...(await import('@/server/dogs')),
});
beforeAll(async () => {
  ({ db, close } = await openKitchen('oven_test_bin'));
  cases = await useCases();
});
afterAll(() => close());
beforeEach(() => db.query('delete from bin'));

/** Every row of every table but those that only tell what was done, table by table. */
async function everything(): Promise<Record<string, string[]>> {
  const tables = await db.query<{ name: string }>(
    `select c.relname as name from pg_class c where c.relkind = 'r' and c.relnamespace = 'public'::regnamespace
       and c.relname not in ('bin', 'answered', 'migration', 'pantry_state', 'installation') order by 1`,
  );
  const all: Record<string, string[]> = {};
  for (const { name } of tables.rows) {
    const { rows } = await db.query<{ row: string }>(`select to_jsonb(t)::text as row from ${name} t order by 1`);
    all[name] = rows.map(({ row }) => row);
  }
  return all;
}
const one = async (sql: string): Promise<string> => (await db.query<{ id: string }>(sql)).rows[0].id;
const BUSIEST: Readonly<Record<BinWish['kind'], string>> = {
  recipe: 'select recipe_id as id from batch where recipe_id is not null group by 1 order by count(*) desc, 1 limit 1',
  batch: `select b.id from batch b join jar j on j.batch_id = b.id join measurement m on m.batch_id = b.id
    where not exists (select from bake where batch_id = b.id and ended_at is null) order by 1 limit 1`,
  jar: 'select jar_id as id from jar_event group by 1 order by count(*) desc, 1 limit 1',
  lot: 'select id from lot order by 1 limit 1',
  price: 'select ingredient_id as id from price order by 1 limit 1',
  ingredient: 'select id from ingredient where kitchen_id is not null order by 1 limit 1',
  bake_day: 'select day::text as id from bake_day order by 1 limit 1',
  photo: 'select batch_id as id from photo limit 1',
  dog: 'select id from dog order by 1 limit 1',
  appliance: 'select appliance_id as id from learned order by 1 limit 1',
};

describe('the bin', () => {
  beforeAll(async () => {
    // What the demo has none of: an own ingredient in the house with a price, a photo, and a batch that was baked at the oven.
    const made = must(
      await cases.addOwnIngredient({
        name: 'Skyr powder',
        composition: { water: 4, protein: 70, fat: 1, carbohydrate: 20, ash: 5 },
        pack_g: 500,
      }),
    );
    const id = made.id;
    must(await cases.addToHouse({ ingredient: id, left_g: 400, got_on: '2026-11-20', best_before: null, note: '' }));
    must(await cases.savePrice({ revision: 0, document: { ingredient: id, pack_g: 500, price: 9 } }));
    const batch = await one(BUSIEST.batch);
    await db.query(`insert into photo (batch_id, media_type, picture) values ($1, 'image/png', '\\x89504e47')`, [batch]);
    await db.query(
      `insert into bake (batch_id, kitchen_id, starts_at, ended_at) values ($1, 'cairnhope', now(), now()) on conflict do nothing`,
      [batch],
    );
    await db.query(`insert into reading (batch_id, kind, value, source) values ($1, 'core_c', 71.5, 'probe')`, [batch]);
  });

  it.each(Object.keys(BUSIEST) as Array<BinWish['kind']>)(
    'takes a %s away with all that hangs on it, and gives it back as it was',
    async (kind) => {
      const before = await everything();
      const id = await one(BUSIEST[kind]);
      const { binned } = must(await cases.bin({ things: [{ kind, id }] }));
      const gone = await everything();
      expect(gone[kind].length).toBe(before[kind].length - 1);
      expect(must(await cases.viewBin()).things).toMatchObject([{ kind, id: binned[0].id }]);
      must(await cases.takeBack({ ids: [binned[0].id] }));
      expect(await everything()).toEqual(before);
      expect(must(await cases.viewBin()).things).toEqual([]);
    },
  );

  it('takes everything of a wish or nothing', async () => {
    const before = await everything();
    const dog = await one(BUSIEST.dog);
    const refused = await cases.bin({
      things: [
        { kind: 'dog', id: dog },
        { kind: 'dog', id: 'nobody' },
      ],
    });
    expect(refused).toMatchObject({ ok: false, code: 'NOT_FOUND' });
    expect(await everything()).toEqual(before);
  });

  it('leaves what is at the oven, and what recipes need', async () => {
    const recipe = await one('select id from recipe order by 1 limit 1');
    const batch = must(await cases.startBatch(recipe)).id;
    must(await cases.beginBatch(batch));
    expect(await cases.bin({ things: [{ kind: 'batch', id: batch }] })).toMatchObject({ ok: false, message: /at the oven/ });
    await db.query('update bake set ended_at = now() where batch_id = $1', [batch]);
    must(await cases.bin({ things: [{ kind: 'batch', id: batch }] }));
    const ingredient = await one(BUSIEST.ingredient);
    await db.query(
      `update recipe set document = jsonb_set(document, '{recipe,ingredients,0,ingredient}', to_jsonb($2::text)) where id = $1`,
      [recipe, ingredient],
    );
    expect(await cases.bin({ things: [{ kind: 'ingredient', id: ingredient }] })).toMatchObject({
      ok: false,
      message: /in 1 recipe/,
    });
  });

  it('keeps the jars of a batch that is gone, and links them again', async () => {
    const batch = await one(BUSIEST.batch);
    const jars = async (): Promise<unknown[]> =>
      (await db.query<{ id: string }>('select id from jar where batch_id = $1 order by id', [batch])).rows;
    const before = await jars();
    expect(before.length).toBeGreaterThan(0);
    const all = (await db.query('select count(*) from jar')).rows;
    const { binned } = must(await cases.bin({ things: [{ kind: 'batch', id: batch }] }));
    expect((await db.query('select count(*) from jar')).rows).toEqual(all);
    must(await cases.viewJars({}));
    must(await cases.takeBack({ ids: [binned[0].id] }));
    expect(await jars()).toEqual(before);
  });

  it('does without a planned batch on today, in the log and on its bake day', async () => {
    const picked = await db.query<{ id: string; day: string }>(
      `select b.id, d.day::text from bake_day d, jsonb_path_query(d.settings, '$.picked[*].batch') p, batch b where b.id::text = p #>> '{}' limit 1`,
    );
    const [{ id, day }] = picked.rows;
    const { binned } = must(await cases.bin({ things: [{ kind: 'batch', id }] }));
    must(await cases.viewToday());
    must(await cases.viewLog({}));
    const view = must(await cases.viewBakeDay(day));
    expect(view.batches.map((batch) => batch.id)).not.toContain(id);
    must(await cases.takeBack({ ids: [binned[0].id] }));
    expect(must(await cases.viewBakeDay(day)).batches.map((batch) => batch.id)).toContain(id);
  });

  it('is another kitchen’s own affair', async () => {
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
    const dog = await one(BUSIEST.dog);
    const next = <T>(work: () => Promise<T>): Promise<T> => whileAsked({ kitchen: own }, work);
    const here = <T>(work: () => Promise<T>): Promise<T> => whileAsked({ kitchen: 'cairnhope' }, work);
    expect(await next(() => cases.bin({ things: [{ kind: 'dog', id: dog }] }))).toMatchObject({ ok: false, code: 'NOT_FOUND' });
    const { binned } = must(await here(() => cases.bin({ things: [{ kind: 'dog', id: dog }] })));
    expect(must(await next(() => cases.viewBin())).things).toEqual([]);
    expect(await next(() => cases.takeBack({ ids: [binned[0].id] }))).toMatchObject({ ok: false, code: 'NOT_FOUND' });
    must(await next(() => cases.emptyTheBin()));
    must(await here(() => cases.takeBack({ ids: [binned[0].id] })));
  });

  it('forgets after a fortnight, and at once when it is emptied', async () => {
    const here = <T>(work: () => Promise<T>): Promise<T> => whileAsked({ kitchen: 'cairnhope' }, work);
    const dog = await one(BUSIEST.dog);
    const { binned } = must(await here(() => cases.bin({ things: [{ kind: 'dog', id: dog }] })));
    await db.query(`update bin set binned_at = now() - interval '15 days' where id = $1`, [binned[0].id]);
    expect(must(await here(() => cases.viewBin())).things).toEqual([]);
    expect(await here(() => cases.takeBack({ ids: [binned[0].id] }))).toMatchObject({
      ok: false,
      message: /not in the bin any more/,
    });
    const other = await one(BUSIEST.dog);
    must(await here(() => cases.bin({ things: [{ kind: 'dog', id: other }] })));
    expect(must(await here(() => cases.emptyTheBin()))).toEqual({ gone: 1 });
  });

  it('says what stands in the way of something that was made anew meanwhile', async () => {
    const here = <T>(work: () => Promise<T>): Promise<T> => whileAsked({ kitchen: 'cairnhope' }, work);
    const price = await one(BUSIEST.price);
    const { binned } = must(await here(() => cases.bin({ things: [{ kind: 'price', id: price }] })));
    must(await here(() => cases.savePrice({ revision: 0, document: { ingredient: price, pack_g: 100, price: 1 } })));
    const refused = await here(() => cases.takeBack({ ids: [binned[0].id] }));
    expect(refused).toMatchObject({ ok: false, message: /there again/ });
    expect(must(await here(() => cases.viewBin())).things).toHaveLength(1);
  });

  it.each([[{}], [{ things: [] }], [{ things: [{ kind: 'kitchen', id: 'cairnhope' }] }], [{ things: 'dog' }], [null]])(
    'refuses %j with a reason',
    async (body) => expect(await cases.bin(body)).toMatchObject({ ok: false }),
  );
});

describe('the history of a batch', () => {
  it('keeps how it stood before each spell of work, and not every save', async () => {
    const here = <T>(work: () => Promise<T>): Promise<T> => whileAsked({ kitchen: 'cairnhope' }, work);
    const recipe = await one('select id from recipe order by 1 desc limit 1');
    const { id } = must(await here(() => cases.startBatch(recipe)));
    const opened = must(await here(() => cases.openBatch(id)));
    const document = opened.batch.document;
    const save = async (revision: number, name: string): Promise<void> => {
      must(await here(() => cases.saveBatch(id, { revision, document: { ...document, name } })));
    };
    const versions = async (): Promise<Array<string | undefined>> =>
      must(await here(() => cases.batchVersions(id))).versions.map((version) => version.document.name);
    await save(1, 'first');
    await save(2, 'second');
    expect(await versions()).toEqual([]);
    await db.query(`update batch set updated_at = now() - interval '11 minutes' where id = $1`, [id]);
    await save(3, 'third');
    await save(4, 'fourth');
    expect(await versions()).toEqual(['second']);
    await db.query(`update batch set updated_at = now() - interval '11 minutes' where id = $1`, [id]);
    await db.query(`update batch_version set saved_at = saved_at - interval '20 minutes' where batch_id = $1`, [id]);
    await save(5, 'fifth');
    expect(await versions()).toEqual(['fourth', 'second']);
    expect(await here(() => cases.batchVersions('00000000-0000-4000-8000-000000000000'))).toMatchObject({
      ok: false,
      code: 'NOT_FOUND',
    });
  });
});
