import type { PackChoice } from '@/core/catalogue';
import type { HousePack } from '@/core/outcomes';
import { MOIST_FROM_AW, type Prediction } from '@/core/prediction';
import { inHouseSize } from './house-packs';

/** Where treats like these are usually put: moist ones into the fridge, what ends frozen into the freezer. */
export function placeFor({ outcome, heat, parts, keeps }: Prediction): NonNullable<PackChoice['store']> {
  if (outcome.texture === 'frozen hard' || heat.stages.at(-1)?.kind === 'freezer') return 'freezer';
  const moistCoat = parts.some(({ aw_evened }) => aw_evened !== null && aw_evened > MOIST_FROM_AW);
  return Math.max(outcome.aw, outcome.aw_centre) > MOIST_FROM_AW || moistCoat || keeps[0]?.store === 'fridge' ? 'fridge' : 'room';
}

/** Loose pieces fill about so much of a pack [1]; a pack that is chosen for them has room for as many. */
const LOOSE = 0.5;

/** One more pack, with a count, in a size that the house has: it takes its pieces from what the others would hold. */
export function onePack(
  prediction: Prediction,
  option: PackChoice['option'],
  most: number,
  house: readonly HousePack[],
): PackChoice {
  const pieces = Math.max(1, Math.min(most, Math.floor(prediction.yield.pieces / 2)));
  const needs_ml = (pieces * prediction.yield.piece_ml) / LOOSE;
  return inHouseSize({ option, store: placeFor(prediction), pieces, packs: 1 }, house, needs_ml);
}
