import { KELVIN_AT_0_C, R_J_PER_MOL_K, WATER_KG_PER_MOL } from '../quantities';
import { latentHeat } from './water-vapour';

/**
 * Net heat of sorption per -ln aw [J/mol]. Keeps aw in (0, 1) and rising at every temperature.
 * Source: fit; inside the ranges of Iglesias & Chirife 1982 and Tsami 1990 for cereal foods.
 */
const SORPTION_J_PER_MOL = 5000;
const Q_OVER_R = SORPTION_J_PER_MOL / R_J_PER_MOL_K;
const REFERENCE_K = 298.15;

/** Factor on ln aw(25 °C) at a temperature: ln aw(T) = phi ln aw(25 °C); 1 at 25 °C, 0.6 at 100 °C. */
export const activityFactor = (temperature_c: number): number =>
  1 - Q_OVER_R * (1 / REFERENCE_K - 1 / (temperature_c + KELVIN_AT_0_C));

/** Its slope [1/K]. */
export function activityFactorSlope(temperature_c: number): number {
  const kelvin = temperature_c + KELVIN_AT_0_C;
  return -Q_OVER_R / (kelvin * kelvin);
}

/** Heat to drive water out of the food: free water's latent heat plus its net heat of sorption [J/kg]. */
export const boundLatentHeat = (temperature_c: number, logAw: number): number =>
  latentHeat(temperature_c) - (SORPTION_J_PER_MOL * logAw) / WATER_KG_PER_MOL;
