import type { Composition } from '../pantry';
import { risingThroughZero } from '../quantities';
import { isothermOf, type SorptionState } from '../sorption';
import { soaksThroughIn } from '../texture';

/** Something that holds water in a closed pack: what it is made of, the water that it brings, whether it was baked. */
export type Domain = { readonly composition: Composition; readonly water_g: number; readonly state: SorptionState };

/** Where several things in a closed pack meet: one water activity, and the water that each then holds [g]. */
export type EvenedOut = { readonly aw: number; readonly water_g: readonly number[] };

/** Packs stand at about this [°C]. */
const PACKED_C = 21;
/** Between these the isotherms are asked [1]. Source: ours. */
const DRIEST_AW = 0.01;
const WETTEST_AW = 0.995;

/**
 * Lets the water of several things even out: they end at one water activity, and no water is lost.
 *
 * @source equality of water activity at equilibrium; additivity of the isotherms: Lang & Steinberg 1980
 */
export function evenOut(domains: readonly Domain[]): EvenedOut {
  const isotherms = domains.map(({ composition, state }) => isothermOf(composition, PACKED_C, state));
  const held = (aw: number): number[] => isotherms.map((water) => water(aw));
  const sum = (values: readonly number[]): number => values.reduce((total, value) => total + value, 0);
  const all_g = sum(domains.map(({ water_g }) => water_g));
  const aw = risingThroughZero((tried) => sum(held(tried)) - all_g, DRIEST_AW, WETTEST_AW);
  const at = held(aw);
  // Wetter than the isotherms go, or drier: what is over is shared out as the rest is.
  const scale = sum(at) > 0 ? all_g / sum(at) : 1;
  return { aw, water_g: at.map((water_g) => water_g * scale) };
}

/** Share of the water on its way between a coat and the piece under it that has moved after so many days [0..1]; the cold slows it. */
export function movedAfter(days: number, thickness_mm: number, slower = 1): number {
  return 1 - Math.exp((-24 * days) / (slower * soaksThroughIn(thickness_mm)));
}

/** Days until so much of it has moved; Infinity for all of it. */
export function daysToMove(share: number, thickness_mm: number, slower = 1): number {
  return share >= 1 ? Infinity : (-slower * soaksThroughIn(thickness_mm) * Math.log(1 - Math.max(0, share))) / 24;
}
