/** The log over a real PostgreSQL: compared, taken out and in as a table, photographed; and the day at a glance. */
import { readFileSync } from 'node:fs';
import sharp from 'sharp';
import type pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { must, openKitchen } from './kitchen-database';

let db: pg.Client;
let close: () => Promise<void>;
let cases: Awaited<ReturnType<typeof useCases>>;
const useCases = async () => ({
  ...(await import('@/server/view-log')),
  ...(await import('@/server/exchange-log')),
  ...(await import('@/server/batch-photo')),
  ...(await import('@/server/view-today')),
  ...(await import('@/server/oven/begin-bake')),
  ...(await import('@/server/measure-batch')),
});
beforeAll(async () => {
  ({ db, close } = await openKitchen('oven_test_log'));
  cases = await useCases();
});
afterAll(() => close());

const log = async () => must(await cases.viewLog());
const named = async (name: string) => (await log()).find((one) => one.name === name) ?? expect.fail(name);
const NOWHERE = '00000000-0000-0000-0000-000000000000';

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

describe('the log as a table', () => {
  it('has a line a batch, predicted beside measured, and is read back without a change', async () => {
    const table = must(await cases.logTable());
    const before = await log();
    expect(table.trim().split('\n')).toHaveLength(before.length + 1);
    const line = table.split('\n').find((one) => one.includes('Hillbars for the farm shop')) ?? '';
    expect(line).toContain('Tarn wolfed it');
    must(await cases.readLogBack(table));
    const plain = (rows: typeof before) =>
      rows.map(({ name, measured, comparison }) => [name, measured?.after_g, measured?.note, comparison?.loss_pct]);
    expect(plain(await log()).sort()).toEqual(plain(before).sort());
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
