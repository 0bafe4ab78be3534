export { awAtCrispness, coolingFeel, crispness, criticalAw } from './crispness';
export type { CoolingFeel } from './crispness';
export { soaksThroughIn, unevenAfterADay } from './evening-out';
export { TEXTURE_WORDS, snapOf, textureOf } from './texture';
