export { fedFrom } from './fed';
export { LONGER_MIN, keepGains } from './keep-gains';
export type { KeepGain } from './keep-gains';
export { labelFacts, makerLetter } from './label-facts';
export { freshLife, lifeOfPack, packsToStore } from './store-room';
export type { FreshlyStored, PacksToStore } from './store-room';
export { worthOf } from './worth';
export type { BatchWorth, KitchenCosts } from './worth';
