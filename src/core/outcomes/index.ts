export { withAdvice } from './advice';
export { feedingInput } from './feeding-input';
export { LONGER_MIN, keepGains } from './keep-gains';
export type { KeepGain } from './keep-gains';
export { labelFacts, makerLetter } from './label-facts';
export { freshLife, lifeOfPack, packsToStore } from './store-room';
export type { FreshlyStored, PacksToStore } from './store-room';
export { costReport } from './cost-report';
export type { CostReport, KitchenCosts } from './cost-report';
