/** What the database does to those who ask it at a bad moment: they are told, nothing is half done, and the next one is served. */
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { fail, succeed } from '@/core/failure';
import type * as OnceOnly from '@/server/once-only';
import type * as WithDatabase from '@/server/with-database';
import { openKitchen } from './kitchen-database';

let db: pg.Client;
let close: () => Promise<void>;
let inTransaction: typeof WithDatabase.inTransaction;
let withDatabase: typeof WithDatabase.withDatabase;
let onceOnly: typeof OnceOnly.onceOnly;
beforeAll(async () => {
  ({ db, close } = await openKitchen('oven_test_faults'));
  ({ inTransaction, withDatabase } = await import('@/server/with-database'));
  ({ onceOnly } = await import('@/server/once-only'));
  await db.query('create table pair (id integer primary key, value integer not null)');
  await db.query('insert into pair values (1, 0), (2, 0)');
});
afterAll(() => close());

const values = async (): Promise<number[]> =>
  (await db.query<{ value: number }>('select value from pair order by id')).rows.map(({ value }) => value);
const pause = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms));

describe('two that take the same rows in another order', () => {
  it('both get done: the one that the database gave up is done once more from its beginning', async () => {
    let runs = 0;
    const add = (order: readonly number[]) =>
      inTransaction('guest', async (client) => {
        runs++;
        for (const id of order) {
          await client.query('update pair set value = value + 1 where id = $1', [id]);
          await pause(120);
        }
        return succeed(null);
      });
    const answers = await Promise.all([add([1, 2]), add([2, 1])]);
    expect(answers.map(({ ok }) => ok)).toEqual([true, true]);
    // On a busy machine the other may be given up as well.
    expect(runs).toBeGreaterThanOrEqual(3);
    expect(await values()).toEqual([2, 2]);
  });
});

describe('a connection that is cut in the middle', () => {
  it('is told as a database that is away, leaves nothing half done, and the next one is served', async () => {
    const before = await values();
    const cut = await inTransaction('guest', async (client) => {
      await client.query('update pair set value = 99 where id = 1');
      const { rows } = await client.query<{ pid: number }>('select pg_backend_pid() as pid');
      await db.query('select pg_terminate_backend($1)', [rows[0].pid]);
      await pause(50);
      await client.query('update pair set value = 99 where id = 2');
      return succeed(null);
    });
    expect(cut).toMatchObject({ ok: false, code: 'DATABASE_AWAY' });
    expect(await values()).toEqual(before);
    expect(await withDatabase('guest', async (any) => succeed((await any.query('select from pair')).rowCount))).toEqual({
      ok: true,
      value: 2,
    });
  });
});

describe('a request that carries a key', () => {
  const asking = (key: string | null): Request =>
    new Request('http://127.0.0.1/', { method: 'POST', ...(key === null ? {} : { headers: { 'idempotency-key': key } }) });
  const count = async (): Promise<number> => (await db.query('select from pair')).rowCount ?? 0;
  const add = () =>
    inTransaction('guest', async (client) => {
      const { rows } = await client.query<{ id: number }>('insert into pair select max(id) + 1, 0 from pair returning id');
      return succeed({ id: rows[0].id });
    });
  it('is done once, however often it is asked, and answered as the first time', async () => {
    const before = await count();
    const first = await onceOnly(asking('abc'), 'pairs', { a: 1 }, add);
    expect(await onceOnly(asking('abc'), 'pairs', { a: 1 }, add)).toEqual(first);
    expect(await count()).toBe(before + 1);
    await onceOnly(asking('abd'), 'pairs', { a: 1 }, add);
    await onceOnly(asking('abc'), 'other door', { a: 1 }, add);
    await onceOnly(asking(null), 'pairs', { a: 1 }, add);
    expect(await count()).toBe(before + 4);
  });
  it('is done once by eight that ask at the same moment', async () => {
    const before = await count();
    const answers = await Promise.all(Array.from({ length: 8 }, () => onceOnly(asking('eight'), 'pairs', null, add)));
    expect(new Set(answers.map((answer) => JSON.stringify(answer))).size).toBe(1);
    expect(answers[0].ok).toBe(true);
    expect(await count()).toBe(before + 1);
  });
  it('is refused for something else, and for a key that is none; what failed may be asked again', async () => {
    await onceOnly(asking('mine'), 'pairs', { a: 1 }, add);
    expect(await onceOnly(asking('mine'), 'pairs', { a: 2 }, add)).toMatchObject({ ok: false, path: 'Idempotency-Key' });
    expect(await onceOnly(asking('x'.repeat(201)), 'pairs', null, add)).toMatchObject({ ok: false, path: 'Idempotency-Key' });
    const before = await count();
    const failing = () =>
      inTransaction('guest', async (client) => {
        await client.query('insert into pair select max(id) + 1, 0 from pair');
        return fail('BAD_VALUE', 'no');
      });
    expect(await onceOnly(asking('again'), 'pairs', null, failing)).toMatchObject({ ok: false });
    expect(await onceOnly(asking('again'), 'pairs', null, add)).toMatchObject({ ok: true });
    expect(await count()).toBe(before + 1);
  });
});

describe('more than the pool has', () => {
  it('is told that it is busy, and is served afterwards', async () => {
    const answers = await Promise.all(
      Array.from({ length: 10 }, () =>
        inTransaction('guest', async () => {
          await pause(3600);
          return succeed(null);
        }),
      ),
    );
    const told = answers.flatMap((answer) => (answer.ok ? [] : [answer.code]));
    expect(told).toEqual(['DATABASE_BUSY', 'DATABASE_BUSY']);
    expect(await inTransaction('guest', () => Promise.resolve(succeed('served')))).toEqual({ ok: true, value: 'served' });
  });
});

describe('what takes too long', () => {
  it('waiting for rows that another holds is given up', async () => {
    const holder = new pg.Client({ connectionString: process.env.OVEN_DATABASE_URL });
    await holder.connect();
    await holder.query('begin');
    await holder.query('select from pair where id = 1 for update');
    const waited = await inTransaction('guest', async (client) => {
      await client.query("set local lock_timeout = '200ms'");
      await client.query('update pair set value = 5 where id = 1');
      return succeed(null);
    });
    await holder.query('rollback');
    await holder.end();
    expect(waited).toMatchObject({ ok: false, code: 'DATABASE_BUSY' });
  });
  it('every connection has limits to its patience', async () => {
    const shown = await withDatabase('guest', async (any) => {
      const limits = ['statement_timeout', 'lock_timeout', 'idle_in_transaction_session_timeout'];
      const rows = await Promise.all(
        limits.map(async (name) => (await any.query<Record<string, string>>(`show ${name}`)).rows[0][name]),
      );
      return succeed(rows);
    });
    expect(shown).toEqual({ ok: true, value: ['15s', '5s', '30s'] });
  });
});
