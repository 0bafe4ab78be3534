export { addDays, dayNumber, isDay, weekdayOf } from './calendar';
export {
  AIR_J_PER_KG_K,
  AIR_KG_PER_MOL,
  A_DAY_MIN,
  A_DAY_S,
  KELVIN_AT_0_C,
  R_J_PER_MOL_K,
  SEA_LEVEL_PA,
  WATER_J_PER_KG_K,
  WATER_KG_PER_M3,
  WATER_KG_PER_MOL,
} from './constants';
export { G_PER_MASS_UNIT, HAND_MEASURES, UNITS, isMassUnit, isVolumeUnit } from './units';
export type { HandMeasure, Unit, VolumeUnit } from './units';
export { CUP_FILLS, massOfVolume, volumeOf } from './measure-volume';
export type { CupFill } from './measure-volume';
export { IMPERIAL_MEASURES, METRIC_MEASURES, US_MEASURES, asMarked, kitchenVolume } from './kitchen-volume';
export type { MeasureSet } from './kitchen-volume';
export { F_PER_K, GAS_MARK_NAMES, celsius, fahrenheit, fanFromStatic, gasMark, gasMarkHeat, staticFromFan } from './temperature';
export { eggChoices } from './whole-eggs';
export { packChoices } from './whole-packs';
export { onScale } from './scale-step';
export { SDS_IN_90_PCT, normals, quantile, seededRandom } from './random';
export { invert, solveLinear } from './linear-system';
export { risingThroughZero } from './rising-through-zero';
export { runOut } from './run-out';
export { counted } from './counted';
export { SEASONS, airOn, seasonOf } from './season';
export type { RoomAir, Season } from './season';
