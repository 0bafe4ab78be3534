import { KELVIN_AT_0_C, R_J_PER_MOL_K, SEA_LEVEL_PA, WATER_KG_PER_MOL, risingThroughZero } from '../quantities';

/** Molar mass of water over that of air [1]. Source: of the two above. */
const MASS_RATIO = 0.622;

/** Critical point of water. Source: Wagner & Pruss 1993. */
const CRITICAL_K = 647.096;
const CRITICAL_PA = 22.064e6;

/**
 * Saturation pressure of water [Pa].
 *
 * @source Wagner & Pruss 1993 (IAPWS), equation for 273-647 K; below 0 °C it continues over supercooled water
 * @example saturationPressure(20) // 2339
 */
export function saturationPressure(temperature_c: number): number {
  const kelvin = temperature_c + KELVIN_AT_0_C;
  const tau = 1 - kelvin / CRITICAL_K;
  const root = Math.sqrt(tau);
  const series =
    -7.85951783 * tau +
    1.84408259 * tau * root -
    11.7866497 * tau ** 3 +
    22.6807411 * tau ** 3 * root -
    15.9618719 * tau ** 4 +
    1.80122502 * tau ** 7 * root;
  return CRITICAL_PA * Math.exp((CRITICAL_K / kelvin) * series);
}

/** Latent heat of free water [J/kg]. Source: quadratic through steam-table values at 20, 60 and 100 °C. */
export const latentHeat = (temperature_c: number): number => 2.501e6 - 2250 * temperature_c - 1.9 * temperature_c * temperature_c;

/**
 * Air pressure at a height above sea level [Pa]. Source: ICAO standard atmosphere.
 *
 * @example pressureAt(1000) // 89875
 */
export const pressureAt = (altitude_m: number): number => SEA_LEVEL_PA * (1 - 2.25577e-5 * altitude_m) ** 5.25588;

/**
 * Boiling point at an air pressure [°C]: where the saturation curve reaches it.
 *
 * @example boilingPoint(pressureAt(2000)) // 93.3
 */
export function boilingPoint(pressure_pa: number): number {
  return risingThroughZero((tried_c) => saturationPressure(tried_c) - pressure_pa, 20, 140);
}

/** Water vapour per dry air at a vapour pressure [kg/kg], and back [Pa]. */
export const humidityRatio = (vapour_pa: number, air_pa: number): number => (MASS_RATIO * vapour_pa) / (air_pa - vapour_pa);
export const vapourPressure = (ratio: number, air_pa: number): number => (ratio * air_pa) / (MASS_RATIO + ratio);
/** Slope of vapourPressure with the ratio [Pa]. */
export const vapourPressureSlope = (ratio: number, air_pa: number): number => (air_pa * MASS_RATIO) / (MASS_RATIO + ratio) ** 2;

/** Range and spacing of the look-up tables [°C, K]. Source: ours. */
export const TABLE_FIRST_C = -20;
const TABLE_LAST_C = 260;
export const TABLE_SIZE = TABLE_LAST_C - TABLE_FIRST_C + 1;

/** A function of temperature, tabulated every kelvin; read with linear interpolation. */
export function tabulate(of: (temperature_c: number) => number): Float64Array {
  return Float64Array.from({ length: TABLE_SIZE }, (_, index) => of(TABLE_FIRST_C + index));
}

export const LOG_SATURATION = tabulate((temperature_c) => Math.log(saturationPressure(temperature_c)));

/**
 * Vapour diffusivity in air at sea level times Mw/(R T): flux per pressure gradient [kg/(m s Pa)].
 *
 * @source 2.26e-5 (T/273.15)^1.81 m2/s, usual correlation for water in air
 */
export const VAPOUR_CONDUCTIVITY = tabulate((temperature_c) => {
  const kelvin = temperature_c + KELVIN_AT_0_C;
  const diffusivity_m2_per_s = 2.26e-5 * (kelvin / KELVIN_AT_0_C) ** 1.81;
  return (diffusivity_m2_per_s * WATER_KG_PER_MOL) / (R_J_PER_MOL_K * kelvin);
});

/** ln of the saturation pressure, read from the table; held at its ends [ln Pa]. */
export function logSaturation(temperature_c: number): number {
  const position = Math.min(TABLE_SIZE - 1.001, Math.max(0, temperature_c - TABLE_FIRST_C));
  const node = position | 0;
  return LOG_SATURATION[node] + (position - node) * (LOG_SATURATION[node + 1] - LOG_SATURATION[node]);
}
