import { describe, expect, it } from 'vitest';
import { complaintsAbout } from '@/core/bakeday';
import { batch, dayOf, inMachine, work } from '../../tests/reference/bakeday-cases';
import { makePlannerService, type ShownPlan } from './planner-service';

const clock = (): (() => number) => {
  let ms = 0;
  return () => (ms += 0.2);
};
const bake = (id: string, due = 2000) =>
  batch(id, [work('mix', 20), inMachine('bake', [{ res: 'oven1', T: 180, q: 2 }], 60), work('pack', 10)], { due });

describe('the planner beside the page', () => {
  it('tells a first plan and better ones, and ends with the best', async () => {
    const told: ShownPlan[] = [];
    const day = dayOf([bake('a'), bake('b'), bake('c')]);
    const best = await makePlannerService(clock(), () => Promise.resolve()).plan(day, [], 800, (plan) => told.push(plan));
    expect(told.length).toBeGreaterThan(0);
    if (!best?.ok) throw new Error('no plan');
    expect(complaintsAbout(day, best.value.plan)).toEqual([]);
    expect(best.value.weight).toBeLessThanOrEqual(told[0].weight);
  });
  it('gives up at once when something newer is asked', async () => {
    const service = makePlannerService(clock(), () => Promise.resolve());
    const day = dayOf([bake('a'), bake('b')]);
    const first = service.plan(day, [], 100_000, () => undefined);
    const second = service.plan(day, [], 300, () => undefined);
    expect(await first).toBeNull();
    expect(await second).toMatchObject({ ok: true });
  });
  it('says what stands in the way when nothing fits', async () => {
    const service = makePlannerService(clock(), () => Promise.resolve());
    const asleep = dayOf([bake('a')], { win: [[480, 490]] });
    expect(await service.plan(asleep, [], 300, () => undefined)).toMatchObject({
      ok: false,
      message: 'Nobody is awake for 20 minutes at a stretch, as "mix" wants. Give the day longer hours.',
      path: 'batches[0].steps[0]',
    });
  });
  it('says what would help: another oven, when all are late for one', async () => {
    const service = makePlannerService(clock(), () => Promise.resolve());
    const day = dayOf([bake('a', 600), bake('b', 600), bake('c', 600)], { handsCap: 3 });
    const planned = await service.plan(day, [], 300, () => undefined);
    const plan = planned?.ok ? planned.value.plan : [];
    const savings = await service.relief(day, plan);
    expect(savings?.[0].minutes).toBeGreaterThan(60);
    expect(savings?.map(({ relief }) => relief)).toContainEqual({ kind: 'another', machine: 'oven1' });
    const minutes = savings?.map((saving) => saving.minutes) ?? [];
    expect(minutes).toEqual([...minutes].sort((a, b) => b - a));
  });
});
