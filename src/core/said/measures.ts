import { F_PER_K, G_PER_MASS_UNIT, fahrenheit, volumeOf } from '../quantities';
import { inches, inchesOf } from './inches';
import { ounces } from './ounces';
import type { Reader } from './reader';

/** Numbers in a reader's units, with the unit behind them. Nothing here computes anything but the unit. */

/** Never a nought with a minus before it. */
const figure = (value: number, digits: number): string => value.toFixed(digits).replace(/^-(0(?:\.0+)?)$/, '$1');

const LARGE_G = 1000;

/**
 * 46.2 is "46 g", 1678 "1.68 kg", or "59.2 oz", "3 lb 11 oz".
 *
 * @param digits - of grams; as fine as a kitchen scale shows when it is left out
 */
export function massIn({ mass }: Reader, mass_g: number, digits?: number): string {
  if (mass === 'oz') return ounces(mass_g);
  if (digits !== undefined) return `${figure(mass_g, digits)} g`;
  return Math.abs(mass_g) >= LARGE_G ? `${figure(mass_g / 1000, 2)} kg` : `${figure(mass_g, Math.abs(mass_g) < 10 ? 1 : 0)} g`;
}

/** What somebody weighs: "12.4 kg", "27 lb". */
export const bodyMassIn = ({ mass }: Reader, mass_kg: number): string =>
  mass === 'oz'
    ? `${Number(((mass_kg * 1000) / G_PER_MASS_UNIT.lb).toFixed(mass_kg < 10 ? 1 : 0))} lb`
    : `${Number(mass_kg.toFixed(1))} kg`;

/** "6.9 mm", "1/4 in". */
export const lengthIn = (reader: Reader, length_mm: number, digits = 0): string =>
  `${bareLengthIn(reader, length_mm, digits)} ${reader.length}`;

/** The same without its unit, for one of several that share it: "300 × 400 mm". */
export const bareLengthIn = ({ length }: Reader, length_mm: number, digits = 0): string =>
  length === 'in' ? inches(length_mm) : String(Number(figure(length_mm, digits)));

/** A length that differs from another by less than a sixteenth of an inch: "6.4 mm", "0.25 in". */
export const fineLengthIn = ({ length }: Reader, length_mm: number): string =>
  length === 'in' ? `${figure(inchesOf(length_mm), 2)} in` : `${figure(length_mm, 1)} mm`;

const ML_PER_FL_OZ = volumeOf(1, 'fl-oz-us');
/** What fits in: "425 ml", "14.4 fl oz". */
export const volumeIn = ({ mass }: Reader, volume_ml: number): string =>
  mass === 'oz' ? `${Number((volume_ml / ML_PER_FL_OZ).toFixed(1))} fl oz` : `${Number(volume_ml.toFixed(1))} ml`;

/** How warm it is: "175 °C", "347 °F". */
export const heatIn = (reader: Reader, temperature_c: number): string =>
  `${bareHeatIn(reader, temperature_c)} ${heatUnit(reader)}`;
export const bareHeatIn = ({ heat }: Reader, temperature_c: number): string =>
  figure(heat === 'f' ? fahrenheit(temperature_c) : temperature_c, 0);
export const heatUnit = ({ heat }: Reader): '°C' | '°F' => (heat === 'f' ? '°F' : '°C');

/** How much warmer: "8 °C", "14 °F". */
export const warmerIn = (reader: Reader, by_K: number): string =>
  `${figure(reader.heat === 'f' ? by_K * F_PER_K : by_K, 0)} ${heatUnit(reader)}`;
