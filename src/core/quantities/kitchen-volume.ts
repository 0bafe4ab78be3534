/** Spoons and cups that lie in one drawer [mL]. */
export type MeasureSet = { readonly cup_ml: number; readonly tbsp_ml: number; readonly tsp_ml: number };

export const US_MEASURES: MeasureSet = { cup_ml: 236.588, tbsp_ml: 14.787, tsp_ml: 4.929 };
export const METRIC_MEASURES: MeasureSet = { cup_ml: 250, tbsp_ml: 15, tsp_ml: 5 };
/** Of old books; spoons sold today are metric. */
export const IMPERIAL_MEASURES: MeasureSet = { cup_ml: 284.131, tbsp_ml: 17.758, tsp_ml: 5.919 };

/** A volume as it is really measured: the words, and the volume those words mean. */
export type KitchenVolume = { readonly words: string; readonly volume_ml: number };

const FRACTION_WORDS: ReadonlyArray<readonly [number, string]> = [
  [0, ''],
  [1 / 8, '1/8'],
  [1 / 4, '1/4'],
  [1 / 3, '1/3'],
  [3 / 8, '3/8'],
  [1 / 2, '1/2'],
  [5 / 8, '5/8'],
  [2 / 3, '2/3'],
  [3 / 4, '3/4'],
  [7 / 8, '7/8'],
  [1, ''],
];
const THIRDS = new Set([1 / 3, 2 / 3]);

/**
 * The measure a baker can really make that comes closest to a volume.
 * Returned volume is what those spoons hold, so sums use what goes in the bowl, not the wish.
 *
 * @param volume_ml - wished volume [mL], >= 0
 * @source rounding rules: ours
 */
export function kitchenVolume(volume_ml: number, set: MeasureSet = US_MEASURES): KitchenVolume {
  if (volume_ml < set.tsp_ml / 16) return { words: 'a few grains', volume_ml };
  if (volume_ml < set.tbsp_ml) return inUnit(volume_ml, set.tsp_ml, 'tsp', 8);
  if (volume_ml < 0.24 * set.cup_ml) return inUnit(volume_ml, set.tbsp_ml, 'tbsp', 2);
  const cups = inUnit(volume_ml, set.cup_ml, 'cup', 8, true);
  if (Math.abs(cups.volume_ml / volume_ml - 1) <= 0.04) return cups;
  const mixed = cupsAndSpoons(volume_ml, set);
  return Math.abs(mixed.volume_ml - volume_ml) < Math.abs(cups.volume_ml - volume_ml) ? mixed : cups;
}

/** Rounds to `parts` of a unit (and thirds, for cups), e.g. "2 3/8 tsp". */
// oxlint-disable-next-line max-params -- older than the rule
function inUnit(volume_ml: number, unit_ml: number, name: string, parts: number, withThirds = false): KitchenVolume {
  const wished = volume_ml / unit_ml;
  const whole = Math.floor(wished);
  const allowed = FRACTION_WORDS.filter(([value]) => (withThirds && THIRDS.has(value)) || Number.isInteger(value * parts));
  const rest = wished - whole;
  const [best] = allowed.reduce((a, b) => (Math.abs(b[0] - rest) < Math.abs(a[0] - rest) ? b : a));
  const count = whole + best;
  return { words: `${mixedNumber(count)} ${name}${name === 'cup' && count > 1 ? 's' : ''}`, volume_ml: count * unit_ml };
}

/** "1/4 cup + 3 tbsp": the largest quarter cup below, and level spoons in halves. */
function cupsAndSpoons(volume_ml: number, set: MeasureSet): KitchenVolume {
  const quarters = Math.floor((volume_ml / set.cup_ml) * 4) / 4;
  const spoons = Math.round(((volume_ml - quarters * set.cup_ml) / set.tbsp_ml) * 2) / 2;
  const total_ml = quarters * set.cup_ml + spoons * set.tbsp_ml;
  const cupWords = `${mixedNumber(quarters)} cup${quarters > 1 ? 's' : ''}`;
  return { words: spoons > 0 ? `${cupWords} + ${mixedNumber(spoons)} tbsp` : cupWords, volume_ml: total_ml };
}

/** A third is written 0.333 as well. */
const ROUNDED = 0.0006;

/** 0.333 -> "1/3", 1.5 -> "1 1/2": an amount as cups and spoons are marked; null where they are not marked so. */
export function asMarked(value: number): string | null {
  const whole = Math.floor(value);
  const words = FRACTION_WORDS.find(([fraction, said]) => said !== '' && Math.abs(fraction - (value - whole)) < ROUNDED)?.[1];
  return words === undefined ? null : whole === 0 ? words : `${whole} ${words}`;
}

/** 2.375 -> "2 3/8". */
function mixedNumber(value: number): string {
  const whole = Math.floor(value + 1e-9);
  const rest = value - whole;
  const words = FRACTION_WORDS.find(([fraction]) => Math.abs(fraction - rest) < 1e-6)?.[1] ?? '';
  if (words === '') return String(whole);
  return whole === 0 ? words : `${whole} ${words}`;
}
