import type { PackChoice } from '@/core/catalogue';
import type { Prediction } from '@/core/prediction';

/** Moist enough for germs: it goes into the fridge [1]. Source: FDA, aw 0.85 (21 CFR 114). */
const MOIST_FROM_AW = 0.85;

/** Where treats like these are usually put: moist ones into the fridge, what ends frozen into the freezer. */
export function placeFor({ outcome, heat, parts, keeps }: Prediction): NonNullable<PackChoice['store']> {
  if (outcome.texture === 'frozen hard' || heat.stages.at(-1)?.kind === 'freezer') return 'freezer';
  const moistCoat = parts.some(({ aw_evened }) => aw_evened !== null && aw_evened > MOIST_FROM_AW);
  return Math.max(outcome.aw, outcome.aw_centre) > MOIST_FROM_AW || moistCoat || keeps[0]?.store === 'fridge' ? 'fridge' : 'room';
}

/** One more pack, with a count: it takes its pieces from what the others would hold. */
export function onePack(prediction: Prediction, option: PackChoice['option'], most: number): PackChoice {
  const pieces = Math.max(1, Math.min(most, Math.floor(prediction.yield.pieces / 2)));
  return { option, store: placeFor(prediction), pieces, packs: 1 };
}
