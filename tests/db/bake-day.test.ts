/** Bake days over a real PostgreSQL: what is offered, kept and refused. */
import type pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { complaintsAbout, solve } from '@/core/bakeday';
import { dayOf } from '@/core/calls';
import { setClock } from '@/server/clock';
import { must, openKitchen, saveOver } from './kitchen-database';

let db: pg.Client;
let close: () => Promise<void>;
let cases: Awaited<ReturnType<typeof useCases>>;
/** Loaded after the address is known: the pool is opened on first use. */
const useCases = async () => ({
  ...(await import('@/server/bake-day')),
  ...(await import('@/server/planned-list')),
  ...(await import('@/server/kit')),
  ...(await import('@/server/week-if')),
});
beforeAll(async () => {
  ({ db, close } = await openKitchen('oven_test_bake_day'));
  cases = await useCases();
});
afterAll(() => close());

const TODAY = '2026-11-25';
beforeAll(() => setClock(() => Date.parse(`${TODAY}T12:00:00Z`)));
afterAll(() => setClock());

/** Does something as if it were then. */
async function whileItIs<T>(then_ms: number, work: () => Promise<T>): Promise<T> {
  setClock(() => then_ms);
  try {
    return await work();
  } finally {
    setClock(() => Date.parse(`${TODAY}T12:00:00Z`));
  }
}

describe('the demo Saturday', () => {
  it('has six batches that can all be ready in time, on machines of the kit', async () => {
    const view = must(await cases.viewBakeDay(undefined));
    expect(new Date(`${view.day}T12:00:00Z`).getUTCDay()).toBe(6);
    expect(view.saved.document.settings.picked).toHaveLength(6);
    expect(view.batches.length).toBeGreaterThanOrEqual(6);
    expect(view.machines.map(({ name }) => name)).toContain('Five-tray dehydrator');
    const day = dayOf(view.saved.document.settings, view);
    const planned = solve(day, { seed: 1, iterations: 2000, chains: 6 });
    expect(planned?.cost.tardiness).toBe(0);
    expect(complaintsAbout(day, planned?.plan ?? [])).toEqual([]);
  });
  it('is told with one thing otherwise: another oven, the evening before, twice the work', async () => {
    // The demo's Saturday lies in the week from here.
    const { day } = must(await cases.viewBakeDay(undefined));
    const week = await whileItIs(Date.parse(`${day}T09:00:00Z`) - 3 * 864e5, () => cases.viewWeekIf());
    const { rows, days, never_sold } = must(week);
    expect(days).toEqual([day]);
    const of = (kind: string) => rows.find(({ change }) => change.kind === kind) ?? expect.fail(kind);
    const [now, twice, mixed] = [of('none'), of('twice'), of('mix-before')];
    expect(now.pieces).toBeGreaterThan(500);
    expect(now.late_min).toBe(0);
    expect([twice.pieces, twice.energy_kwh, twice.cost]).toEqual([2 * now.pieces, 2 * now.energy_kwh, 2 * (now.cost ?? NaN)]);
    expect(twice.hands_min).toBeGreaterThan(1.8 * now.hands_min);
    expect(mixed.longest_min).toBeLessThan(now.longest_min);
    expect(mixed.evening_min).toBeGreaterThan(30);
    expect(rows.flatMap(({ machine_name }) => machine_name ?? [])).toContain('Five-tray dehydrator');
    // Some of it was sold before, and brings what it brought; some never was.
    expect(now.income).toBeGreaterThan(10);
    expect(never_sold).toBeGreaterThan(0);
  });
  it('is not asked about in a week without one', async () => {
    const later = await whileItIs(Date.parse('2031-01-01T12:00:00Z'), () => cases.viewWeekIf());
    expect(later).toMatchObject({ ok: false, code: 'NOT_FOUND' });
  });
  it('waits for trays when the kitchen has few; as many as there are is noted in the kit', async () => {
    const few = { trays: 2, fridge: 1, freezer: 1 };
    must(await saveOver(cases.savePlaces, few));
    const view = must(await cases.viewBakeDay(undefined));
    expect(view.places).toEqual(few);
    expect(must(await cases.viewKit()).places).toEqual(few);
    const day = dayOf(view.saved.document.settings, view);
    const planned = solve(day, { seed: 1, iterations: 600, chains: 2 });
    expect(complaintsAbout(day, planned?.plan ?? [])).toEqual([]);
    const many = dayOf(view.saved.document.settings, { ...view, places: { trays: 40, fridge: 9, freezer: 9 } });
    const sooner = solve(many, { seed: 1, iterations: 600, chains: 2 });
    expect(planned?.cost.makespan).toBeGreaterThan(sooner?.cost.makespan ?? Infinity);
    expect(await saveOver(cases.savePlaces, { ...few, trays: 0 })).toMatchObject({ ok: false, path: 'document.trays' });
    must(await saveOver(cases.savePlaces, { trays: 8, fridge: 4, freezer: 12 }));
  });
  it('is kept with its plan, pins and hours, and opened again as it was', async () => {
    const view = must(await cases.viewBakeDay(undefined));
    const settings = {
      ...view.saved.document.settings,
      hands: 1,
      quiet: [1260, 420] as const,
      pins: [{ batch: view.saved.document.settings.picked[0].batch, step: 'mix', at: 540 }],
    };
    const plan = solve(dayOf(settings, view), { seed: 1, iterations: 50 })?.plan ?? expect.fail('no plan');
    must(await cases.saveBakeDay(view.day, { revision: view.saved.revision, document: { settings, plan } }));
    expect(must(await cases.viewBakeDay(view.day)).saved).toMatchObject({
      revision: view.saved.revision + 1,
      document: { settings, plan },
    });
    const pinned = dayOf(settings, view);
    expect(pinned.batches[0].steps[0].pin).toBe(540);
    expect(pinned.quiet[0]).toEqual([1260, 1860]);
  });
  it('is not kept with a plan that breaks its rules or is of other steps; nothing is lost by it', async () => {
    const view = must(await cases.viewBakeDay(undefined));
    const { settings, plan } = view.saved.document;
    const save = (changed: readonly unknown[], revision = view.saved.revision) =>
      cases.saveBakeDay(view.day, { revision, document: { settings, plan: changed } });
    const early = plan.map((rec, i) => (i === 3 ? { ...rec, s: rec.s + 1, e: rec.e + 1 } : rec));
    for (const wrong of [early, plan.slice(1), [...plan.slice(1), plan[1]], plan.map((rec) => ({ ...rec, b: rec.b + 1 }))])
      expect(await save(wrong)).toMatchObject({ ok: false, code: 'BAD_VALUE', path: 'document.plan' });
    expect(must(await cases.viewBakeDay(view.day)).saved).toEqual(view.saved);
    // Over an older revision it is told that first.
    expect(must(await save(early, view.saved.revision - 1)).kind).toBe('stale');
    expect(must(await save([])).kind).toBe('saved');
  });
  it('keeps what is picked in sight, however many batches are planned', async () => {
    const view = must(await cases.viewBakeDay(undefined));
    const { settings } = view.saved.document;
    await db.query(
      `insert into batch (kitchen_id, name, document, forecast, updated_at)
       select kitchen_id, 'Later ' || n, document, forecast, now() + make_interval(secs => n) from (select * from batch limit 1) one, generate_series(1, 40) n`,
    );
    const then = must(await cases.viewBakeDay(view.day));
    expect(then.batches.map(({ id }) => id)).toEqual(settings.picked.map(({ batch }) => batch));
    expect(then.offers.rows).toHaveLength(24);
    expect(then.offers.total).toBe(view.offers.total + 40);
    const found = must(await cases.findPlanned('later 33'));
    expect(found).toMatchObject({ rows: [{ name: 'Later 33' }], total: 1 });
    expect(must(await cases.viewDayBatch(found.rows[0].id))).toMatchObject({ id: found.rows[0].id, name: 'Later 33' });
    expect(await cases.viewDayBatch('nonsense')).toMatchObject({ ok: false, code: 'NOT_FOUND' });
    await db.query("delete from batch where name like 'Later %'");
  });
  it('a day that nobody planned is empty, and tomorrow when none is asked for', async () => {
    expect(must(await cases.viewBakeDay('2030-01-01'))).toMatchObject({
      day: '2030-01-01',
      saved: { revision: 0, document: { settings: { picked: [] }, plan: [] } },
    });
    await db.query('delete from bake_day');
    expect(must(await cases.viewBakeDay(undefined)).day).toBe('2026-11-26');
  });
  it('lets somebody stay up over midnight', async () => {
    const view = must(await cases.viewBakeDay('2026-12-05'));
    const settings = { ...view.saved.document.settings, starts: 1140, awake: [1080, 150] as const };
    must(await cases.saveBakeDay('2026-12-05', { revision: 0, document: { settings, plan: [] } }));
    expect(dayOf(settings, view).win).toEqual([
      [1080, 1590],
      [2520, 3030],
    ]);
    await db.query('delete from bake_day');
  });
  it('is not written over what someone else decided meanwhile', async () => {
    const { saved } = must(await cases.viewBakeDay('2026-12-06'));
    const { settings } = saved.document;
    const mine = { revision: 0, document: { settings: { ...settings, hands: 2 }, plan: [] } };
    const both = await Promise.all([mine, mine].map((body) => cases.saveBakeDay('2026-12-06', body)));
    expect(both.map((one) => must(one).kind).sort()).toEqual(['saved', 'stale']);
    expect(both.map(must).find(({ kind }) => kind === 'stale')).toMatchObject({
      failure: { code: 'CHANGED_ELSEWHERE' },
      current: { revision: 1, document: { settings: { hands: 2 } } },
    });
    await db.query('delete from bake_day');
  });
  it('refuses a day that is not in the calendar', async () => {
    const { revision, document } = must(await cases.viewBakeDay('2026-12-05')).saved;
    for (const day of ['2026-02-30', '2026-99-99', 'soon']) {
      expect(await cases.viewBakeDay(day)).toMatchObject({ ok: false, path: 'day' });
      expect(await cases.saveBakeDay(day, { revision, document })).toMatchObject({ ok: false, path: 'day' });
    }
  });
  it('refuses what makes no sense, with its key, and keeps what was there', async () => {
    const view = must(await cases.viewBakeDay('2026-12-05'));
    const { settings, plan } = view.saved.document;
    const refused = async (change: object): Promise<unknown> =>
      cases.saveBakeDay('2026-12-05', { revision: 0, document: { settings: { ...settings, ...change }, plan } });
    expect(await refused({ hands: 0 })).toMatchObject({ ok: false, path: 'document.settings.hands' });
    expect(await refused({ awake: [600, 600] })).toMatchObject({ ok: false, path: 'document.settings.awake' });
    expect(await refused({ picked: [{ batch: 'nonsense', due: 3 }] })).toMatchObject({ ok: false });
    expect((await db.query('select from bake_day')).rowCount).toBe(0);
  });
});
