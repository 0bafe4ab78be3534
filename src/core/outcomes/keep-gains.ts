import { lifeGains, type LifeGain } from '../keeping';
import type { BatchDocument } from '../document';
import { stepRecord } from '../catalogue';
import { coatedLife, keptOf, storageOf, predict, type Kitchen } from '../prediction';
import { LONGER_MIN } from './longer';

/** What buys life: a step of storing, or a while longer in the heat. */
export type KeepGain = Omit<LifeGain, 'step'> & { readonly step: Exclude<LifeGain['step'], 'drier'> | 'heat-longer' };

const LONGER_FREEZE_DRYING_MIN = 60;
const LEAST_DAYS = 1;

/**
 * What would buy one of the batch's packs the most days, the most first: other packs and places, and ten more minutes of
 * the heat it dries in, predicted anew. Empty when the document cannot be worked.
 *
 * @param index - which of the batch's packs
 */
export function keepGains(document: BatchDocument, kitchen: Kitchen, index: number): KeepGain[] {
  const worked = predict(document, kitchen, 'quick');
  if (!worked.ok) return [];
  const { packs, prediction } = worked.value;
  const kept = keptOf(worked.value);
  const { product, coating, bare_g, room } = kept;
  const storage = storageOf(packs[index], prediction.keeps[index].pieces_per_pack, kept);
  const stored = lifeGains(product, storage, room, (of, ...where) =>
    coatedLife({ product: of, coating, piece_g: bare_g }, ...where),
  ).flatMap(({ step, ...gain }): KeepGain[] =>
    // Drying is told by what it takes: minutes, not water activity.
    step === 'drier' ? [] : [{ step, ...gain }],
  );
  return [...stored, ...heatLonger(document, kitchen, index, prediction.keeps[index].days)].sort(
    (a, b) => b.gain_days - a.gain_days,
  );
}

function heatLonger(document: BatchDocument, kitchen: Kitchen, index: number, now_days: number): KeepGain[] {
  const { steps } = document.heat;
  const last = steps.findLastIndex((step) => stepRecord(step.do).dries);
  const step = steps[last];
  if (!step || !('minutes' in step)) return [];
  const minutes = step.minutes + (step.do === 'freeze-dry' ? LONGER_FREEZE_DRYING_MIN : LONGER_MIN);
  const heat = { ...document.heat, steps: steps.map((old, i) => (i === last ? { ...step, minutes } : old)) };
  const after = predict({ ...document, heat }, kitchen, 'quick');
  if (!after.ok) return [];
  const { days, days_low } = after.value.prediction.keeps[index];
  const gain_days = days - now_days;
  return gain_days >= LEAST_DAYS ? [{ step: 'heat-longer', days, days_low, gain_days, into: null }] : [];
}
