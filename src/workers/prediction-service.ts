import { bandFrom, samplesInSteps } from '@/core/bands';
import type { BatchDocument } from '@/core/document';
import { succeed, type Result } from '@/core/failure';
import { heatedThrough, keepGains, wholeBatch, withAdvice } from '@/core/outcomes';
import {
  asIngredient,
  coolingOf,
  gapFromCut,
  predict,
  primeCache,
  searchLayout,
  type Found,
  type Kitchen,
  type PredictionRun,
} from '@/core/prediction';
import { findInSteps } from '@/core/search';
import { swapsOf } from '@/core/yield';
import type { KitchenGoods, PredictionExchanges, TriedSwap } from './prediction-protocol';
import type { Service } from './protocol';
import { pricedKitchen, quickLook } from './quick-look';
import { inSlices, type Slicing } from './sliced';

/** Answers predictions. */
export function makePredictionService(slicing: Slicing): Service<PredictionExchanges> {
  let kitchen: Kitchen = { pantry: new Map() };
  let last: { readonly asked: string; readonly worked: Result<PredictionRun> } | null = null;
  /** The nominal run of a document; the last one is kept, since its draws are asked for in several goes. */
  const workedOut = (document: BatchDocument): Result<PredictionRun> => {
    const asked = JSON.stringify(document);
    if (last?.asked !== asked) last = { asked, worked: predict(document, kitchen) };
    return last.worked;
  };
  return {
    load: (goods) => {
      kitchen = kitchenFrom(goods);
      last = null;
      return null;
    },
    nominal: (document) => quickLook(document, kitchen),
    whole: (document) => {
      const worked = wholeBatch(document, kitchen, 'light', 0);
      return worked.ok ? succeed(worked.value.prediction) : worked;
    },
    swaps: ({ document, line }) => triedSwaps(document, line, kitchen),
    layout: async (document, ongoing) => {
      const found = await inSlices(searchLayout(document, kitchen), slicing, ongoing, ({ done, of }) => ongoing.tell(done / of));
      return found === null ? null : JSON.stringify(found);
    },
    primeCache: (found) => {
      last = null;
      primeCache(JSON.parse(found) as Found);
      return null;
    },
    samples: async ({ document, from, to }, ongoing) => {
      const worked = workedOut(document);
      return worked.ok ? inSlices(samplesInSteps(worked.value, from, to), slicing, ongoing) : null;
    },
    band: ({ document, samples }) => {
      const worked = workedOut(document);
      if (!worked.ok) return worked;
      return succeed(withAdvice({ document, kitchen, worked: worked.value }, samples, bandFrom(worked.value, samples)));
    },
    find: (document, ongoing) =>
      inSlices(findInSteps(document, kitchen), slicing, ongoing, ({ done, of }) => ongoing.tell(Math.min(1, done / of))),
    cooling: (document) => {
      const worked = predict(document, kitchen, 'quick');
      return worked.ok ? coolingOf(worked.value) : null;
    },
    treats: ({ name, document }) => {
      const worked = predict(document, kitchen, 'light');
      return worked.ok ? asIngredient(name, worked.value) : worked;
    },
    gains: ({ document, pack }) => keepGains(document, kitchen, pack),
    heatedThrough: ({ document, oven }) => heatedThrough(document, kitchen, oven),
    handGap: ({ document, cut }) => gapFromCut(document, kitchen, cut),
  };
}

const kitchenFrom = ({ pantry, ...prices }: KitchenGoods): Kitchen =>
  pricedKitchen(new Map(pantry.map((row) => [row.id, row])), prices);

const triedSwaps = (document: BatchDocument, line: number, kitchen: Kitchen): TriedSwap[] =>
  swapsOf(document.recipe, line, kitchen.pantry, document.kitchen?.cup_fill).flatMap((swapped) => {
    const after = predict({ ...document, recipe: swapped.recipe }, kitchen, 'quick');
    return after.ok ? [{ ...swapped, after: after.value.prediction }] : [];
  });
