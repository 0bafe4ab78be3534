/** Copies: written while others write, read back and held against what was there; and what the application may do of all this. */
import { mkdtempSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { grantToApp } from '@/db/app-role';
import { migrate } from '@/db/migrate';
import { keepNewest, readCopy, rehearse, writeCopy } from '../../scripts/backup/copy';
import { differences, tableSums } from '../../scripts/backup/tables';
import { openKitchen } from './kitchen-database';
import { urlOf } from './template-database';

const NAME = 'oven_test_backup';
const ROLE = 'oven_test_role';
const folder = mkdtempSync(join(tmpdir(), 'oven-backup-'));
let db: pg.Client;
let close: () => Promise<void>;
beforeAll(async () => {
  ({ db, close } = await openKitchen(NAME));
});
afterAll(() => close());

describe('a copy', () => {
  it('holds every table as it stood, is read back whole, and only its owner may read it', async () => {
    const file = join(folder, 'one.dump');
    const copied = await writeCopy(urlOf(NAME), file);
    expect(copied.find(({ table }) => table === 'batch')?.rows).toBeGreaterThan(5);
    expect(copied).toEqual(await tableSums(db));
    expect(statSync(file).mode & 0o777).toBe(0o600);
    expect(await rehearse(urlOf(NAME), file, copied)).toEqual([]);
    expect((await db.query("select from pg_database where datname = 'oven_rehearsal'")).rowCount).toBe(0);
  });
  it('is of one moment: what is written meanwhile is in all of it or in none', async () => {
    const file = join(folder, 'busy.dump');
    let writing = true;
    const writer = (async () => {
      for (let i = 0; writing; i++)
        await db.query("update batch set name = 'Batch ' || $1 where id = (select id from batch limit 1)", [i]);
    })();
    const copied = await writeCopy(urlOf(NAME), file);
    writing = false;
    await writer;
    expect(await rehearse(urlOf(NAME), file, copied)).toEqual([]);
    expect(differences(copied, await tableSums(db))).toEqual([expect.stringMatching(/^batch: \d+ rows, but not the same ones$/)]);
  });
  it('that is no copy is told, and leaves nothing half done', async () => {
    const file = join(folder, 'none.dump');
    writeFileSync(file, 'no copy at all');
    await expect(readCopy(urlOf(NAME), 'oven_test_incoming', file)).rejects.toThrow('pg_restore failed');
    await db.query('drop database if exists oven_test_incoming with (force)');
  });
  it('a database that cannot be reached leaves no file under the name of a copy', async () => {
    const file = join(folder, 'nowhere.dump');
    await expect(writeCopy(urlOf('oven_test_no_such_database'), file)).rejects.toThrow();
    expect(readdirSync(folder).filter((name) => name.includes('nowhere'))).toEqual([]);
  });
  it('of every day is kept for so many days, and others are left alone', () => {
    const days = mkdtempSync(join(tmpdir(), 'oven-days-'));
    for (let day = 10; day < 30; day++) writeFileSync(join(days, `daily-2026-11-${day}.dump`), 'x');
    writeFileSync(join(days, 'before-000016_packs_once.dump'), 'x');
    expect(keepNewest(days, 14)).toHaveLength(6);
    const left = readdirSync(days).sort();
    expect(left).toHaveLength(15);
    expect(left).toContain('daily-2026-11-29.dump');
    expect(left).not.toContain('daily-2026-11-15.dump');
    expect(left).toContain('before-000016_packs_once.dump');
  });
});

describe('what differs', () => {
  it('is told table by table', () => {
    const table = (name: string, rows: number, sum: string) => ({ table: name, rows, sum });
    expect(differences([table('a', 1, '5'), table('b', 2, '7')], [table('a', 1, '5'), table('b', 2, '7')])).toEqual([]);
    expect(differences([table('a', 1, '5'), table('b', 2, '7')], [table('a', 1, '6'), table('c', 2, '7')])).toEqual([
      'a: 1 rows, but not the same ones',
      'b: only in the database',
      'c: only in the copy',
    ]);
    expect(differences([table('a', 2, '5')], [table('a', 1, '5')])).toEqual(['a: 2 rows, 1 in the copy']);
  });
});

describe('the role that the application works as', () => {
  it('reads and writes what is kept, and may change neither the schema nor who may do what', async () => {
    // Roles are of the whole server: the application's own may be in use.
    await grantToApp(db, 'a word of the tests', ROLE);
    const url = new URL(urlOf(NAME));
    url.username = ROLE;
    url.password = encodeURIComponent('a word of the tests');
    const app = new pg.Client({ connectionString: url.href, options: '-c oven.kitchen=cairnhope' });
    await app.connect();
    try {
      expect((await app.query('select from batch')).rowCount).toBeGreaterThan(5);
      expect((await app.query('update kitchen set name = name')).rowCount).toBe(1);
      for (const forbidden of [
        'create table mine (id integer)',
        'alter table batch add column mine integer',
        'drop table jar',
        'delete from migration',
        'select passwd from pg_shadow',
        "copy batch to program 'cat'",
        'create role other superuser',
        'create database other',
      ])
        await expect(app.query(forbidden), forbidden).rejects.toMatchObject({ code: '42501' });
      const { rows } = await app.query<{ rolsuper: boolean }>('select rolsuper from pg_roles where rolname = current_user');
      expect(rows).toEqual([{ rolsuper: false }]);
    } finally {
      await app.end();
      await db.query(`drop owned by ${ROLE}`);
      await db.query(`drop role ${ROLE}`);
    }
  });
});

describe('a database that a newer version has changed', () => {
  it('is refused with a sentence, and left as it is', async () => {
    await db.query("insert into migration (name, hash) values ('999999_of_the_future.sql', 'x')");
    await expect(migrate(db, 'src/db/migrations')).rejects.toThrow(/newer Upbeat Oven.*999999_of_the_future/);
    await db.query("delete from migration where name = '999999_of_the_future.sql'");
    expect(await migrate(db, 'src/db/migrations')).toEqual([]);
  });
});
