export { cautionsFor } from './cautions-for';
export { CORE_TARGET_C, ENOUGH_KILL } from './rules';

export type { Caution, CautionContext } from './caution';
export { warmAndWetMinutes } from './warm-and-wet';

export { pieceSizes, sizeVerdict } from './piece-size';
export type { SizeVerdict } from './piece-size';
export { allergenCaution } from './allergen-caution';
export { rawHygiene } from './raw-hygiene';
