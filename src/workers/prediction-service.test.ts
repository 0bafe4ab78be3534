import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { BatchDocument } from '@/core/document';
import { PANTRY } from '../../tests/reference/shipped';
import { makePredictionService } from './prediction-service';

const HILLBARS = JSON.parse(readFileSync('examples/hillbars.batch.json', 'utf8')) as BatchDocument;

/** A clock that runs fast, so that every draw ends a slice. */
function service(): { service: ReturnType<typeof makePredictionService>; pauses: () => number } {
  let clock = 0;
  let pauses = 0;
  const made = makePredictionService(
    () => (clock += 1000),
    () => {
      pauses++;
      return new Promise((resume) => setImmediate(resume));
    },
  );
  made.load({ pantry: [...PANTRY.values()], currency: 'GBP', prices: [['flour_spelt_whole', { pack_g: 1000, price: 2.6 }]] });
  return { service: made, pauses: () => pauses };
}

describe('the prediction worker', () => {
  it('answers the likely run with its drawing', () => {
    const answer = service().service.likely(HILLBARS);
    expect(answer.ok && answer.value.prediction.yield.pieces).toBeGreaterThan(100);
    expect(answer.ok && answer.value.drawing.cutThrough.cells).toBe(16);
  });
  it('says what is wrong instead of throwing', () => {
    const bad = { ...HILLBARS, recipe: { ingredients: [{ ingredient: 'gravel', amount: 1, unit: 'g' as const }] } };
    expect(service().service.likely(bad)).toMatchObject({ ok: false, code: 'UNKNOWN_INGREDIENT' });
  });
  it('knows what ingredients cost, and what has no price', () => {
    const answer = service().service.likely(HILLBARS);
    const cost = answer.ok ? answer.value.prediction.cost : null;
    expect(cost?.ingredients).toBeCloseTo(0.78 * 2.6, 6);
    expect(cost?.missing).toContain('egg_whole');
  });
  it('tries every swap of a line to the jar', () => {
    const { service: worker } = service();
    const swaps = worker.swaps(HILLBARS, 0);
    expect(swaps.length).toBeGreaterThan(5);
    for (const { after, idea } of swaps) {
      expect(
        after.dough.ingredients.some(({ ingredient }) => ingredient === 'flour_spelt_whole'),
        idea.id,
      ).toBe(false);
      expect(after.keeps[0].days, idea.id).toBeGreaterThanOrEqual(0);
    }
    expect(worker.swaps(HILLBARS, 99)).toEqual([]);
  });
  it('lets messages in between draws', async () => {
    const { service: worker, pauses } = service();
    const samples = await worker.samples(HILLBARS, 0, 60);
    expect(samples).toHaveLength(60);
    expect(pauses()).toBeGreaterThan(50);
    const banded = worker.band(HILLBARS, samples ?? []);
    expect(banded.ok && banded.value.outcome.snap_low).toBeLessThan(10);
    expect(banded.ok && banded.value.outcome.draws).toBe(60);
  });
  it('two workers that share the draws make the same band as one', async () => {
    const [one, other] = [service().service, service().service];
    const [first, second] = [(await one.samples(HILLBARS, 0, 15)) ?? [], (await other.samples(HILLBARS, 15, 30)) ?? []];
    const whole = (await other.samples(HILLBARS, 0, 30)) ?? [];
    expect([...first, ...second]).toEqual(whole);
    expect(one.band(HILLBARS, [...second, ...first])).toEqual(other.band(HILLBARS, whole));
  });
  it('searches a layout in slices, tells how far it is, and shows it to the worker that draws', async () => {
    const { service: worker } = service();
    const tightest = { ...HILLBARS, shape: { ...HILLBARS.shape, layout: 'tightest' } } as BatchDocument;
    const shares: number[] = [];
    const found = await worker.search(tightest, (share) => shares.push(share));
    expect(shares.length).toBeGreaterThan(20);
    expect(shares).toEqual([...shares].sort((a, b) => a - b));
    expect(shares.at(-1)).toBeLessThanOrEqual(1);
    if (!found) throw new Error('nothing found');
    worker.remember(found);
    const likely = worker.likely(tightest);
    const banded = worker.band(tightest, []);
    expect(likely.ok && banded.ok && likely.value.prediction.yield).toMatchObject({
      provisional: false,
      pieces: banded.ok ? banded.value.yield.pieces : NaN,
    });
  });
  it('gives up when it is told to stop, and answers what is asked next', async () => {
    const { service: worker } = service();
    const old = worker.samples(HILLBARS, 0, 50);
    worker.stop();
    const newer = worker.samples({ ...HILLBARS, name: 'Newer' }, 0, 3);
    expect(await old).toBeNull();
    expect(await newer).toHaveLength(3);
  });
  it('says what is wrong with a document when a band is asked for', async () => {
    const { service: worker } = service();
    const bad = { ...HILLBARS, heat: { steps: [{ do: 'freeze-dry' as const, minutes: 60 }] } };
    expect(await worker.samples(bad, 0, 3)).toBeNull();
    expect(worker.band(bad, [])).toMatchObject({ ok: false, path: 'heat.steps[0].do' });
  });
});
