/** A log10 reduction beyond this says no more [1]. Source: ours. */
export const KILL_CEILING = 20;

/** Wet cells only: no credit once a cell has dried below this, since dried cells tail and adapt. Source: ours, the careful side. */
const CREDIT_FROM_AW = 0.9;
const CREDIT_FROM_C = 55;

/**
 * Decimal reduction time of Salmonella [min], careful side: what users see.
 * log10 D = -1.52 + 1.6 (1 - e^(-d/0.10)) + 2.42 d - (T - 70)/z, d = 0.97 - aw, z = 5.5 + 17.5 d.
 *
 * @source anchored to USDA-FSIS Appendix A (62.8 °C, 4 min = 6.5 log) and Archer et al. 1998 (dry flour);
 *   steep early rise with drying after Goepfert et al. 1970
 */
export function decimalReduction(temperature_c: number, aw: number): number {
  const dryness = 0.97 - Math.min(0.97, Math.max(0.2, aw));
  const z_K = 5.5 + 17.5 * dryness;
  return 10 ** (-1.52 + 1.6 * (1 - Math.exp(-dryness / 0.1)) + 2.42 * dryness - (temperature_c - 70) / z_K);
}

/** Credited log10 reductions of `minutes` at a temperature and water activity; zero outside the credited range. */
export const creditedKill = (minutes: number, temperature_c: number, aw: number): number =>
  temperature_c < CREDIT_FROM_C || aw < CREDIT_FROM_AW ? 0 : minutes / decimalReduction(temperature_c, aw);

const LN10 = Math.log(10);
/** The screening counts nothing colder, and no surface as hotter. Source: ours. */
const SURFACES_CAPPED_AT_C = 95;
const SCREENING_FROM_C = 52;

/**
 * A second, less strict screening over every cell, dried ones too; for comparison with published runs only.
 *
 * @source envelope of Juneja et al. 2001, Murphy et al. 2004 (wet meat) and Ma et al. 2009, Villa-Rojas et al. 2013 (dry)
 * @returns log10 reductions of `dt_s` seconds
 */
export function screeningKill(dt_s: number, temperature_c: number, aw: number): number {
  if (temperature_c < SCREENING_FROM_C) return 0;
  const water = Math.min(0.99, Math.max(0.2, aw));
  const z_K = 6 + 9 * Math.min(1, Math.max(0, (0.95 - water) / 0.45));
  const capped_c = Math.min(SURFACES_CAPPED_AT_C, temperature_c);
  const d_min = 0.3 * Math.exp(LN10 * ((0.99 - water) / 0.26 + (70 - capped_c) / z_K));
  return dt_s / 60 / d_min;
}
