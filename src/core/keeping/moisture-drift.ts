import { awOf, isothermOf, type SorptionState } from '../sorption';
import { saturationPressure } from '../heat';
import type { Composition } from '../pantry';
import { A_DAY_S, KELVIN_AT_0_C, R_J_PER_MOL_K, WATER_KG_PER_MOL } from '../quantities';
import type { Air, Pack } from './packs';

/** What is packed: its composition without water, the water it brings, and whether it was baked. */
export type Packed = { readonly composition: Composition; readonly water_g: number; readonly state: SorptionState };

/** Vapour transmission rises by this per 10 K [1]. Source: Robertson 2010. */
const TRANSMISSION_Q10 = 1.65;
const TRANSMISSION_AT_C = 22;
/** Water breathed in per opening of one minute, per kg solids, scaled to a 1.5 kPa room [g]. Source: ours. */
const BREATH_G_PER_KG = 0.35;
const BREATH_AT_KPA = 1.5;
const OPENING_SHARE = 0.5;
const LONGEST_DAYS = 1095;

/** Saturation pressure [kPa]. */
export const saturation_kPa = (temperature_c: number): number => saturationPressure(temperature_c) / 1000;

/** Water vapour in saturated air [g/m3], ideal gas. */
const saturatedAir = (temperature_c: number): number =>
  (saturationPressure(temperature_c) * WATER_KG_PER_MOL * 1000) / (R_J_PER_MOL_K * (temperature_c + KELVIN_AT_0_C));

/** Water that passes into a pack per unit of water activity difference [g/day]. */
function intake(pack: Pack, air: Air, solids_g: number, openings_per_day: number): number {
  const film = (pack.film * pack.area_m2 + pack.leak) * TRANSMISSION_Q10 ** ((air.temperature_c - TRANSMISSION_AT_C) / 10);
  const opens = pack.sealed ? 0 : openings_per_day;
  const breath = (solids_g / 1000) * (BREATH_G_PER_KG / BREATH_AT_KPA);
  const perOpening = (pack.head_l / 1000) * saturatedAir(air.temperature_c) + OPENING_SHARE * breath;
  return film * saturation_kPa(air.temperature_c) + opens * perOpening;
}

/** One point of a life curve. */
export type DriftPoint = { readonly day: number; readonly aw: number; readonly moisture_pct: number };

/**
 * Days until the treats in a closed pack reach a water activity, taking up or giving off vapour through it.
 * Infinity when the air can never push them there, or it takes more than three years.
 *
 * @param visit - called with every step, for the curve; returns false to stop walking
 */
// oxlint-disable-next-line max-params -- older than the rule
export function daysToReach(
  limitAw: number,
  packed: Packed,
  pack: Pack,
  air: Air,
  openings_per_day: number,
  visit?: (point: DriftPoint) => boolean,
): number {
  const { composition, state } = packed;
  const { temperature_c, relativeHumidity } = air;
  const held = isothermOf(composition, temperature_c, state);
  const isotherm = sampledIsotherm(held, (water_g) => awOf(composition, water_g, temperature_c, state).aw);
  const start = isotherm.aw(packed.water_g);
  const wetting = limitAw > start;
  const unreachable = wetting ? relativeHumidity <= limitAw : relativeHumidity >= limitAw;
  const rate = intake(pack, air, composition.solids_g, openings_per_day);
  const limit_g = held(limitAw);
  let water_g = packed.water_g;
  let day = 0;
  const goesOn = (aw: number): boolean =>
    visit?.({ day, aw, moisture_pct: (100 * water_g) / (water_g + composition.solids_g) }) ?? true;
  while (day < LONGEST_DAYS) {
    const aw = isotherm.aw(water_g);
    if (!goesOn(aw)) return Infinity;
    if (wetting ? water_g >= limit_g : water_g <= limit_g) return day;
    if (unreachable && !visit) return Infinity;
    const speed = rate * (relativeHumidity - aw);
    if (Math.abs(speed) < 1e-9) return Infinity;
    const step = Math.min(2, Math.max(0.02, Math.abs((limit_g - water_g) / speed) / 60));
    water_g += speed * step;
    day += step;
  }
  return Infinity;
}

/** Samples of an isotherm: so many, so far apart, from here on [1]. Source: ours. */
const SAMPLES = 95;
const SAMPLE_AW = 0.01;
const FIRST_AW = 0.04;

/**
 * Samples of an isotherm, 1 % apart, read linearly: a year of steps asks for aw some hundred times, mostly between the same two. Each is
 * taken when it is first asked for.
 *
 * @param exactly - the water activity of what is wetter than the last sample
 */
function sampledIsotherm(
  water: (aw: number) => number,
  exactly: (water_g: number) => number,
): { aw: (water_g: number) => number } {
  const samples = new Float64Array(SAMPLES).fill(NaN);
  const held = (i: number): number => {
    if (Number.isNaN(samples[i])) samples[i] = water(FIRST_AW + i * SAMPLE_AW);
    return samples[i];
  };
  const last = SAMPLES - 1;
  let [low, high] = [0, last];
  return {
    aw: (water_g) => {
      if (water_g >= held(last)) return exactly(water_g);
      if (water_g <= held(0)) return FIRST_AW;
      if (held(low) > water_g || held(high) <= water_g) [low, high] = [0, last];
      while (high - low > 1) {
        const middle = (low + high) >> 1;
        if (held(middle) <= water_g) low = middle;
        else high = middle;
      }
      return FIRST_AW + SAMPLE_AW * (low + (water_g - held(low)) / (held(high) - held(low)));
    },
  };
}

/** Water diffusivity in stored goods at room temperature [m2/s]. Source: fit; see docs/model/keeping.md. */
const STORED_DIFFUSIVITY = { baked: 3e-11, dried: 1.5e-11 };

/** Time for water to even out through half the thickness [days]. */
function evensOutIn(thickness_mm: number, dried: boolean): number {
  const half_m = thickness_mm / 2000;
  const seconds = (half_m * half_m) / (Math.PI * Math.PI * (dried ? STORED_DIFFUSIVITY.dried : STORED_DIFFUSIVITY.baked));
  return seconds / A_DAY_S;
}

/** Time in which treats in an open bowl go most of the way to the room's air: the piece's own, and the still air's [days]. Source: ours. */
export const bowlTimeConstant = (thickness_mm: number, dried: boolean): number => 1.4 * (evensOutIn(thickness_mm, dried) + 0.25);

/** Days in an open bowl until a water activity is reached: first order, as slow as the piece and the still air around it. */
// oxlint-disable-next-line max-params -- older than the rule
export function openBowlDays(limitAw: number, packed: Packed, air: Air, thickness_mm: number, dried: boolean): number {
  const { composition, state } = packed;
  const at = isothermOf(composition, air.temperature_c, state);
  const end_g = at(Math.min(0.97, air.relativeHumidity));
  const limit_g = at(limitAw);
  const reaches = (limit_g - packed.water_g) * (end_g - limit_g) > 0;
  if (!reaches) return Infinity;
  return bowlTimeConstant(thickness_mm, dried) * Math.log((end_g - packed.water_g) / (end_g - limit_g));
}
