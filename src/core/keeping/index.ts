export { freezerDays, lifeOf } from './life';
export type { Life, LifeMode, Product } from './life';
export { lifeCurve } from './life-curve';
export { bowlTimeConstant, daysToReach, saturation_kPa } from './moisture-drift';
export { NOTHING_GROWS_BELOW_AW, cleanLineMouldDays, mouldDays } from './mould';
export { PACKS, packOfVolume } from './packs';
export type { PackOption, Store } from './packs';
