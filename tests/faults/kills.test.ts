/**
 * The process, and now and then the database, is ended at random moments while everything that can be written is written: what was
 * acknowledged is there, once; what was not and is sent again is there once too.
 */
import { setTimeout as pause } from 'node:timers/promises';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { seededRandom } from '@/core/quantities';
import { House } from './house';
import { sendTo } from './send';
import { SEED, size } from './size';
import { putOffOf, sceneOf, writesOf, type Scene, type Send, type Write } from './writes';

const CYCLES = size(3, 100);
/** Every so many-th time the database goes as well. */
const WITH_DATABASE = 3;

type Sent = { readonly write: Write; readonly mark: string; readonly key: string };

let house: House;
let scene: Scene;
const connected = async (): Promise<pg.Client> => {
  const db = new pg.Client({ connectionString: house.cluster.url });
  db.on('error', () => undefined);
  await db.connect();
  return db;
};
beforeAll(async () => {
  house = await House.open();
  const db = await connected();
  scene = await sceneOf(sendTo(house.address), db);
  await db.end();
});
afterAll(() => house.close());

describe('what was acknowledged', () => {
  it(
    `is kept, once, through ${CYCLES} sudden ends`,
    async () => {
      const random = seededRandom(SEED);
      const writes = writesOf(scene);
      const acknowledged: Sent[] = [];
      const open: Sent[] = [];
      let count = 0;
      let attempts = 0;
      const began = new Map<string, number>();
      const recovery: number[] = [];
      let refused = '';
      let status = 0;
      const attempt = async (sent: Sent): Promise<boolean> => {
        attempts++;
        const send: Send = async (...asked) => {
          const answer = await sendTo(house.address)(...asked);
          refused = JSON.stringify(answer);
          ({ status } = answer);
          return answer;
        };
        return sent.write.send(send, sent.mark, sent.key);
      };
      /** As the page does it: no answer at all, or none for now, is no refusal. */
      const untilAnswered = async (sent: Sent): Promise<boolean> => {
        for (let tries = 0; tries < 4; tries++) {
          if (await attempt(sent)) return true;
          if (status !== 0 && status !== 503) return false;
        }
        return false;
      };
      for (let cycle = 0; cycle < CYCLES; cycle++) {
        let goesOn = true;
        // Every kind of write at once, each one after the other.
        const busy = writes.map(async (write) => {
          while (goesOn) {
            const sent = { write, mark: `${write.name} ${++count}`, key: `key-${count}` };
            began.set(write.name, (began.get(write.name) ?? 0) + 1);
            if (await attempt(sent)) acknowledged.push(sent);
            else open.push(sent);
            if (!house.isAlive) return;
          }
        });
        await pause(100 + 900 * random());
        await house.kill();
        goesOn = false;
        await Promise.all(busy);
        if (cycle % WITH_DATABASE === WITH_DATABASE - 1) {
          await house.cluster.stop('immediate');
          await house.cluster.start();
        }
        recovery.push(await house.start());
        // The page sends again what it has no answer to, under the same key; edits are made anew over what stands.
        for (const sent of open.splice(0)) {
          expect(await untilAnswered(sent), `${sent.mark} sent again: ${refused}`).toBe(true);
          acknowledged.push(sent);
        }
      }
      const db = await connected();
      const wrong: string[] = [];
      for (const { write, mark } of acknowledged) {
        const kept = await write.kept(db, mark);
        if (kept !== 1) wrong.push(`${mark}: ${kept}`);
      }
      expect(wrong).toEqual([]);
      const later = acknowledged.filter(({ write }) => write.name === 'a call put off').length;
      expect((await putOffOf(db, scene.baking)) - scene.putOff_min).toBe(later);
      const { rows: jars } = await db.query<{ out: number; left: number }>(
        `select pieces - left_over as left, (select coalesce(sum(pieces), 0)::int from jar_event where jar_id = jar.id and act = 'given') as out
         from jar where id = $1`,
        [scene.jar],
      );
      expect(jars[0].left).toBe(jars[0].out);
      await db.end();
      for (const { name } of writes) expect(began.get(name), name).toBeGreaterThan(0);
      recovery.sort((a, b) => a - b);
      console.log(
        `${CYCLES} sudden ends, ${attempts} writes sent, ${acknowledged.length} acknowledged, 0 lost, 0 doubled; up again after ${Math.round(recovery[0])} to ${Math.round(recovery.at(-1) ?? 0)} ms`,
      );
    },
    size(300_000, 1_800_000),
  );
});
