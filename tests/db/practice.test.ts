/** Practice bakes over a real PostgreSQL: begun, done once, judged once, and nobody else's. */
import type pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { LESSONS } from '@/core/practice';
import { whileAsked, type Who } from '@/server/asked';
import { must, openKitchen } from './kitchen-database';

let db: pg.Client;
let close: () => Promise<void>;
let cases: Awaited<ReturnType<typeof useCases>>;
const useCases = async () => ({
  ...(await import('@/server/practice/begin-practice')),
  ...(await import('@/server/practice/do-in-practice')),
  ...(await import('@/server/practice/judge-practice')),
  ...(await import('@/server/practice/view-practice')),
  ...(await import('@/server/practice/view-practices')),
});
beforeAll(async () => {
  ({ db, close } = await openKitchen('oven_test_practice'));
  cases = await useCases();
});
afterAll(() => close());

const begin = async (of: object): Promise<string> => must(await cases.beginPractice(of)).id;
const acted = async (id: string, after: number, act: object) => cases.doInPractice(id, { after, act });

describe('a practice bake', () => {
  it('is of every lesson, in the oven of the kitchen, and shows nothing that is hidden', async () => {
    for (const lesson of LESSONS) {
      const id = await begin({ lesson });
      const view = must(await cases.viewPractice(id));
      expect(view).toMatchObject({ lesson, bake: 1, acts: [], minute: 0, verdict: null });
      expect(view.window.glimpses.length).toBeGreaterThan(30);
      expect(JSON.stringify(view)).not.toContain('truth');
      const { rows } = await db.query("select from practice where id = $1 and document #> '{kitchen,room_c}' is not null", [id]);
      // In the air of the kitchen.
      expect(rows, lesson).toHaveLength(1);
    }
    const { lessons } = must(await cases.viewPractices());
    expect(lessons.map(({ open }) => open !== null)).toEqual(LESSONS.map(() => true));
  });
  it('does one thing once, whoever sends it again, and refuses what cannot be done', async () => {
    const id = await begin({ lesson: 'thickness' });
    const first = must(await acted(id, 0, { minute: 12, do: 'weigh' }));
    expect(first.seen.find(({ by }) => by === 'weigh')?.told[0].number).toBeGreaterThan(50);
    expect(must(await acted(id, 0, { minute: 12, do: 'weigh' }))).toEqual(first);
    expect(must(await cases.viewPractice(id)).acts).toHaveLength(1);
    expect(await acted(id, 0, { minute: 14, do: 'turn' })).toMatchObject({ ok: false, code: 'CHANGED_ELSEWHERE' });
    expect(await acted(id, 1, { minute: 3, do: 'turn' })).toMatchObject({ ok: false, path: 'act.minute' });
    expect(await acted(id, 1, { minute: 20, do: 'set', setpoint_c: 320 })).toMatchObject({ ok: false, path: 'act.setpoint_c' });
    expect(await acted(id, 1, { minute: 20, do: 'pick' })).toMatchObject({ ok: false, code: 'BAD_VALUE' });
    expect(await acted(id, 1, { minute: 20, do: 'burn' })).toMatchObject({ ok: false });
    expect(await cases.judgePractice(id, { guess: 'dry' })).toMatchObject({ ok: false, message: /still in/ });
  });
  it('is judged once, and counts in its lesson', async () => {
    const id = await begin({ lesson: 'soft' });
    must(await acted(id, 0, { minute: 25, do: 'set', setpoint_c: 90 }));
    must(await acted(id, 1, { minute: 110, do: 'out' }));
    expect(await acted(id, 2, { minute: 112, do: 'turn' })).toMatchObject({ ok: false, message: /out already/ });
    const { verdict } = must(await cases.judgePractice(id, { guess: 'damp' }));
    expect(verdict?.share).toBeGreaterThan(0);
    expect(must(await cases.judgePractice(id, { guess: 'wet' })).verdict?.guess.said).toBe('damp');
    expect(must(await cases.viewPractice(id)).verdict).toEqual(verdict);
    expect(await acted(id, 2, { minute: 120, do: 'turn' })).toMatchObject({ ok: false, message: /judged already/ });
    const soft = must(await cases.viewPractices()).lessons.find(({ lesson }) => lesson === 'soft');
    expect(soft?.round).toEqual([verdict?.share]);
  });
  it('is of a batch of one’s own, and of nothing that is not baked or dried', async () => {
    const { rows } = await db.query<{ id: string; kind: string }>(
      "select distinct on (2) id, coalesce(document #>> '{heat,appliance,kind}', 'static-oven') as kind from batch order by 2, id",
    );
    const oven = rows.find(({ kind }) => kind.endsWith('oven'));
    const id = await begin({ batch_id: oven?.id ?? '' });
    expect(must(await cases.viewPractice(id))).toMatchObject({ lesson: null, bake: null, batch_id: oven?.id });
    for (const { id: other, kind } of rows.filter((row) => row.kind === 'freezer'))
      expect(await cases.beginPractice({ batch_id: other }), kind).toMatchObject({ ok: false, path: 'heat.appliance.kind' });
    expect(await cases.beginPractice({ batch_id: '00000000-0000-0000-0000-000000000000' })).toMatchObject({ ok: false });
    expect(await cases.beginPractice({ lesson: 'soft', batch_id: id })).toMatchObject({ ok: false });
    expect(await cases.beginPractice({})).toMatchObject({ ok: false });
  });
  it('is nobody else’s', async () => {
    const id = await begin({ lesson: 'thickness' });
    const roles = new Map([['cairnhope', 'helper' as const]]);
    const other: Who = { kind: 'person', id: 'p', name: 'Una', device: 'd', roles, keeps_house: false, reads: {} };
    await whileAsked({ kitchen: 'cairnhope', who: other }, async () => {
      expect(await cases.viewPractice(id)).toMatchObject({ ok: false, code: 'NOT_FOUND' });
      expect(await acted(id, 0, { minute: 5, do: 'turn' })).toMatchObject({ ok: false, code: 'NOT_FOUND' });
      expect(must(await cases.viewPractices()).lessons.every(({ open }) => open === null)).toBe(true);
    });
  });
});
