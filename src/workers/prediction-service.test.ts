import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { BatchDocument } from '@/core/document';
import { PANTRY } from '../../tests/reference/shipped';
import { WorkerClient } from './client';
import { GivenUp } from './given-up';
import { inProcessLine } from './in-process-line';
import type { KitchenGoods, PredictionExchanges } from './prediction-protocol';
import { makePredictionService } from './prediction-service';

const HILLBARS = JSON.parse(readFileSync('examples/hillbars.batch.json', 'utf8')) as BatchDocument;
const GOODS: KitchenGoods = {
  pantry: [...PANTRY.values()],
  currency: 'GBP',
  prices: [['flour_spelt_whole', { pack_g: 1000, price: 2.6 }]],
};

/** A clock that runs fast, so that every draw ends a slice. */
function worker(): { client: WorkerClient<PredictionExchanges>; pauses: () => number } {
  let clock = 0;
  let pauses = 0;
  const pause = (): Promise<void> => {
    pauses++;
    return new Promise((resolve) => setImmediate(resolve));
  };
  const start = (): ReturnType<typeof makePredictionService> => makePredictionService({ now: () => (clock += 1000), pause });
  const client = new WorkerClient<PredictionExchanges>(inProcessLine(start), (self) => self.ask('load', GOODS));
  return { client, pauses: () => pauses };
}

describe('the prediction worker', () => {
  const { client } = worker();
  it('answers the nominal run with its drawing', async () => {
    const answer = await client.ask('nominal', HILLBARS);
    expect(answer.ok && answer.value.prediction.yield.pieces).toBeGreaterThan(100);
    expect(answer.ok && answer.value.drawing.cutThrough.cells).toBe(16);
  });
  it('says what is wrong instead of throwing', async () => {
    const bad = { ...HILLBARS, recipe: { ingredients: [{ ingredient: 'gravel', amount: 1, unit: 'g' as const }] } };
    expect(await client.ask('nominal', bad)).toMatchObject({ ok: false, code: 'UNKNOWN_INGREDIENT' });
  });
  it('knows what ingredients cost, and what has no price', async () => {
    const answer = await client.ask('nominal', HILLBARS);
    const cost = answer.ok ? answer.value.prediction.cost : null;
    expect(cost?.ingredients).toBeCloseTo(0.78 * 2.6, 6);
    expect(cost?.missing).toContain('egg_whole');
  });
  it('tries every swap of a line to the jar', async () => {
    const swaps = await client.ask('swaps', { document: HILLBARS, line: 0 });
    expect(swaps.length).toBeGreaterThan(5);
    for (const { after, idea } of swaps) {
      expect(
        after.dough.ingredients.some(({ ingredient }) => ingredient === 'flour_spelt_whole'),
        idea.id,
      ).toBe(false);
      expect(after.keeps[0].days, idea.id).toBeGreaterThanOrEqual(0);
    }
    expect(await client.ask('swaps', { document: HILLBARS, line: 99 })).toEqual([]);
  });
  it('lets messages in between draws', async () => {
    const { client: one, pauses } = worker();
    const samples = await one.ask('samples', { document: HILLBARS, from: 0, to: 60 });
    expect(samples).toHaveLength(60);
    expect(pauses()).toBeGreaterThan(50);
    const banded = await one.ask('band', { document: HILLBARS, samples: samples ?? [] });
    expect(banded.ok && banded.value.outcome.snap_low).toBeLessThan(10);
    expect(banded.ok && banded.value.outcome.draws).toBe(60);
  });
  it('two workers that share the draws make the same band as one', async () => {
    const [one, other] = [worker().client, worker().client];
    const first = (await one.ask('samples', { document: HILLBARS, from: 0, to: 15 })) ?? [];
    const second = (await other.ask('samples', { document: HILLBARS, from: 15, to: 30 })) ?? [];
    const whole = (await other.ask('samples', { document: HILLBARS, from: 0, to: 30 })) ?? [];
    expect([...first, ...second]).toEqual(whole);
    expect(await one.ask('band', { document: HILLBARS, samples: [...second, ...first] })).toEqual(
      await other.ask('band', { document: HILLBARS, samples: whole }),
    );
  });
  it('searches a layout in slices, tells how far it is, and shows it to the worker that draws', async () => {
    const tightest = { ...HILLBARS, shape: { ...HILLBARS.shape, layout: 'tightest' } } as BatchDocument;
    const shares: number[] = [];
    const found = await client.ask('layout', tightest, { onTold: (share) => shares.push(share) });
    expect(shares.length).toBeGreaterThan(20);
    expect(shares).toEqual([...shares].sort((a, b) => a - b));
    expect(shares.at(-1)).toBeLessThanOrEqual(1);
    if (!found) throw new Error('nothing found');
    await client.ask('primeCache', found);
    const nominal = await client.ask('nominal', tightest);
    const banded = await client.ask('band', { document: tightest, samples: [] });
    expect(nominal.ok && banded.ok && nominal.value.prediction.yield).toMatchObject({
      provisional: false,
      pieces: banded.ok ? banded.value.yield.pieces : NaN,
    });
  });
  // 2026-11-29: the search and the draws shared one worker and one ticket, so that giving up one ended the other for good.
  it('gives up what it is told to, and nothing else', async () => {
    const { client: shared } = worker();
    const search = new AbortController();
    const found = shared.ask('find', { ...HILLBARS, target: { snap_min: 6 } }, { signal: search.signal });
    const samples = shared.ask('samples', { document: HILLBARS, from: 0, to: 5 });
    setTimeout(() => search.abort(), 5);
    await expect(found).rejects.toBeInstanceOf(GivenUp);
    expect(await samples).toHaveLength(5);
    expect(await shared.ask('samples', { document: { ...HILLBARS, name: 'Newer' }, from: 0, to: 3 })).toHaveLength(3);
  });
  it('says what is wrong with a document when a band is asked for', async () => {
    const bad = { ...HILLBARS, heat: { steps: [{ do: 'freeze-dry' as const, minutes: 60 }] } };
    expect(await client.ask('samples', { document: bad, from: 0, to: 3 })).toBeNull();
    expect(await client.ask('band', { document: bad, samples: [] })).toMatchObject({ ok: false, path: 'heat.steps[0].do' });
  });
});
