/** Zero of the Celsius scale [K]. Source: its definition. */
export const KELVIN_AT_0_C = 273.15;
/** Gas constant [J/(mol K)]. Source: CODATA 2018. */
export const R_J_PER_MOL_K = 8.314462;
/** Molar masses of water and of dry air [kg/mol]. Source: CODATA 2018; ICAO 1993. */
export const WATER_KG_PER_MOL = 0.018015;
export const AIR_KG_PER_MOL = 0.028965;
/** Heat capacity of dry air and of water [J/(kg K)]. Source: ICAO 1993; IAPWS 1995. */
export const AIR_J_PER_KG_K = 1010;
export const WATER_J_PER_KG_K = 4186;
/** Density of water [kg/m3]. Source: IAPWS 1995. */
export const WATER_KG_PER_M3 = 997;
/** Pressure of the air at sea level [Pa]. Source: ICAO 1993. */
export const SEA_LEVEL_PA = 101325;
/** A day [min], [s]. Source: its definition. */
export const A_DAY_MIN = 1440;
export const A_DAY_S = 86_400;
