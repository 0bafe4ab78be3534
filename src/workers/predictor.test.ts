import { readFileSync } from 'node:fs';
import { afterEach, describe, expect, it } from 'vitest';
import type { BatchDocument } from '@/core/document';
import type { Result } from '@/core/failure';
import type { Prediction } from '@/core/prediction';
import { PANTRY } from '../../tests/reference/shipped';
import { inProcessLine } from './in-process-line';
import { makePredictionService } from './prediction-service';
import type { Nominal, PredictionExchanges } from './prediction-protocol';
import { Predictor } from './predictor';
import type { Service } from './protocol';

const HILLBARS = JSON.parse(readFileSync('examples/hillbars.batch.json', 'utf8')) as BatchDocument;
const GOODS = { pantry: [...PANTRY.values()], currency: 'GBP', prices: [] };
const SLICING = { now: () => performance.now(), pause: () => new Promise<void>((resolve) => setImmediate(resolve)) };

let predictor: Predictor | null = null;
afterEach(() => {
  predictor?.close();
  predictor = null;
});

/** A predictor in this process, and how its answers come in. */
function page(change: (service: Service<PredictionExchanges>) => Partial<Service<PredictionExchanges>> = () => ({})) {
  const nominal: Array<Result<Nominal>> = [];
  const banded: Array<Result<Prediction>> = [];
  const asked: string[] = [];
  const hand = new EventTarget();
  const near = (): Promise<void> => new Promise((comes) => hand.addEventListener('near', () => comes()));
  const line = inProcessLine<PredictionExchanges>(() => {
    const service = makePredictionService(SLICING);
    return {
      ...service,
      layout: (document, ongoing) => {
        asked.push('layout');
        return service.layout(document, ongoing);
      },
      ...change(service),
    };
  });
  const answers = {
    onNominal: (_: BatchDocument, answer: Result<Nominal>) => void nominal.push(answer),
    onBanded: (_: BatchDocument, answer: Result<Prediction>) => void banded.push(answer),
    onSearch: () => undefined,
  };
  predictor = new Predictor(GOODS, answers, near, line);
  return { predictor, nominal, banded, asked, comesNear: () => hand.dispatchEvent(new Event('near')) };
}
const until = async (there: () => boolean): Promise<void> => {
  for (let i = 0; i < 2000 && !there(); i++) await new Promise((resolve) => setTimeout(resolve, 10));
  expect(there()).toBe(true);
};

describe('the predictor of a page', () => {
  it('shows the nominal run at once, and the bands once the hand rests', async () => {
    const { predictor: asked, nominal, banded } = page();
    asked.ask(HILLBARS);
    await until(() => banded.some((answer) => answer.ok));
    expect(nominal[0]).toMatchObject({ ok: true });
  });
  // 2026-11-29: an exception in a worker left `busy` set, and the page showed old numbers for good.
  it('goes on after an exception in a worker, and says what happened', async () => {
    let calls = 0;
    const { predictor: asked, nominal } = page((service) => ({
      nominal: (document, ongoing) => {
        if (calls++ === 0) throw new Error('a bug');
        return service.nominal(document, ongoing);
      },
    }));
    asked.ask(HILLBARS);
    await until(() => nominal.length === 1);
    expect(nominal[0]).toMatchObject({ ok: false, code: 'WORKER_FAILED' });
    asked.ask({ ...HILLBARS, name: 'Changed' });
    await until(() => nominal.some((answer) => answer.ok));
  });
  // 2026-11-29: giving up "Find a programme" ended the bands until the page was loaded anew.
  it('draws bands after a search for programmes was given up', async () => {
    const { predictor: asked, banded } = page();
    asked.ask(HILLBARS);
    const search = new AbortController();
    const found = asked.programmes({ ...HILLBARS, target: { snap_min: 6 } }, () => undefined, search.signal);
    await until(() => banded.length > 0);
    search.abort();
    expect(await found).toBeNull();
    const before = banded.length;
    asked.ask({ ...HILLBARS, name: 'Changed' });
    await until(() => banded.length > before);
    expect(banded.at(-1)).toMatchObject({ ok: true });
  });
  // 2026-12-02: what was asked beside the drawing was refused with nobody to take it, when the page was left or its worker broke.
  it('answers every question with a failure where a worker breaks, and with nothing once the page is left', async () => {
    const broken = (): never => {
      throw new Error('a bug');
    };
    const { predictor: breaks } = page(() => ({
      cooling: broken,
      swaps: broken,
      gains: broken,
      handGap: broken,
      heatedThrough: broken,
      treats: broken,
    }));
    const questions = (to: Predictor) => [
      to.cooling(HILLBARS),
      to.swaps(HILLBARS, 0),
      to.gains(HILLBARS, 0),
      to.handGap(HILLBARS, 40),
      to.heatedThrough(HILLBARS, { kind: 'static-oven' }),
      to.treats('Hillbars', HILLBARS),
    ];
    for (const answer of await Promise.all<Result<unknown> | null>(questions(breaks)))
      expect(answer).toMatchObject({ ok: false, code: 'WORKER_FAILED' });
    breaks.close();
    const never = (): Promise<never> => new Promise(() => undefined);
    const { predictor: left } = page(() => ({
      cooling: never,
      swaps: never,
      gains: never,
      handGap: never,
      heatedThrough: never,
      treats: never,
    }));
    const open = questions(left);
    left.close();
    expect(new Set(await Promise.all<unknown>(open))).toEqual(new Set([null]));
  });
  it('lets its workers be while a page that came with its answer is only read, and gets ready when a change is near', async () => {
    const { predictor: served, asked, nominal, banded, comesNear } = page();
    served.takeOn(HILLBARS, Promise.resolve(true));
    await new Promise((resolve) => setTimeout(resolve, 50));
    expect(asked).toEqual([]);
    comesNear();
    await until(() => asked.length === 1);
    expect([nominal, banded]).toEqual([[], []]);
  });
});
