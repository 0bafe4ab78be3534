import type { Composition } from '../pantry';

/** Width of the change from crisp to soft, in water activity [1]. Source: fit, form after Peleg 1994. */
const WIDTH_AW = 0.055;
/** Room temperature at which a cooled treat is judged, and how warm it is just out of the oven [°C]. Source: ours. */
const COLD_C = 20;
const HOT_C = 90;
/** A biscuit stops cracking well before it stops being stiff: by so much water activity, over so wide a change [1]. Source: fit to Roudaut, Dacremont & Le Meste 1998. */
const STIFF_LATER_AW = 0.2;
const STIFF_WIDTH_AW = 0.08;

/**
 * Water activity at which half the crispness is gone, at a temperature.
 * Sugary goods lose it early, and the warmer the earlier.
 *
 * @source fit to Katz & Labuza 1981 (crackers and chips: first loss 0.39-0.51, gone by 0.65) and Konopacka et al. 2002 (apple
 * crisps about 0.18); its spread is drawn for the bands
 */
export function criticalAw(composition: Composition, temperature_c = COLD_C): number {
  const { nonFatSolids_g } = composition;
  if (nonFatSolids_g <= 0) return 0.6;
  const sweet = (composition.sugars_g + composition.polyol_g) / nonFatSolids_g;
  const protein = composition.protein_g / nonFatSolids_g;
  const centre = 0.53 - 0.42 * sweet - 0.08 * protein - (0.0042 + 0.0055 * sweet) * (temperature_c - COLD_C);
  return Math.min(0.6, Math.max(0.03, centre));
}

/** Crispness 0 (soft) to 1 (crisp) at a water activity. */
export const crispness = (aw: number, critical: number): number => 1 / (1 + Math.exp((aw - critical) / WIDTH_AW));

/** Stiffness 0 (limp) to 1 (rigid) at a water activity: what is no longer crisp is hard, then chewy, then soft. */
export const stiffness = (aw: number, critical: number): number =>
  1 / (1 + Math.exp((aw - critical - STIFF_LATER_AW) / STIFF_WIDTH_AW));

/** The water activity at which so much crispness is left. */
export const awAtCrispness = (crisp: number, critical: number): number => critical + WIDTH_AW * Math.log(1 / crisp - 1);

/** How a fresh piece feels hot, how cold, and whether waiting will firm it up. */
export type CoolingFeel = { readonly hot: string; readonly cold: string; readonly willFirm: boolean };

/** What the shell does between oven and cold. */
export function coolingFeel(composition: Composition, shellAw: number): CoolingFeel {
  const hot = crispness(shellAw, criticalAw(composition, HOT_C));
  const cold = crispness(shellAw, criticalAw(composition, COLD_C));
  const coldWord = cold > 0.6 ? 'crisp' : cold >= 0.3 ? 'part crisp' : 'soft';
  return { hot: hot > 0.6 ? 'already firm' : 'still soft', cold: coldWord, willFirm: cold - hot > 0.3 };
}
