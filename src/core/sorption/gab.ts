import { KELVIN_AT_0_C, R_J_PER_MOL_K } from '../quantities';

/** The isotherms hold at 25 °C [K]. Source: van den Berg & Bruin 1981. */
const REFERENCE_K = 298.15;

/**
 * Constants of a Guggenheim-Anderson-de Boer isotherm at 25 °C and how they move with temperature:
 * monolayer m0 [g water per g], C and K [1], and their heats [J/mol].
 */
export type Gab = {
  readonly m0: number;
  readonly c: number;
  readonly k: number;
  readonly heatM_J_per_mol: number;
  readonly heatC_J_per_mol: number;
  readonly heatK_J_per_mol: number;
};

/** The constants of an isotherm at one temperature: monolayer m0 [g water per g], C and K [1]. */
export type GabAt = { readonly m0: number; readonly c: number; readonly k: number };

/** An isotherm's constants at a temperature: each times exp(H/R (1/T - 1/298.15)). Source: van den Berg & Bruin 1981. */
export function gabAt(gab: Gab, temperature_c: number): GabAt {
  const arrhenius = (1 / (temperature_c + KELVIN_AT_0_C) - 1 / REFERENCE_K) / R_J_PER_MOL_K;
  return {
    m0: gab.m0 * Math.exp(gab.heatM_J_per_mol * arrhenius),
    c: gab.c * Math.exp(gab.heatC_J_per_mol * arrhenius),
    k: gab.k * Math.exp(gab.heatK_J_per_mol * arrhenius),
  };
}

/**
 * Water that a gram of a component holds at a water activity [g/g].
 *
 * M = m0 C k / ((1 - k)(1 - k + C k)), k = K aw
 *
 * @source van den Berg & Bruin 1981
 */
export function gabWater({ m0, c, k }: GabAt, aw: number): number {
  const wet = k * aw;
  return (m0 * c * wet) / ((1 - wet) * (1 - wet + c * wet));
}

const athermal = (m0: number, c: number, k: number): Gab => ({
  m0,
  c,
  k,
  heatM_J_per_mol: 0,
  heatC_J_per_mol: 0,
  heatK_J_per_mol: 0,
});
const starchLike = (m0: number, c: number, k: number, heatM_J_per_mol: number): Gab => ({
  m0,
  c,
  k,
  heatM_J_per_mol,
  heatC_J_per_mol: 6000,
  heatK_J_per_mol: -500,
});

/** The polymers' constants for goods that never went above about 100 °C, and for baked or roasted ones. */
export type PolymerSet = { readonly starch: Gab; readonly protein: Gab; readonly fibre: Gab };

/** Source: ranges of Iglesias & Chirife 1982, Al-Muhtaseb et al. 2004, Bushuk & Winkler 1957. */
export const RAW_POLYMERS: PolymerSet = {
  starch: starchLike(0.093, 24, 0.71, 5000),
  protein: starchLike(0.072, 12, 0.82, 4500),
  fibre: starchLike(0.068, 15, 0.82, 4500),
};

/** Source: fit to the cracker isotherms of Katz & Labuza 1981. */
export const BAKED_POLYMERS: PolymerSet = {
  starch: starchLike(0.066, 9, 0.81, 5000),
  protein: starchLike(0.06, 9, 0.85, 4500),
  fibre: starchLike(0.06, 9, 0.83, 4500),
};

/** Dissolved or glassy sugars and glycerol. Source: fit to Norrish 1966 (K = -2.25 for hexoses, -1.16 for glycerol). */
export const SUGARS: Gab = athermal(0.11, 3.5, 1);
export const POLYOLS: Gab = athermal(0.2, 3.2, 1);

/**
 * Water held by a gram of salt; crystals take up nothing below their saturation at aw 0.72 [g/g].
 *
 * @source fit to NaCl solutions (Robinson & Stokes 1959)
 */
export function saltWater(aw: number): number {
  return 0.6 / (1 - aw) / (1 + Math.exp(-(aw - 0.72) / 0.02));
}
