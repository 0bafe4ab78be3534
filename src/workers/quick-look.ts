import type { BatchDocument } from '@/core/document';
import { succeed, type Result } from '@/core/failure';
import type { Pantry } from '@/core/pantry';
import { drawingOf, predict, type Kitchen } from '@/core/prediction';
import type { KitchenGoods, Nominal } from './prediction-protocol';

/** A document as a page first shows it, in milliseconds: a layout that takes long to search is laid by hand for now. */
export function quickLook(document: BatchDocument, kitchen: Kitchen): Result<Nominal> {
  const worked = predict(document, kitchen, 'quick');
  return worked.ok ? succeed({ prediction: worked.value.prediction, drawing: drawingOf(worked.value) }) : worked;
}

/** The kitchen that predictions are made in: without a price, nothing is said of cost. */
export function pricedKitchen(pantry: Pantry, { currency, prices, energy_per_kwh }: Omit<KitchenGoods, 'pantry'>): Kitchen {
  if (prices.length === 0) return { pantry };
  return {
    pantry,
    prices: { currency, prices: new Map(prices), ...(energy_per_kwh === undefined ? {} : { energy_per_kwh }) },
  };
}
