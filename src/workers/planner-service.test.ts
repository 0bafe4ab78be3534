import { describe, expect, it } from 'vitest';
import { complaintsAbout } from '@/core/bakeday';
import { batch, dayOf, inMachine, work } from '../../tests/reference/bakeday-cases';
import { WorkerClient } from './client';
import { GivenUp } from './given-up';
import { inProcessLine } from './in-process-line';
import { makePlannerService, type PlannerExchanges, type ShownPlan } from './planner-service';

function planner(): WorkerClient<PlannerExchanges> {
  let ms = 0;
  const pause = (): Promise<void> => new Promise((resolve) => setImmediate(resolve));
  return new WorkerClient(inProcessLine(() => makePlannerService({ now: () => (ms += 0.2), pause })));
}
const bake = (id: string, due = 2000) =>
  batch(id, [work('mix', 20), inMachine('bake', [{ res: 'oven1', T: 180, q: 2 }], 60), work('pack', 10)], { due });

describe('the planner beside the page', () => {
  it('tells a first plan and better ones, and ends with the best', async () => {
    const told: ShownPlan[] = [];
    const day = dayOf([bake('a'), bake('b'), bake('c')]);
    const best = await planner().ask('plan', { day, before: [], searches: 0.01 }, { onTold: (plan) => told.push(plan) });
    expect(told.length).toBeGreaterThan(0);
    if (!best.ok) throw new Error('no plan');
    expect(complaintsAbout(day, best.value.plan)).toEqual([]);
    expect(best.value.weight).toBeLessThanOrEqual(told[0].weight);
  });
  it('stops when it is given up, and plans what is asked next', async () => {
    const client = planner();
    const day = dayOf([bake('a'), bake('b')]);
    const stop = new AbortController();
    const first = client.ask('plan', { day, before: [], searches: 1e9 }, { signal: stop.signal });
    setTimeout(() => stop.abort(), 20);
    await expect(first).rejects.toBeInstanceOf(GivenUp);
    expect(await client.ask('plan', { day, before: [], searches: 0.005 })).toMatchObject({ ok: true });
  });
  it('says what stands in the way when nothing fits', async () => {
    const asleep = dayOf([bake('a')], { win: [[480, 490]] });
    expect(await planner().ask('plan', { day: asleep, before: [], searches: 0.005 })).toMatchObject({
      ok: false,
      message: 'Nobody is awake for 20 minutes at a stretch, as "mix" wants. Give the day longer hours.',
      path: 'batches[0].steps[0]',
    });
  });
  it('says what would help: another oven, when all are late for one', async () => {
    const client = planner();
    const day = dayOf([bake('a', 600), bake('b', 600), bake('c', 600)], { handsCap: 3 });
    const planned = await client.ask('plan', { day, before: [], searches: 0.005 });
    const savings = await client.ask('relief', { day, plan: planned.ok ? planned.value.plan : [] });
    expect(savings[0].minutes).toBeGreaterThan(60);
    expect(savings.map(({ relief }) => relief)).toContainEqual({ kind: 'another', machine: 'oven1' });
    const minutes = savings.map((saving) => saving.minutes);
    expect(minutes).toEqual([...minutes].sort((a, b) => b - a));
  });
});
