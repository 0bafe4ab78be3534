/** The database goes away under people's edits, and its disk fills up: everybody is told so, nothing is lost, and it goes on by itself. */
import { readFileSync } from 'node:fs';
import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir, userInfo } from 'node:os';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import pg from 'pg';
import { afterAll, describe, expect, it } from 'vitest';
import { Cluster, run } from './cluster';
import { House } from './house';
import { sendTo } from './send';
import { size } from './size';
import { sceneOf, writesOf } from './writes';

const HILLBARS = readFileSync('examples/hillbars.batch.json', 'utf8');
const open: House[] = [];
afterAll(async () => {
  for (const house of open) await house.close();
});

/** What a door answers to a write, with when it may be tried again. */
async function told(house: House): Promise<{ status: number; code: string; message: string; again: string | null }> {
  const response = await fetch(`${house.address}/api/batches`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: HILLBARS,
  });
  const { error } = (await response.json()) as { error?: { code: string; message: string } };
  return {
    status: response.status,
    code: error?.code ?? '',
    message: error?.message ?? '',
    again: response.headers.get('retry-after'),
  };
}

describe('a database that is away', () => {
  it(`for ${size(3, 30)} s is told as that, and every edit goes in once it is back`, async () => {
    const house = await House.open();
    open.push(house);
    const db = new pg.Client({ connectionString: house.cluster.url });
    db.on('error', () => undefined);
    await db.connect();
    const scene = await sceneOf(sendTo(house.address), db);
    await db.end();
    const kinds = writesOf(scene);
    const sent: Array<{ kind: (typeof kinds)[number]; mark: string }> = [];
    let goesOn = true;
    let count = 0;
    const codes = new Set<number>();
    // Each keeps trying with one write until it is taken, as the pages do.
    const busy = kinds.map(async (kind) => {
      while (goesOn) {
        const mark = `${kind.name} ${++count}`;
        const key = `away-${count}`;
        const send = async (...asked: Parameters<ReturnType<typeof sendTo>>) => {
          const answer = await sendTo(house.address)(...asked);
          codes.add(answer.status);
          return answer;
        };
        while (!(await kind.send(send, mark, key))) await pause(200);
        sent.push({ kind, mark });
        await pause(30);
      }
    });
    await pause(500);
    await house.cluster.stop('fast');
    await pause(300);
    const away = await told(house);
    expect(away).toMatchObject({ status: 503, code: 'DATABASE_AWAY' });
    expect(Number(away.again)).toBeGreaterThan(0);
    const page = await fetch(`${house.address}/log`);
    expect(page.status).toBeLessThan(500);
    expect(await page.text()).toContain(away.message.slice(0, 30));
    await pause(size(2200, 29_000));
    await house.cluster.start();
    await pause(1500);
    goesOn = false;
    await Promise.all(busy);
    expect([...codes].filter((code) => code >= 500)).toEqual([503]);
    expect(house.isAlive).toBe(true);
    const again = new pg.Client({ connectionString: house.cluster.url });
    await again.connect();
    for (const { kind, mark } of sent) expect(await kind.kept(again, mark), mark).toBe(1);
    await again.end();
    expect(sent.length).toBeGreaterThan(kinds.length);
  });
});

// Only the machine's owner may give a database a small disk.
describe.runIf(userInfo().uid === 0)('a disk that is full', () => {
  it('is told as that; what was acknowledged stays, reading goes on, and writing does once there is room', async () => {
    const disk = await mkdtemp(join(tmpdir(), 'oven-disk-'));
    await run('mount', ['-t', 'tmpfs', '-o', 'size=110m', 'tmpfs', disk]);
    try {
      const data = join(disk, 'data');
      await run('mkdir', [data]);
      const house = await House.open(await Cluster.make(data));
      open.push(house);
      const ballast = join(disk, 'ballast');
      const free = async (): Promise<number> => Number((await run('df', ['--output=avail', '-k', disk])).split('\n')[1]);
      await writeFile(ballast, Buffer.alloc(Math.max(0, (await free()) - 300) * 1024));
      const send = sendTo(house.address);
      const hillbars = JSON.parse(HILLBARS) as Record<string, unknown>;
      const made: string[] = [];
      let refused: { status: number; body: Record<string, unknown> } | null = null;
      for (let i = 0; i < 600 && !refused; i++) {
        const answer = await send('POST', '/api/batches', { ...hillbars, name: `Full ${i}` }, `full-${i}`);
        if (answer.status === 201) made.push(`Full ${i}`);
        else refused = answer;
      }
      expect(refused).toMatchObject({ status: 503, body: { error: { code: 'DISK_FULL' } } });
      expect((await fetch(`${house.address}/log`)).status).toBe(200);
      await rm(ballast);
      expect((await send('POST', '/api/batches', { ...hillbars, name: 'After' }, 'after')).status).toBe(201);
      const db = new pg.Client({ connectionString: house.cluster.url });
      await db.connect();
      const { rows } = await db.query<{ name: string; n: number }>(
        "select name, count(*)::int as n from batch where name like 'Full %' or name = 'After' group by name",
      );
      expect(new Map(rows.map(({ name, n }) => [name, n]))).toEqual(new Map([...made, 'After'].map((name) => [name, 1])));
      await db.end();
      await house.close();
      open.pop();
    } finally {
      await run('umount', ['-l', disk]);
      await rm(disk, { recursive: true, force: true });
    }
  });
});
