export { awAtCrispness, coolingFeel, crispness, criticalAw } from './crispness';
export type { CoolingFeel } from './crispness';
export { TEXTURE_WORDS, textureOf } from './texture';
