/** Growing beyond one machine: any PostgreSQL by its address, and several processes on it behind one address. */
import { execFile } from 'node:child_process';
import { existsSync } from 'node:fs';
import { mkdtemp, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { promisify } from 'node:util';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { OvenView } from '@/contract/oven';
import { Balancer } from './balancer';
import { freePort } from './free-port';
import { House } from './house';
import { sendTo } from './send';

const run = promisify(execFile);
let one: House;
let other: House;
let line: Balancer;
let db: pg.Pool;
const DEMO = 'cairnhope';
beforeAll(async () => {
  one = await House.open();
  other = await one.beside();
  line = await Balancer.before([one.port, other.port]);
  db = new pg.Pool({ connectionString: one.cluster.url });
  db.on('error', () => undefined);
});
afterAll(async () => {
  line.close();
  await db.end();
  await other.kill();
  await one.close();
});

const oven = async (address: string, cookie = ''): Promise<OvenView> =>
  (await (await fetch(`${address}/api/oven`, { headers: { 'x-kitchen': DEMO, cookie } })).json()) as OvenView;
const nextAt = async (address: string, batch: string): Promise<number | null | undefined> =>
  (await oven(address)).bakes.find((bake) => bake.batch === batch)?.next;
/** A batch of the demo that has not begun. */
async function someBatch(): Promise<string> {
  const { rows } = await db.query<{ id: string }>(
    'select id from batch where kitchen_id = $1 and baked_on is null and id not in (select batch_id from bake) order by id limit 1',
    [DEMO],
  );
  return rows[0].id;
}
/** Hears what a process tells of the oven until it is left. */
async function listen(address: string): Promise<{ readonly heard: string[]; readonly leave: () => void }> {
  const leaving = new AbortController();
  const heard: string[] = [];
  const { body } = await fetch(`${address}/api/oven/stream?kitchen=${DEMO}`, {
    headers: { 'x-kitchen': DEMO },
    signal: leaving.signal,
  });
  void (async () => {
    for await (const part of body ?? []) heard.push(Buffer.from(part as Uint8Array).toString());
  })().catch(() => undefined);
  return { heard, leave: () => leaving.abort() };
}

describe('two processes behind one address', () => {
  it('a bake that is begun on one is answered on the other, which both tell within a second', async () => {
    const batch = await someBatch();
    const ears = [await listen(one.address), await listen(other.address)];
    await pause(300);
    expect((await sendTo(one.address)('POST', '/api/oven', { batch }, 'begun here')).status).toBe(200);
    await expect.poll(() => nextAt(other.address, batch), { timeout: 1000, interval: 50 }).toBe(0);
    await expect
      .poll(() => ears.map(({ heard }) => heard.join('').includes(batch)), { timeout: 1000, interval: 50 })
      .toEqual([true, true]);
    expect(
      (await sendTo(other.address)('POST', `/api/oven/${batch}`, { do: 'done', position: 0 }, 'answered there')).status,
    ).toBe(200);
    await expect.poll(() => nextAt(one.address, batch), { timeout: 1000, interval: 50 }).toBe(1);
    for (const { leave } of ears) leave();
  });
  it('the same request on both is done once', async () => {
    const batch = await someBatch();
    const begun = await Promise.all(
      [one, other].map(({ address }) => sendTo(address)('POST', '/api/oven', { batch }, 'both begin')),
    );
    expect(begun.map(({ status }) => status)).toEqual([200, 200]);
    expect((await db.query('select from bake where batch_id = $1', [batch])).rowCount).toBe(1);
    const later = await Promise.all(
      [one, other].map(({ address }) =>
        sendTo(address)('POST', `/api/oven/${batch}`, { do: 'later', minutes: 7 }, 'both put off'),
      ),
    );
    expect(later.map(({ status }) => status)).toEqual([200, 200]);
    const { rows } = await db.query<{ added: number }>('select max(added_minutes)::int as added from call where batch_id = $1', [
      batch,
    ]);
    expect(rows[0].added).toBe(7);
  });
  it('one is killed: the other goes on, and nothing that was acknowledged is lost', async () => {
    const batch = await someBatch();
    const send = sendTo(line.address);
    expect((await send('POST', '/api/oven', { batch }, 'over both')).status).toBe(200);
    const noted: number[] = [];
    for (let grams = 1001; grams <= 1030; grams++) {
      if (grams === 1010) await one.kill();
      const key = `tray ${grams}`;
      for (let tries = 0; tries < 20; tries++) {
        const { status } = await send('POST', `/api/oven/${batch}/readings`, { by: 'hand', kind: 'tray_g', value: grams }, key);
        if (status !== 200) continue;
        noted.push(grams);
        break;
      }
    }
    expect(noted).toHaveLength(30);
    const { rows } = await db.query<{ value: number }>(
      'select value::float8 as value from reading where batch_id = $1 order by value',
      [batch],
    );
    expect(rows.map(({ value }) => value)).toEqual(noted);
    expect((await fetch(`${line.address}/api/health/ready`)).status).toBe(200);
    await one.start();
    expect(await nextAt(one.address, batch)).toBe(0);
  });
  it('who signs in on one is known on the other, and who is signed out on one is out on both', async () => {
    const program = { ...process.env, OVEN_DATABASE_URL: one.cluster.url };
    const made = run('node', ['dist/people.mjs', 'owner', 'Robin'], { env: program });
    made.child.stdin?.end('kettle marble thimble oat\n');
    expect((await made).stdout).toContain('Robin looks after every kitchen');
    await run('node', ['dist/people.mjs', 'sign-in', 'on'], { env: program });
    await pause(1100);
    for (const { address } of [one, other]) expect((await fetch(`${address}/api/oven`)).status).toBe(401);
    const signed = await fetch(`${one.address}/api/sign-in`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ name: 'Robin', passphrase: 'kettle marble thimble oat' }),
    });
    const [cookie] = (signed.headers.get('set-cookie') ?? '').split(';');
    expect(cookie).toMatch(/^oven=/);
    expect((await oven(other.address, cookie)).bakes.length).toBeGreaterThan(0);
    await run('node', ['dist/people.mjs', 'sign-out', 'Robin'], { env: program });
    for (const { address } of [one, other])
      expect((await fetch(`${address}/api/oven`, { headers: { cookie } })).status).toBe(401);
    await run('node', ['dist/people.mjs', 'sign-in', 'off'], { env: program });
  });
});

describe('a PostgreSQL that is named', () => {
  it('is used as it is, and none is started beside it nor stopped', async () => {
    const state = await mkdtemp(join(tmpdir(), 'oven-named-'));
    const url = one.cluster.url.replace(/\/oven$/, '/named');
    const env = {
      ...process.env,
      OVEN_STATE: state,
      PORT: String(await freePort()),
      OVEN_DATABASE_URL: url,
      OVEN_OWN_DATABASE: '',
    };
    try {
      const { stdout } = await run('bash', ['scripts/start.sh', '--empty'], { env });
      expect(stdout).toContain('Upbeat Oven is up at');
      const health = (await (await fetch(`http://127.0.0.1:${env.PORT}/api/health`)).json()) as object;
      expect(health).toMatchObject({ kitchen: null });
      expect(existsSync(join(state, 'pg'))).toBe(false);
      const named = new pg.Client({ connectionString: url });
      await named.connect();
      const { rows } = await named.query<{ who: string; super: boolean }>(
        `select usename as who, usesuper as super from pg_stat_activity join pg_user using (usename)
         where datname = 'named' and pid <> pg_backend_pid()`,
      );
      await named.end();
      expect(new Set(rows.map(({ who, super: is }) => `${who} ${is}`))).toEqual(new Set(['oven_app false']));
      expect(await readFile(join(state, 'app.log'), 'utf8')).not.toContain('oven:oven');
      await run('bash', ['scripts/stop.sh'], { env });
      expect((await db.query('select')).rowCount).toBe(1);
    } finally {
      await run('bash', ['scripts/stop.sh'], { env }).catch(() => undefined);
      // The role's password is of this address again, for the houses that go on.
      await db.query("alter role oven_app password 'app'");
      await rm(state, { recursive: true });
    }
  });
});
