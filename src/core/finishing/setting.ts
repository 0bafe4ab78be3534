import type { Frame, Room } from '../heat';
import type { Composition, DoughLine, OilClass } from '../pantry';
import { activityReader } from '../programme';
import type { DoughMaterial } from '../yield';
import { UNDER_J_PER_M3_K, dryFilm, type DryingStage, type Film } from './film-drying';

/** How a coat sets, and when: dry to the touch, and dry enough to be packed or stacked [min]; null: not within two days. */
export type Setting = {
  readonly by: 'drying' | 'cooling' | 'not';
  readonly minutes: number | null;
  readonly minutes_low: number | null;
  readonly minutes_high: number | null;
  readonly stack_minutes: number | null;
};

/** Looked at for so long [min]. */
export const LOOKED_AT_MIN = 2880;
/** Dry to the touch from this activity of its face, once so much of its water has gone; may be stacked from this mean [1]. Source: ours: sugar and starch films lose their tack there. */
const TOUCH = { aw: 0.75, lost: 0.3 } as const;
const STACK_AW = 0.8;
/** Thickness and air that nobody knows: at one end of four in five [1]. Source: ours; a fifth in thickness, ten points in humidity. */
const UNSURE = { thickness: 1.18, humidity: 0.09 } as const;

/** A coat of mostly fat sets as its fat does: from this much fat and with less than this much water [share]. Source: ours. */
const FAT_COAT = { fat: 0.28, water: 0.12 } as const;
/** Where fats are firm [°C]; the others stay soft. Source: melting ranges of coconut fat and butter. */
const FIRM_C: Partial<Record<OilClass, number>> = { sat: 23, butter: 17 };
/** A fat coat is as firm as its fats that set, from this share of them on [1]. Source: ours. */
const FIRM_FROM = 0.5;
/**
 * Melted and put on warm [°C]; heat of melting and heat capacity of fat; still air above and below [J/kg, J/(kg K), W/(m2 K)].
 * Source: ours, class values of solid fats; convection and radiation on both faces.
 */
const MELTED_C = 35;
const MELTS_J_PER_KG = 1e5;
const COAT_J_PER_KG_K = 2000;
const STILL_W_PER_M2_K = 18;
/** Twice as fast or as slow in four of five kitchens [1]. Source: ours. */
const COOLS_SPREAD = 1.6;

/** Whether it is fat that holds a coat together. */
export const isFatCoat = ({ fat_g, water_g, mass_g }: Composition): boolean =>
  mass_g > 0 && fat_g / mass_g >= FAT_COAT.fat && water_g / mass_g < FAT_COAT.water;

/** When a coat of fat is firm in still air of this temperature: it shares its warmth with the cold piece under it, and cools as one with it. */
export function settingByCooling(lines: readonly DoughLine[], film: Film, air_c: number, room_c: number): Setting {
  const firm_c = firmAt(lines);
  if (firm_c === null || air_c >= firm_c - 0.5) return NOT;
  const { mass_g, fat_g } = film.dough.composition;
  const coat_kg_per_m2 = (film.dough.material.raw_kg_per_m3 * film.thickness_mm) / 1000;
  const [coat, under] = [coat_kg_per_m2 * COAT_J_PER_KG_K, UNDER_J_PER_M3_K * (film.under_mm / 1000)];
  const shared_c = Math.max(firm_c, (coat * MELTED_C + under * room_c) / (coat + under));
  const cooling_s = ((coat + under) / STILL_W_PER_M2_K) * Math.log((shared_c - air_c) / (firm_c - air_c));
  const setting_s = (coat_kg_per_m2 * (fat_g / mass_g) * MELTS_J_PER_KG) / (STILL_W_PER_M2_K * (firm_c - air_c));
  const minutes = (cooling_s + setting_s) / 60;
  return {
    by: 'cooling',
    minutes,
    minutes_low: minutes / COOLS_SPREAD,
    minutes_high: minutes * COOLS_SPREAD,
    stack_minutes: minutes,
  };
}

/** Temperature below which the fats of a mix are firm enough to hold it [°C]; null where most of them never are in a kitchen. */
function firmAt(lines: readonly DoughLine[]): number | null {
  const fat = (of: (row: DoughLine['ingredient']) => boolean): number =>
    lines.reduce((sum, { ingredient, mass_g }) => sum + (of(ingredient) ? ingredient.fat * mass_g : 0), 0);
  const all = fat(() => true);
  const firm = (['butter', 'sat'] as const).filter((kind) => fat(({ oilClass }) => oilClass === kind) > 0);
  const share = fat(({ oilClass }) => FIRM_C[oilClass] !== undefined) / all;
  return share < FIRM_FROM || firm.length === 0 ? null : Math.min(...firm.map((kind) => FIRM_C[kind] ?? Infinity));
}

export const NOT: Setting = { by: 'not', minutes: null, minutes_low: null, minutes_high: null, stack_minutes: null };

/** When a coat is dry in the air that it stands in, the last of it held on; thinner in drier air and thicker in damper for the band. */
export function settingByDrying(film: Film, stages: readonly DryingStage[], room: Room): Setting {
  const likely = touchDry(film, stages, room);
  if (likely.touch === null) return NOT;
  const other = (thickness: number, humidity: number): number | null =>
    touchDry(
      { ...film, thickness_mm: film.thickness_mm * thickness },
      stages.map((stage) => ({
        ...stage,
        relativeHumidity: Math.min(0.98, Math.max(0.05, stage.relativeHumidity + humidity)),
      })),
      room,
    ).touch;
  return {
    by: 'drying',
    minutes: likely.touch,
    minutes_low: other(1 / UNSURE.thickness, -UNSURE.humidity),
    minutes_high: other(UNSURE.thickness, UNSURE.humidity),
    stack_minutes: likely.stack,
  };
}

function touchDry(
  film: Film,
  stages: readonly DryingStage[],
  room: Room,
): { readonly touch: number | null; readonly stack: number | null } {
  const run = dryFilm(film, stages, room);
  if (!run) return { touch: null, stack: null };
  const aw = activityReader(film.dough.material.activity);
  const enough = (1 - TOUCH.lost) * film.dough.material.moisture0;
  const touch = firstMinute(run.frames, ({ surfaceMoisture, meanMoisture }) =>
    Math.max(aw(surfaceMoisture) - TOUCH.aw, (meanMoisture - enough) / enough),
  );
  const dry = firstMinute(run.frames, ({ meanMoisture }) => aw(meanMoisture) - STACK_AW);
  return { touch, stack: touch === null || dry === null ? null : Math.max(touch, dry) };
}

/** The first minute at which a value is no longer above nought, by a straight line from the moment before; null: never. */
function firstMinute(frames: readonly Frame[], value: (frame: Frame) => number): number | null {
  const at = frames.findIndex((frame) => value(frame) <= 0);
  if (at < 0) return null;
  if (at === 0) return frames[0].time_s / 60;
  const [before, after] = [frames[at - 1], frames[at]];
  const [high, low] = [value(before), value(after)];
  return (before.time_s + ((after.time_s - before.time_s) * high) / (high - low)) / 60;
}

/** What is left of a coat's water after its stages [share of what it had]; all of it where nothing can be said. */
export function waterKept(dough: DoughMaterial, film: Film, stages: readonly DryingStage[], room: Room): number {
  if (stages.length === 0) return 1;
  const end = dryFilm(film, stages, room)?.end.meanMoisture;
  return end === undefined ? 1 : end / dough.material.moisture0;
}
