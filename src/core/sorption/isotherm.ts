import type { Composition } from '../pantry';
import { risingThroughZero } from '../quantities';
import { BAKED_POLYMERS, POLYOLS, RAW_POLYMERS, SUGARS, gabAt, gabWater, saltWater, type PolymerSet } from './gab';

/** How far starch and protein have been baked, as heat and time have it: none, all, or a share [0..1]; baked goods hold less water. */
export type SorptionState = 'raw' | 'baked' | number;

/**
 * Water that a composition holds in equilibrium with a water activity [g], summed over its components: at one temperature, for whoever
 * asks for many activities.
 *
 * @returns water [g] at a water activity [0..1)
 * @source additivity: Lang & Steinberg 1980; components: see ./gab
 */
export function isothermOf(composition: Composition, temperature_c: number, state: SorptionState): (aw: number) => number {
  const baked = state === 'baked' ? 1 : state === 'raw' ? 0 : state;
  const sugars = gabAt(SUGARS, temperature_c);
  const polyols = gabAt(POLYOLS, temperature_c);
  const whenBaked = baked > 0 ? polymers(composition, temperature_c, BAKED_POLYMERS) : null;
  const whenRaw = 1 - baked > 0 ? polymers(composition, temperature_c, RAW_POLYMERS) : null;
  return (aw) =>
    (whenBaked ? baked * whenBaked(aw) : 0) +
    (whenRaw ? (1 - baked) * whenRaw(aw) : 0) +
    composition.sugars_g * gabWater(sugars, aw) +
    composition.polyol_g * gabWater(polyols, aw) +
    composition.saltLike_g * saltWater(aw);
}

/** The same at one water activity. */
export const waterHeld = (composition: Composition, aw: number, temperature_c: number, state: SorptionState): number =>
  isothermOf(composition, temperature_c, state)(aw);

/** What starch, protein and fibre hold, all raw or all baked [g]. */
function polymers(composition: Composition, temperature_c: number, set: PolymerSet): (aw: number) => number {
  const [starch, protein, fibre] = [set.starch, set.protein, set.fibre].map((gab) => gabAt(gab, temperature_c));
  return (aw) =>
    composition.starch_g * gabWater(starch, aw) +
    composition.protein_g * gabWater(protein, aw) +
    (composition.fibre_g + composition.otherCarb_g) * gabWater(fibre, aw);
}

/** Range in which the inverse is trusted; outside it only a word is honest. [1] Source: ours. */
export const AW_FLOOR = 0.05;
export const AW_CEILING = 0.98;

/** A water activity, and whether it was pinned to the end of the trusted range. */
export type WaterActivity = { readonly aw: number; readonly flag: 'inside' | 'below' | 'above' | 'no-solids' };

/**
 * Water activity of a composition that holds `water_g` of water: the inverse of waterHeld.
 * Never extrapolates: below 0.05 and above 0.98 it says so.
 */
export function awOf(composition: Composition, water_g: number, temperature_c: number, state: SorptionState): WaterActivity {
  if (composition.nonFatSolids_g <= 0) return { aw: 1, flag: 'no-solids' };
  const held = isothermOf(composition, temperature_c, state);
  if (water_g <= held(AW_FLOOR)) return { aw: AW_FLOOR, flag: 'below' };
  if (water_g >= held(AW_CEILING)) return { aw: AW_CEILING, flag: 'above' };
  return { aw: risingThroughZero((aw) => held(aw) - water_g, AW_FLOOR, AW_CEILING), flag: 'inside' };
}
