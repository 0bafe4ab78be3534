/** Bad lines and several hands: requests that are lost, doubled or cut, two processes on one database, a browser without a line or store. */
import { chromium, type Browser } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { setTimeout as pause } from 'node:timers/promises';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { seededRandom } from '@/core/quantities';
import { CHROMIUM } from '../../scripts/chromium';
import { House } from './house';
import { Line, type Trouble } from './line';
import { sendTo } from './send';
import { SEED, size } from './size';
import { putOffOf, sceneOf, writesOf, type Scene } from './writes';

/** Another process hears of a reading this soon after it is sent [ms]. */
const HEARD_MS = 1000;

let house: House;
let db: pg.Pool;
let scene: Scene;
let browser: Browser;
const HILLBARS = JSON.parse(readFileSync('examples/hillbars.batch.json', 'utf8')) as Record<string, unknown>;
beforeAll(async () => {
  house = await House.open();
  db = new pg.Pool({ connectionString: house.cluster.url });
  db.on('error', () => undefined);
  scene = await sceneOf(sendTo(house.address), db);
  browser = await chromium.launch(CHROMIUM);
});
afterAll(async () => {
  await browser.close();
  await db.end();
  await house.close();
});

describe('a bad line', () => {
  it('loses nothing and doubles nothing: what is sent again under its key is done once', async () => {
    const random = seededRandom(SEED + 1);
    const troubles: readonly Trouble[] = ['none', 'request-lost', 'answer-lost', 'sent-twice', 'cut-in-the-middle'];
    const seen = new Map<Trouble, number>();
    const line = await Line.to(house.port, () => {
      const trouble = random() < 0.4 ? 'none' : troubles[Math.floor(random() * troubles.length)];
      seen.set(trouble, (seen.get(trouble) ?? 0) + 1);
      return trouble;
    });
    const kinds = writesOf(scene);
    let later = 0;
    await Promise.all(
      kinds.map(async (kind, k) => {
        for (let i = 1; i <= size(5, 120); i++) {
          const mark = `${kind.name} over a line ${1000 * (k + 1) + i}`;
          for (let tries = 0; !(await kind.send(sendTo(line.address), mark, `line-${k}-${i}`)); tries++) {
            if (tries > 60) throw new Error(`${mark} never got through`);
          }
          if (kind.name === 'a call put off') later++;
          expect(await kind.kept(db, mark), mark).toBe(1);
        }
      }),
    );
    expect((await putOffOf(db, scene.baking)) - scene.putOff_min).toBe(later);
    expect(seen.size).toBe(troubles.length);
    line.close();
  });
});

describe('two processes on one database', () => {
  it('take turns in the same things without losing one, and hear of each other', async () => {
    const other = await house.beside();
    try {
      const leaving = new AbortController();
      const stream = await fetch(`${other.address}/api/oven/stream`, { signal: leaving.signal });
      let told = 0;
      void (async () => {
        for await (const part of stream.body ?? [])
          told +=
            Buffer.from(part as Uint8Array)
              .toString()
              .split('data:').length - 1;
      })().catch(() => undefined);
      const { id } = (await sendTo(house.address)('POST', '/api/batches', { ...HILLBARS, name: 'Two hands' }, 'two-hands'))
        .body as { id: string };
      let revision = 1;
      let conflicts = 0;
      const done: number[] = [];
      await Promise.all(
        [house, other].map(async ({ address }, hand) => {
          for (let i = 0; i < size(12, 100);) {
            const answer = await sendTo(address)(
              'PATCH',
              `/api/batches/${id}`,
              { revision, document: { ...HILLBARS, name: `Hand ${hand} ${i}` } },
              `two-${hand}-${i}-${revision}`,
            );
            if (answer.status === 200) {
              done.push((answer.body.revision as number) ?? 0);
              revision = Math.max(revision, answer.body.revision as number);
              i++;
            } else {
              expect(answer.status).toBe(409);
              conflicts++;
              revision = Math.max(revision, (answer.body.current as { revision: number }).revision);
            }
          }
        }),
      );
      // Every save made a revision of its own.
      expect(new Set(done).size).toBe(done.length);
      const { rows } = await db.query<{ revision: number }>('select revision from batch where id = $1', [id]);
      expect(rows[0].revision).toBe(done.length + 1);
      expect(conflicts).toBeGreaterThanOrEqual(0);
      // The quickest of a few counts: other suites run beside this one.
      let quickest_ms = Infinity;
      for (let tries = 0; tries < 5 && quickest_ms >= HEARD_MS; tries++) {
        const [before, begun] = [told, performance.now()];
        await sendTo(house.address)(
          'POST',
          `/api/oven/${scene.baking}/readings`,
          { by: 'hand', kind: 'core_c', value: 61.5 + tries },
          `heard-${tries}`,
        );
        while (told === before && performance.now() - begun < 5 * HEARD_MS) await pause(5);
        if (told > before) quickest_ms = Math.min(quickest_ms, performance.now() - begun);
      }
      expect(quickest_ms).toBeLessThan(HEARD_MS);
      leaving.abort();
    } finally {
      await other.kill();
    }
  });
});

describe('a page', () => {
  const opened = async (name: string, prepare?: string) => {
    const { id } = (await sendTo(house.address)('POST', '/api/batches', { ...HILLBARS, name }, `page-${name}`)).body as {
      id: string;
    };
    const context = await browser.newContext();
    if (prepare) await context.addInitScript(prepare);
    const page = await context.newPage();
    await page.goto(`${house.address}/batch/${id}?bench=weigh`);
    const field = page.getByLabel('Name of the batch');
    await field.waitFor();
    await pause(800);
    const rename = async (to: string): Promise<void> => {
      await field.fill(to);
      await field.press('Enter');
    };
    const isNamed = async (to: string, within_ms: number): Promise<boolean> => {
      for (const until = Date.now() + within_ms; Date.now() < until; await pause(100)) {
        const { rows } = await db.query<{ name: string }>('select name from batch where id = $1', [id]);
        if (rows[0].name === to) return true;
      }
      return false;
    };
    return { page, context, rename, isNamed };
  };
  it('without a line keeps what was changed, also over a reload, and sends it once the line is back', async () => {
    const { page, context, rename, isNamed } = await opened('Offline');
    await context.setOffline(true);
    await rename('Changed in the cellar');
    expect(await isNamed('Changed in the cellar', 1500)).toBe(false);
    await context.setOffline(false);
    await page.reload();
    expect(await isNamed('Changed in the cellar', 15_000)).toBe(true);
    await context.close();
  });
  it('whose store is full saves all the same', async () => {
    const { context, rename, isNamed } = await opened(
      'Full store',
      `Storage.prototype.setItem = () => { throw new DOMException('full', 'QuotaExceededError'); };`,
    );
    await rename('Saved without a store');
    expect(await isNamed('Saved without a store', 10_000)).toBe(true);
    await context.close();
  });
  it('whose house is killed under it saves once the house is up again', async () => {
    const { context, rename, isNamed } = await opened('Killed');
    await house.kill();
    await rename('Written while it was dark');
    await pause(800);
    await house.start();
    expect(await isNamed('Written while it was dark', 30_000)).toBe(true);
    await context.close();
  });
  it('whose clock jumps a day saves and dates nothing by it', async () => {
    const { page, context, rename, isNamed } = await opened('Clock');
    await page.evaluate('{ const real = Date.now; Date.now = () => real() + 86_400_000; }');
    await rename('A day ahead');
    expect(await isNamed('A day ahead', 10_000)).toBe(true);
    const { rows } = await db.query<{ fresh: boolean }>(
      "select updated_at between now() - interval '1 minute' and now() as fresh from batch where name = 'A day ahead'",
    );
    expect(rows[0].fresh).toBe(true);
    await context.close();
  });
});
