import type { Composition } from '../pantry';
import { BAKED_POLYMERS, POLYOLS, RAW_POLYMERS, SUGARS, gabWater, saltWater, type PolymerSet } from './gab';

/** How far starch and protein have been baked, as heat and time have it: none, all, or a share [0..1]; baked goods hold less water. */
export type SorptionState = 'raw' | 'baked' | number;

/**
 * Water that a composition holds in equilibrium with a water activity [g], summed over its components.
 *
 * @param aw - water activity [0..1)
 * @source additivity: Lang & Steinberg 1980; components: see ./gab
 */
export function waterHeld(composition: Composition, aw: number, temperature_c: number, state: SorptionState): number {
  const baked = state === 'baked' ? 1 : state === 'raw' ? 0 : state;
  const of = (share: number, set: PolymerSet): number =>
    share > 0 ? share * polymerWater(composition, aw, temperature_c, set) : 0;
  return (
    of(baked, BAKED_POLYMERS) +
    of(1 - baked, RAW_POLYMERS) +
    composition.sugars_g * gabWater(SUGARS, aw, temperature_c) +
    composition.polyol_g * gabWater(POLYOLS, aw, temperature_c) +
    composition.saltLike_g * saltWater(aw)
  );
}

/** What starch, protein and fibre hold, all raw or all baked [g]. */
function polymerWater(composition: Composition, aw: number, temperature_c: number, set: PolymerSet): number {
  return (
    composition.starch_g * gabWater(set.starch, aw, temperature_c) +
    composition.protein_g * gabWater(set.protein, aw, temperature_c) +
    (composition.fibre_g + composition.otherCarb_g) * gabWater(set.fibre, aw, temperature_c)
  );
}

/** Range in which the inverse is trusted; outside it only a word is honest. [1] Source: ours. */
export const AW_FLOOR = 0.05;
export const AW_CEILING = 0.98;

/** A water activity, and whether it was pinned to the end of the trusted range. */
export type WaterActivity = { readonly aw: number; readonly flag: 'inside' | 'below' | 'above' | 'no-solids' };

/**
 * Water activity of a composition that holds `water_g` of water: the inverse of waterHeld, by bisection.
 * Never extrapolates: below 0.05 and above 0.98 it says so.
 */
export function awOf(composition: Composition, water_g: number, temperature_c: number, state: SorptionState): WaterActivity {
  if (composition.nonFatSolids_g <= 0) return { aw: 1, flag: 'no-solids' };
  const held = (aw: number): number => waterHeld(composition, aw, temperature_c, state);
  if (water_g <= held(AW_FLOOR)) return { aw: AW_FLOOR, flag: 'below' };
  if (water_g >= held(AW_CEILING)) return { aw: AW_CEILING, flag: 'above' };
  let low = AW_FLOOR;
  let high = AW_CEILING;
  for (let halving = 0; halving < 50; halving++) {
    const middle = (low + high) / 2;
    if (held(middle) < water_g) low = middle;
    else high = middle;
  }
  return { aw: (low + high) / 2, flag: 'inside' };
}
