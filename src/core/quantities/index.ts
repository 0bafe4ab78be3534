export { G_PER_MASS_UNIT, KELVIN_AT_0_C, UNITS, isMassUnit, isVolumeUnit } from './units';
export type { Unit } from './units';
export { massOfVolume, volumeOf } from './measure-volume';
export type { CupFill } from './measure-volume';
export { METRIC_MEASURES, US_MEASURES, kitchenVolume } from './kitchen-volume';
export { normals, quantile, seededRandom } from './random';
