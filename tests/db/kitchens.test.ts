/** Several kitchens in one house: each sees its own, whatever a query forgets to ask. */
import { mkdir, mkdtemp, readFile, readdir, rm, utimes, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { NewKitchenRequest } from '@/contract/kitchens';
import type { BatchDocument } from '@/core/document';
import { whileAsked } from '@/server/asked';
import { collected, must, openKitchen } from './kitchen-database';
import { urlOf } from './template-database';

let db: pg.Client;
let close: () => Promise<void>;
let cases: Awaited<ReturnType<typeof useCases>>;
const useCases = async () => ({
  ...(await import('@/server/new-kitchen')),
  ...(await import('@/server/choose-kitchen')),
  ...(await import('@/server/remove-kitchen')),
  ...(await import('@/server/kitchen-settings')),
  ...(await import('@/server/kitchen-pools')),
  ...(await import('@/server/view-recipes')),
  ...(await import('@/server/view-log')),
  ...(await import('@/server/view-today')),
  ...(await import('@/server/view-pantry')),
  ...(await import('@/server/stock-pantry')),
  ...(await import('@/server/jars/view-jars')),
  ...(await import('@/server/oven/view-oven')),
  ...(await import('@/server/oven/begin-bake')),
  ...(await import('@/server/dogs')),
  ...(await import('@/server/kit')),
  ...(await import('@/server/label')),
  ...(await import('@/server/save-recipe')),
  ...(await import('@/server/start-batch')),
  ...(await import('@/server/open-batch')),
  ...(await import('@/server/bake-day')),
  ...(await import('@/server/exchange-log')),
  ...(await import('@/server/view-recipe')),
  ...(await import('@/server/measure-batch')),
  ...(await import('@/server/batch-photo')),
  ...(await import('@/server/bin')),
});
beforeAll(async () => {
  ({ db, close } = await openKitchen('oven_test_kitchens'));
  cases = await useCases();
});
afterAll(() => close());

const DEMO = 'cairnhope';
const OWN: NewKitchenRequest = {
  name: 'Quay Lane Treats',
  country: 'US',
  altitude_m: 1600,
  measures: 'us',
  appliances: [{ kind: 'gas-oven', name: 'Gas oven' }],
  dog: { name: 'Tuppence', weight_kg: 11 },
};
const NOTHING = { q: '', method: '', dog: '', without: '', archived: '' };
const within = <T>(kitchen: string, work: () => Promise<T>): Promise<T> => whileAsked({ kitchen }, work);
const called = (document: BatchDocument, name: string): BatchDocument => ({ ...document, recipe: { ...document.recipe, name } });
const PANEL = { water: 9, protein: 12, fat: 3, carbohydrate: 73, fibre: 9, ash: 3 };
let own: string;

describe('a kitchen of one’s own', () => {
  it('begins with what was asked and nothing else', async () => {
    expect(must(await cases.viewWelcome())?.kitchens.map(({ id }) => id)).toEqual([DEMO]);
    own = must(await cases.setUpKitchen(OWN)).id;
    await within(own, async () => {
      const { kitchen, place, identity, kitchens } = must(await cases.viewSettings());
      expect(kitchen).toEqual({ id: own, name: 'Quay Lane Treats', is_demo: false });
      expect(place.document).toMatchObject({ country: 'US', currency: 'USD', altitude_m: 1600, time_zone: null, seasons: {} });
      expect(identity.document.address).toBe('');
      expect(kitchens.map(({ id }) => id)).toEqual([own, DEMO]);
      expect(must(await cases.viewRecipes(NOTHING)).total).toBe(0);
      expect(must(await cases.viewLog({})).tally.batches).toBe(0);
      expect(must(await cases.viewKit()).appliances.map(({ document }) => document.name)).toEqual(['Gas oven']);
      expect(must(await cases.viewDogs({})).dogs.map(({ document }) => document.name)).toEqual(['Tuppence']);
      expect(must(await cases.viewToday()).appliances).toHaveLength(1);
      expect(must(await cases.viewOven()).bakes).toEqual([]);
      expect(must(await cases.viewJars({})).shelves.flatMap(({ jars }) => jars)).toEqual([]);
      expect(must(await cases.viewBakeDay(undefined)).saved.document.settings.picked).toEqual([]);
    });
  });
  it('is where everybody goes who chose none, and nobody is welcomed any more', async () => {
    expect((await cases.askedKitchen())?.id).toBe(own);
    expect(must(await cases.viewWelcome())).toBeNull();
  });
  it.each([
    ['no name', { ...OWN, name: ' ' }, 'name'],
    ['no such country', { ...OWN, country: 'QQ' }, 'country'],
    ['above the highest towns', { ...OWN, altitude_m: 9000 }, 'altitude_m'],
    ['an oven that nobody knows', { ...OWN, appliances: [{ kind: 'kiln', name: 'Kiln' }] }, 'appliances[0].kind'],
    ['a prototype', JSON.parse('{"__proto__": {"name": "x"}}') as object, '__proto__'],
  ])('is not made of %s', async (_what, body, path) => expect(await cases.setUpKitchen(body)).toMatchObject({ ok: false, path }));
});

describe('what is done in one kitchen', () => {
  let recipe: string;
  let batch: string;
  beforeAll(async () => {
    const { document } = await within(DEMO, async () => must(await cases.viewRecipe('hillbars')));
    recipe = await within(own, async () => must(await cases.createRecipe(called(document, 'Quay squares'))).id);
    batch = await within(own, async () => must(await cases.startBatch(recipe)).id);
  });

  it('is nowhere in the other, by list or by id', async () => {
    await within(own, async () => {
      expect(must(await cases.viewRecipes(NOTHING)).recipes.map(({ name }) => name)).toEqual(['Quay squares']);
      expect(must(await cases.openBatch(batch)).batch.document.kitchen).toMatchObject({ altitude_m: 1600 });
    });
    await within(DEMO, async () => {
      expect(must(await cases.viewRecipes({ ...NOTHING, q: 'quay' })).total).toBe(0);
      expect(await cases.openBatch(batch)).toMatchObject({ ok: false, code: 'NOT_FOUND' });
      expect(await cases.viewRecipe(recipe)).toMatchObject({ ok: false, code: 'NOT_FOUND' });
      expect(await cases.startBatch(recipe)).toMatchObject({ ok: false, code: 'NOT_FOUND' });
      expect(await cases.beginBatch(batch)).toMatchObject({ ok: false, code: 'NOT_FOUND' });
      const csv = (await collected(must(await cases.logTable()))).join('');
      expect(csv).not.toContain('Quay');
    });
    await within(own, async () => {
      const csv = (await collected(must(await cases.logTable()))).join('');
      expect(csv).toContain('Quay squares');
      expect(csv).not.toContain('Hillbars for');
    });
  });
  it('stands under the same ids as the other’s, each its own', async () => {
    const oven = { revision: 0, document: { name: 'Range', appliance: { kind: 'gas-oven', thermostat_offset_c: 4 } } };
    await within(own, async () => must(await cases.keepAppliance('big-oven', oven)));
    await within(own, async () => {
      const names = must(await cases.viewKit()).appliances.map(({ document }) => document.name);
      expect(names).toEqual(['Gas oven', 'Range']);
    });
    await within(DEMO, async () => {
      const names = must(await cases.viewKit()).appliances.map(({ document }) => document.name);
      expect(names).toContain('Big oven (dial reads 8 °C hot)');
      expect(names).not.toContain('Range');
    });
    await within(own, async () => must(await cases.dropAppliance('big-oven')));
  });
  it('an own ingredient is known where it was made', async () => {
    const pea = {
      name: 'Marrowfat meal',
      composition: PANEL,
    };
    await within(own, async () => must(await cases.addOwnIngredient(pea)));
    const named = async (): Promise<string[]> => must(await cases.viewPantry()).items.map(({ row }) => row.name);
    expect(await within(own, named)).toContain('Marrowfat meal');
    expect(await within(DEMO, named)).not.toContain('Marrowfat meal');
    await within(DEMO, async () =>
      must(await cases.addOwnIngredient({ ...pea, composition: { ...PANEL, protein: 14, carbohydrate: 71 } })),
    );
    expect(await within(DEMO, named)).toContain('Marrowfat meal');
    await within(DEMO, async () =>
      expect(await cases.savePrice({ revision: 0, document: { ingredient: 'no-such', pack_g: 500, price: 2 } })).toMatchObject({
        ok: false,
      }),
    );
  });
});

/** Tables with rows that are everybody's: shipped ingredients, and what people did to themselves. */
const SHARED_ROWS = new Set(['ingredient', 'audit']);

describe('a query that forgets whose it is', () => {
  it('sees and changes one kitchen, in every table', async () => {
    // A lot in the bin, a batch that remembers how it stood, and one that was practised.
    const { rows: lots } = await db.query<{ id: string }>('select id from lot where kitchen_id = $1 limit 1', [DEMO]);
    await within(DEMO, async () => must(await cases.bin({ things: [{ kind: 'lot', id: lots[0].id }] })));
    await db.query(
      'insert into batch_version (batch_id, revision, document, saved_at) select id, revision, document, updated_at from batch where kitchen_id = $1 limit 1',
      [DEMO],
    );
    await db.query(
      `insert into practice (kitchen_id, name, document, unknown, owned, truth)
       select kitchen_id, name, document, '[]', '{"probe": true, "dryer": null}', 7 from batch where kitchen_id = $1 limit 1`,
      [DEMO],
    );
    const { rows: tables } = await db.query<{ name: string }>(
      `select table_name as name from information_schema.tables where table_schema = 'public' and table_type = 'BASE TABLE'`,
    );
    // Somebody who belongs to both.
    await db.query(`insert into person (id, name) values ('robin', 'Robin')`);
    await db.query(`insert into member (person_id, kitchen_id, role) values ('robin', $1, 'owner'), ('robin', $2, 'owner')`, [
      DEMO,
      own,
    ]);
    await db.query(`insert into audit (kitchen_id, person, what) values ($1, 'Robin', 'settings changed')`, [DEMO]);
    // Of the house, or of people, who have no kitchen before they sign in.
    const shared = new Set(['migration', 'pantry_state', 'installation', 'person', 'device', 'pairing', 'wrong_try']);
    const counted: Record<string, number[]> = {};
    for (const { name } of tables) {
      if (shared.has(name)) continue;
      const all = await db.query<{ kitchen: string | null; n: number }>(
        `select ${name === 'kitchen' ? 'id' : 'kitchen_id'} as kitchen, count(*)::int as n from ${name} group by 1`,
      );
      for (const kitchen of [DEMO, own]) {
        const { rows } = await cases
          .poolOf(kitchen)
          .query<{ kitchen: string | null; n: number }>(
            `select ${name === 'kitchen' ? 'id' : 'kitchen_id'} as kitchen, count(*)::int as n from ${name} group by 1`,
          );
        const mine = all.rows.filter((row) => row.kitchen === kitchen || (SHARED_ROWS.has(name) && row.kitchen === null));
        expect(rows.sort(byKitchen), `${name} in ${kitchen}`).toEqual(mine.sort(byKitchen));
        counted[name] = [...(counted[name] ?? []), mine.reduce((sum, { n }) => sum + n, 0)];
      }
    }
    // Every table was really told apart by something.
    expect(
      Object.entries(counted)
        .filter(([, [demo]]) => demo === 0)
        .map(([name]) => name)
        .sort(),
    ).toEqual(['answered', 'photo', 'recipe_version']);
    const stolen = await cases.poolOf(own).query(`update batch set name = 'mine' where kitchen_id = $1`, [DEMO]);
    expect(stolen.rowCount).toBe(0);
    await expect(
      cases.poolOf(own).query(`insert into dog (id, kitchen_id, name, weight_kg) values ('x', $1, 'Stray', 9)`, [DEMO]),
    ).rejects.toMatchObject({ code: '42501' });
    await expect(cases.poolOf(own).query('update kitchen_there set is_demo = true')).rejects.toMatchObject({ code: '42501' });
    expect((await cases.poolOf(null).query('select from batch')).rowCount).toBe(0);
  });
});

const byKitchen = (one: { kitchen: string | null }, other: { kitchen: string | null }): number =>
  (one.kitchen ?? '').localeCompare(other.kitchen ?? '');

describe('the settings', () => {
  const save = async (change: object): Promise<unknown> => {
    const { place } = must(await cases.viewSettings());
    return cases.savePlace({ revision: place.revision, document: { ...place.document, ...change } });
  };
  it('are what new batches begin with, and leave old ones alone', async () => {
    await within(own, async () => {
      const { recipes } = must(await cases.viewRecipes(NOTHING));
      const before = must(await cases.startBatch(recipes[0].id)).id;
      const now = must(await cases.viewSettings()).season;
      must((await save({ room_c: 24, seasons: { [now]: { room_c: 31, room_rh_pct: 82 } } })) as Parameters<typeof must>[0]);
      const after = must(await cases.startBatch(recipes[0].id)).id;
      expect(must(await cases.openBatch(before)).batch.document.kitchen).toMatchObject({ room_c: 20, room_rh_pct: 50 });
      expect(must(await cases.openBatch(after)).batch.document.kitchen).toMatchObject({ room_c: 31, room_rh_pct: 82 });
    });
  });
  it('stand on the label: an own kitchen as it is, the demo as made up', async () => {
    const maker = async (): Promise<string> => {
      const { entries } = must(await cases.viewLog({}));
      return must(await cases.viewLabel(entries[0].id)).written.maker;
    };
    await within(own, async () => {
      const { identity } = must(await cases.viewSettings());
      const document = { name: 'Quay Lane Dog Bakery', address: '4 Quay Lane\nHarbour End' };
      must(await cases.saveIdentity({ revision: identity.revision, document }));
      expect(await maker()).toBe('Quay Lane Dog Bakery, 4 Quay Lane, Harbour End');
      const stale = await cases.saveIdentity({ revision: identity.revision, document });
      expect(stale).toMatchObject({ ok: true, value: { kind: 'stale', current: { document } } });
    });
    expect(await within(DEMO, maker)).toMatch(/made up/);
  });
  it('say when everything was copied last, and warn when that is a week ago', async () => {
    const folder = await mkdtemp(join(tmpdir(), 'copies-'));
    process.env.OVEN_STATE = folder;
    const told = async (): Promise<unknown> => {
      const { copied_at, copy_is_old } = must(await cases.viewSettings());
      return [copied_at === null ? null : copied_at.slice(0, 10), copy_is_old];
    };
    try {
      expect(await told()).toEqual([null, true]);
      await mkdir(join(folder, 'backups'));
      const file = join(folder, 'backups', 'daily-2026-01-02.dump');
      await writeFile(file, '');
      expect(await told()).toEqual([null, true]);
      await writeFile(file, 'rows');
      await utimes(file, new Date('2026-01-02'), new Date('2026-01-02'));
      expect(await told()).toEqual(['2026-01-02', true]);
      await utimes(file, new Date(), new Date());
      expect(await told()).toEqual([new Date().toISOString().slice(0, 10), false]);
    } finally {
      delete process.env.OVEN_STATE;
      await rm(folder, { recursive: true });
    }
  });
  it.each([
    ['a heat that no room has', { room_c: 80 }],
    ['a zone that no clock knows', { time_zone: 'Mars/Base' }],
    ['money that nobody prints', { currency: 'XYZZ' }],
    ['a fifth season', { seasons: { monsoon: { room_c: 20, room_rh_pct: 50 } } }],
  ])('refuse %s, and say where', async (_what, change) =>
    within(own, async () =>
      expect(await save(change)).toMatchObject({ ok: false, path: expect.stringContaining(Object.keys(change)[0]) as string }),
    ),
  );
});

describe('the end of a kitchen', () => {
  it('comes only by its name', async () => {
    expect(await cases.dropKitchen(DEMO, { name: 'Cairnhope' })).toMatchObject({ ok: false, path: 'name' });
    expect(await cases.dropKitchen('nowhere', { name: 'x' })).toMatchObject({ ok: false, code: 'NOT_FOUND' });
    expect(await cases.dropKitchen(DEMO, { name: 'Cairnhope Bothy Bakery', take_to: DEMO })).toMatchObject({
      ok: false,
      path: 'take_to',
    });
    expect((await cases.kitchens()).map(({ id }) => id)).toContain(DEMO);
  });
  it('takes the demo away, and own recipes of it along', async () => {
    await within(DEMO, async () => {
      const { document } = must(await cases.viewRecipe('hillbars'));
      must(await cases.createRecipe(called(document, 'Written in the demo')));
      expect(must(await cases.viewSettings()).own_recipes).toBe(1);
    });
    expect(must(await cases.dropKitchen(DEMO, { name: 'Cairnhope Bothy Bakery', take_to: own })).recipes).toBe(1);
    const { rows } = await db.query<{ n: number }>('select count(*)::int as n from batch where kitchen_id = $1', [DEMO]);
    expect(rows[0].n).toBe(0);
    expect((await db.query<{ demo: boolean }>('select demo from installation')).rows[0].demo).toBe(false);
    // A page that still shows it changes nothing elsewhere.
    await whileAsked({ kitchen: DEMO, only: true }, async () =>
      expect(await cases.viewKit()).toMatchObject({ ok: false, code: 'NOT_FOUND' }),
    );
    await within(own, async () => {
      const { recipes } = must(await cases.viewRecipes(NOTHING));
      expect(recipes.map(({ name }) => name)).toEqual(['Quay squares', 'Written in the demo']);
      expect(must(await cases.viewPantry()).items.filter(({ row }) => row.name === 'Marrowfat meal')).toHaveLength(1);
    });
  });
  it('of the last one leaves a house that welcomes', async () => {
    must(await cases.dropKitchen(own, { name: 'Quay Lane Dog Bakery' }));
    expect(must(await cases.viewWelcome())).toMatchObject({ kitchens: [] });
    expect(await cases.viewToday()).toMatchObject({ ok: false, code: 'NOT_FOUND' });
  });
});

describe('a house from before kitchens stood apart', () => {
  const NAME = 'oven_test_before_kitchens';
  it('keeps what was in it, under its own name where it has one', async () => {
    await db.query(`drop database if exists ${NAME} with (force)`);
    await db.query(`create database ${NAME}`);
    const old = new pg.Client({ connectionString: urlOf(NAME) });
    await old.connect();
    try {
      const folder = 'src/db/migrations';
      const files = (await readdir(folder)).sort();
      const apart = files.findIndex((file) => file.includes('kitchens_apart'));
      for (const file of files.slice(0, apart)) await old.query(await readFile(`${folder}/${file}`, 'utf8'));
      await old.query(`
        insert into kitchen (id, name, altitude_m, room_c, room_rh_pct) values ('cairnhope', 'Renamed by hand', 5, 21, 55);
        insert into ingredient (id, name, category, facts, own) values ('oats', 'Oats', 'flour', '{"id": "oats"}', false), ('mine', 'Mine', 'flour', '{"id": "mine"}', true);
        insert into price (kitchen_id, ingredient_id, pack_g, price) values ('cairnhope', 'mine', 500, 2);
        insert into appliance (id, kitchen_id, name, kind) values ('oven', 'cairnhope', 'Oven', 'fan-oven');
        insert into learned (appliance_id, knowledge) values ('oven', '{}');
        insert into recipe (id, kitchen_id, name, method, document) values ('r', 'cairnhope', 'R', 'M1', '{}');
        insert into recipe_version (recipe_id, revision, name, document, saved_at) values ('r', 1, 'R', '{}', now());
        insert into batch (id, kitchen_id, name, document, forecast) values ('00000000-0000-4000-8000-000000000001', 'cairnhope', 'B', '{}', '{}');
        insert into bake (batch_id, kitchen_id, starts_at) select id, kitchen_id, now() from batch;
        insert into reading (batch_id, kind, value, source) select id, 'air_c', 20, 'typed' from batch;
        insert into call (batch_id, position, call, due_at) select id, 0, '{}', now() from batch;`);
      for (const file of files.slice(apart)) await old.query(await readFile(`${folder}/${file}`, 'utf8'));
      for (const table of ['learned', 'recipe_version', 'reading', 'call', 'bake', 'price']) {
        const { rows } = await old.query<{ kitchen_id: string }>(`select kitchen_id from ${table}`);
        expect(rows, table).toEqual([{ kitchen_id: 'cairnhope' }]);
      }
      const { rows } = await old.query('select id, own, kitchen_id from ingredient order by id');
      expect(rows).toEqual([
        { id: 'mine', own: true, kitchen_id: 'cairnhope' },
        { id: 'oats', own: false, kitchen_id: null },
      ]);
      expect((await old.query('select name, is_demo from kitchen')).rows).toEqual([{ name: 'Renamed by hand', is_demo: false }]);
    } finally {
      await old.end();
      await db.query(`drop database ${NAME} with (force)`);
    }
  });
});
