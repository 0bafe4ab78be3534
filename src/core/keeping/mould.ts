/** Days without mould at 21 and 27 °C against equilibrium humidity [%]. Source: Cauvain & Seiler 1992. */
const AT_21_C = { intercept: 7.91, perPct: 0.081 };
const AT_27_C = { intercept: 6.42, perPct: 0.065 };
/** Nothing grows below this. Source: Beuchat 1981. */
export const NOTHING_GROWS_BELOW_AW = 0.6;
/** The data end here; wetter goods are ruled by the caps [%]. Source: the data of the fit. */
const DATA_END_PCT = 92;
/** Slope towards the cold, log10 days per K (Q10 about 2.8). Source: ours. [1/K] */
const COLD_SLOPE = 0.045;
/** A kitchen is not a clean line [1]. Source: ours. */
const KITCHEN = 0.7;

/** Days until mould on a clean line, at an equilibrium humidity [%] and temperature. */
export function cleanLineMouldDays(humidity_pct: number, temperature_c: number): number {
  const log21 = AT_21_C.intercept - AT_21_C.perPct * humidity_pct;
  if (temperature_c < 21) return 10 ** (log21 + COLD_SLOPE * (21 - Math.max(temperature_c, 0)));
  const log27 = AT_27_C.intercept - AT_27_C.perPct * humidity_pct;
  const warm = log21 + ((log27 - log21) * (Math.min(temperature_c, 35) - 21)) / 6;
  return 10 ** Math.min(log21, warm);
}

/** Days until mould in a kitchen; Infinity where nothing grows. Give it aw on the safe side. */
export function mouldDays(aw: number, temperature_c: number): number {
  if (aw < NOTHING_GROWS_BELOW_AW) return Infinity;
  return KITCHEN * cleanLineMouldDays(Math.min(DATA_END_PCT, aw * 100), temperature_c);
}
