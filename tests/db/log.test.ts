/** The log over a real PostgreSQL: compared, taken out and in as a table, photographed; and the day at a glance. */
import { readFileSync } from 'node:fs';
import sharp from 'sharp';
import type pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { collected, must, openKitchen } from './kitchen-database';

let db: pg.Client;
let close: () => Promise<void>;
let cases: Awaited<ReturnType<typeof useCases>>;
const useCases = async () => ({
  ...(await import('@/server/view-log')),
  ...(await import('@/server/exchange-log')),
  ...(await import('@/server/batch-photo')),
  ...(await import('@/server/view-today')),
  ...(await import('@/server/dogs')),
  ...(await import('@/server/explain-batch')),
  ...(await import('@/server/worth-measuring')),
  ...(await import('@/server/oven/learned')),
  ...(await import('@/server/oven/begin-bake')),
  ...(await import('@/server/measure-batch')),
});
beforeAll(async () => {
  ({ db, close } = await openKitchen('oven_test_log'));
  cases = await useCases();
});
afterAll(() => close());

const log = async () => (await collected(must(await cases.wholeLog()))).flat();
const named = async (name: string) => (await log()).find((one) => one.name === name) ?? expect.fail(name);
const NOWHERE = '00000000-0000-0000-0000-000000000000';

describe('what the log draws', () => {
  it('has every weighed batch of an appliance once, as far off as its entry says', async () => {
    const entries = (await log()).filter(({ baked_on, comparison }) => baked_on !== null && comparison?.loss_pct);
    const { appliances } = must(await cases.viewLearned());
    const drawn = appliances.flatMap(({ name, misses }) => misses.map((miss) => ({ oven: name, ...miss })));
    expect(drawn.length).toBeGreaterThan(5);
    for (const { oven, name, off_pct, low_pct, high_pct } of drawn) {
      const { likely, measured, low, high } =
        entries.find((one) => one.name === name && one.oven === oven)?.comparison?.loss_pct ?? expect.fail(name);
      expect(off_pct).toBeCloseTo(measured - likely, 6);
      expect(low_pct).toBeCloseTo(low - likely, 6);
      expect(high_pct).toBeCloseTo(high - likely, 6);
    }
    const dated = drawn.filter(({ oven }) => oven === drawn[0].oven).map(({ baked_on }) => baked_on);
    expect(dated).toEqual([...dated].sort());
  });
  it('has what each dog of the list made of each treat, as often as it was written down', async () => {
    const { liked, dogs } = must(await cases.viewDogs({}));
    expect(liked.length).toBeGreaterThan(3);
    const said = (await log()).flatMap(({ recipe, name, measured }) =>
      (measured?.dogs ?? []).map((one) => ({ ...one, recipe: recipe ?? name })),
    );
    const names = dogs.map(({ document }) => document.name);
    const told = liked.flatMap(({ recipe, dogs: of }) =>
      of.flatMap(({ dog, said: answers }) => answers.map((one) => ({ recipe, dog, ...one }))),
    );
    expect(told.reduce((sum, { times }) => sum + times, 0)).toBe(said.filter(({ dog }) => names.includes(dog)).length);
    for (const { recipe, dog, verdict, times } of told)
      expect(said.filter((one) => one.recipe === recipe && one.dog === dog && one.verdict === verdict)).toHaveLength(times);
  });
});

describe('why a batch came out so', () => {
  it('is told by causes that make one with what is left, the measured ones first put in', async () => {
    const { id } = await named('Snaps, try-out');
    const { explanation } = must(await cases.explainBatch(id));
    const { verdict, off_pct, causes, rest_share } = explanation ?? expect.fail('an explanation');
    expect(verdict).toBe('explained');
    expect(off_pct).toBeLessThan(-2);
    expect(causes.find(({ measured }) => measured)).toMatchObject({ cause: 'thickness', amount: 4.2 });
    expect(causes.reduce((sum, { share }) => sum + share, rest_share)).toBeCloseTo(1, 9);
    expect(await cases.explainBatch(id)).toEqual({ ok: true, value: { explanation } });
  });
  it('wants both weights of a tray, and a batch that there is', async () => {
    const planned = (await log()).find(({ baked_on }) => baked_on === null) ?? expect.fail('a planned batch');
    expect(await cases.explainBatch(planned.id)).toMatchObject({ ok: false, code: 'BAD_VALUE', path: 'after_g' });
    expect(await cases.explainBatch(NOWHERE)).toMatchObject({ ok: false, code: 'NOT_FOUND' });
    const { rows } = await db.query<{ document: object }>('select document from batch where id = $1', [planned.id]);
    const { worth } = must(await cases.worthMeasuringOf(rows[0].document));
    expect(await cases.worthMeasuringOf({ format: 'a poem' })).toMatchObject({ ok: false, path: 'format' });
    expect(worth.length).toBeGreaterThan(1);
    expect(worth.every(({ minutes_now, minutes_then }) => minutes_then <= minutes_now)).toBe(true);
  });
});

describe('batches side by side', () => {
  it('know their oven, and what was done otherwise than in the first', async () => {
    const [first, second] = [await named('Hillbars, first go'), await named('Hillbars for the farm shop')];
    expect(first).toMatchObject({ recipe: 'Beet and mackerel hillbars', oven: 'Big oven (dial reads 8 °C hot)' });
    const { entries, changes } = must(await cases.compareBatches([first.id, second.id]));
    expect(entries.map(({ name }) => name)).toEqual(['Hillbars, first go', 'Hillbars for the farm shop']);
    expect(changes[0]).toEqual([]);
    expect(changes[1].some(({ path }) => path[0] === 'scale')).toBe(true);
    expect(changes[1].some(({ path }) => path[0] === 'name')).toBe(false);
  });
  it('want two at least, and batches that there are', async () => {
    const { id } = await named('Hillbars, first go');
    expect(await cases.compareBatches([id, id])).toMatchObject({ ok: false, path: 'batch' });
    expect(await cases.compareBatches([id, NOWHERE])).toMatchObject({ ok: false, code: 'NOT_FOUND' });
  });
});

describe('a page of the log', () => {
  const page = async (query: Parameters<typeof cases.viewLog>[0]) => must(await cases.viewLog(query));
  const names = async (query: Parameters<typeof cases.viewLog>[0]) => (await page(query)).entries.map(({ name }) => name);
  it('finds by every word in name, recipe, note and what the dogs said', async () => {
    expect(await names({ words: 'hillbars SKERRY wolfed' })).not.toEqual([]);
    for (const entry of (await page({ words: 'tarn wolfed' })).entries)
      expect(entry.measured?.dogs).toContainEqual({ dog: 'Tarn', verdict: 'wolfed it' });
    expect(await names({ words: 'edges first always small' })).toEqual(['Oat tiles for the club']);
    expect(await names({ words: '100% _' })).toEqual([]);
  });
  it('holds only what every wish lets through, and says how many there are', async () => {
    const all = await page({});
    const [planned, baked, outside] = [
      await page({ state: 'planned' }),
      await page({ state: 'baked' }),
      await page({ state: 'outside' }),
    ];
    expect(planned.total + baked.total).toBe(all.total);
    expect(planned.entries.every(({ baked_on }) => baked_on === null)).toBe(true);
    for (const { comparison } of outside.entries)
      expect([comparison?.loss_pct, comparison?.pieces].some((one) => one && !one.inside)).toBe(true);
    const whole = await log();
    const counted = whole.filter(({ comparison }) =>
      [comparison?.loss_pct, comparison?.pieces].some((one) => one && !one.inside),
    );
    expect(outside.total).toBe(counted.length);
    for (const oven of all.ovens)
      expect((await page({ oven })).total, oven).toBe(whole.filter((one) => one.oven === oven).length);
    for (const recipe of all.recipes)
      expect((await page({ recipe })).total, recipe).toBe(whole.filter((one) => one.recipe === recipe).length);
  });
  it('tallies every weighed batch as each of them is compared', async () => {
    const weighed = (await log()).flatMap(({ comparison }) => comparison?.loss_pct ?? []);
    const { tally } = await page({ words: 'no batch is called so' });
    expect(tally).toMatchObject({ weighed: weighed.length, inside: weighed.filter(({ inside }) => inside).length });
    const counted = (await log()).flatMap(({ comparison }) => comparison?.pieces ?? []);
    expect(tally).toMatchObject({ counted: counted.length, pieces_inside: counted.filter(({ inside }) => inside).length });
    expect(tally.shift_pct).toBeCloseTo(
      weighed.reduce((sum, { measured, likely }) => sum + measured - likely, 0) / weighed.length,
      9,
    );
  });
  it('goes on where the one before ended, without a batch lost or told twice, also among equal times', async () => {
    await db.query(
      `insert into batch (kitchen_id, name, document, forecast, updated_at)
       select kitchen_id, 'Copy ' || n, document, forecast, date_trunc('second', now()) - make_interval(secs => n / 7)
       from (select * from batch limit 1) one, generate_series(1, 100) n`,
    );
    const seen: string[] = [];
    for (let after: string | undefined, pages = 0; pages < 20; pages++) {
      const { entries, next, goesOn } = await page({ words: 'copy', ...(after ? { after } : {}) });
      expect(goesOn).toBe(pages > 0);
      expect(entries.length).toBeLessThanOrEqual(30);
      seen.push(...entries.map(({ id }) => id));
      if (next === null) break;
      after = next;
    }
    expect(new Set(seen).size).toBe(100);
    expect(seen).toHaveLength(100);
    await db.query("delete from batch where name like 'Copy %'");
  });
  it('takes a place that nobody was given for the beginning', async () => {
    for (const after of ['soon', '2026-13-45 00:00:00+00~00000000-0000-0000-0000-000000000000', "'; drop table batch"])
      expect((await page({ after })).goesOn).toBe(false);
  });
});

describe('the log as a table', () => {
  it('has a line a batch, predicted beside measured, and is read back without a change', async () => {
    const table = (await collected(must(await cases.logTable()))).join('');
    const before = await log();
    expect(table.trim().split('\n')).toHaveLength(before.length + 1);
    const line = table.split('\n').find((one) => one.includes('Hillbars for the farm shop')) ?? '';
    expect(line).toContain('Tarn wolfed it');
    must(await cases.readLogBack(table));
    const plain = (rows: typeof before) =>
      rows
        .map(({ name, measured, comparison }) => JSON.stringify([name, measured?.after_g, measured?.note, comparison?.loss_pct]))
        .sort();
    expect(plain(await log())).toEqual(plain(before));
  });
  it('goes in whole or not at all, and says of every line that it does not know why not', async () => {
    const [head, known] = ['name,baked_on,pieces,texture', 'Oat tiles for the club,,91,'];
    const before = (await named('Oat tiles for the club')).measured;
    const text = [
      head,
      known,
      'Nobody baked this,,5,',
      'Snaps\\, try-out,,5,crunchy as can be'.replace('\\,', ' -'),
      'Rye rusks for the ferry café,,117,crunchy as can be',
    ].join('\n');
    const refused = await cases.readLogBack(text);
    if (refused.ok) throw new Error('taken');
    for (const part of ['Nothing was entered', 'line 3: ', 'Nobody baked this', 'line 4: ', 'line 5: '])
      expect(refused.message).toContain(part);
    expect((await named('Oat tiles for the club')).measured).toEqual(before);
    expect(must(await cases.readLogBack([head, known].join('\n')))).toEqual({ entered: 1 });
    const tiles = await named('Oat tiles for the club');
    expect(tiles.measured).toMatchObject({ pieces: 91, note: 'Edges first, as always in the small oven.' });
    expect(await cases.readLogBack('colour\nbrown')).toMatchObject({ ok: false, path: 'csv' });
  });
});

describe('what else is noted', () => {
  it('colour, thickness, minutes and the dogs’ verdicts are kept, and checked', async () => {
    const { id, measured } = await named('Snaps, try-out');
    const body = {
      revision: measured?.revision ?? 0,
      pieces: 100,
      tray_g: 640,
      before_g: 1023,
      after_g: 841,
      texture: 'hard',
      note: '',
      minutes: 52,
      thickness_mm: 6.2,
      colour: 'brown',
      dogs: [{ dog: 'Moss', verdict: 'left it' }],
    };
    must(await cases.measureBatch(id, body));
    const { minutes, thickness_mm, colour, dogs } = body;
    expect((await named('Snaps, try-out')).measured).toMatchObject({ minutes, thickness_mm, colour, dogs });
    const wrong = async (change: object) => cases.measureBatch(id, { ...body, revision: body.revision + 1, ...change });
    expect(await wrong({ colour: 'mauve' })).toMatchObject({ ok: false, path: 'colour' });
    expect(await wrong({ thickness_mm: 0 })).toMatchObject({ ok: false, path: 'thickness_mm' });
    expect(await wrong({ dogs: [{ dog: 'Moss', verdict: 'sang' }] })).toMatchObject({ ok: false });
  });
  it('a photo is told by what it is, not by its name; the newest stays', async () => {
    const { id } = await named('Snaps, try-out');
    expect(must(await cases.viewLogEntry(id)).hasPhoto).toBe(false);
    const png = readFileSync('docs/screenshots/recipes.png');
    must(await cases.keepPhoto(id, png));
    const first = must(await cases.batchPhoto(id));
    expect(first.media_type).toBe('image/jpeg');
    expect(await sharp(first.picture).metadata()).toMatchObject({ format: 'jpeg', width: (await sharp(png).metadata()).width });
    const plain = { create: { width: 3000, height: 1000, channels: 3, background: '#aa5533' } } as const;
    const webp = await sharp(plain)
      .withExif({ IFD0: { Copyright: 'where it was taken' } })
      .webp()
      .toBuffer();
    must(await cases.keepPhoto(id, webp));
    const second = must(await cases.batchPhoto(id)).picture;
    expect(await sharp(second).metadata()).toMatchObject({ format: 'jpeg', width: 2000, height: 667 });
    expect(second.includes('where it was taken')).toBe(false);
  });
  it('what is no picture is not kept, whatever it begins with', async () => {
    const { id } = await named('Snaps, try-out');
    const png = readFileSync('docs/screenshots/recipes.png');
    const sound = Buffer.concat([Buffer.from('RIFF\x24\0\0\0WAVEfmt ', 'latin1'), Buffer.alloc(200)]);
    for (const bytes of [Buffer.from('<svg onload="x">'), sound, Buffer.from('ffd8ffe000104a46', 'hex'), png.subarray(0, 5000)])
      expect(await cases.keepPhoto(id, bytes)).toMatchObject({ ok: false, path: 'photo' });
    expect(await cases.keepPhoto(id, Buffer.alloc(3_000_001))).toMatchObject({ ok: false, code: 'TOO_LARGE' });
    expect(await cases.keepPhoto(NOWHERE, png)).toMatchObject({ ok: false, code: 'NOT_FOUND' });
    must(await cases.dropPhoto(id));
    expect(await cases.batchPhoto(id)).toMatchObject({ ok: false, code: 'NOT_FOUND' });
  });
});

describe('the day at a glance', () => {
  it('says what is where, what must be used and when it is baked again', async () => {
    const today = new Date().toISOString().slice(0, 10);
    const before = must(await cases.viewToday());
    const [made, sold] = ['packed', 'sold'].map((act) => before.month.totals.find((one) => one.act === act)?.pieces ?? 0);
    expect(made).toBeGreaterThan(sold);
    expect(sold).toBeGreaterThan(0);
    expect(before.bakes.filter(({ ended_at }) => ended_at === null)).toEqual([]);
    expect(before.appliances.map(({ name }) => name)).toContain('Small fan oven');
    expect(before.jars.some(({ use_by }) => use_by < today)).toBe(true);
    expect(before.next?.batches).toHaveLength(6);
    expect(before.open?.name).toContain('Saturday');
    const [{ id }] = before.next?.batches ?? [];
    must(await cases.beginBatch(id));
    const after = must(await cases.viewToday());
    expect(after.bakes.map(({ batch }) => batch)).toContain(id);
    await db.query('delete from bake where batch_id = $1', [id]);
  });
});
