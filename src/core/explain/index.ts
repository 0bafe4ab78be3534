export { alike } from './alike';
export type { Clue } from './alike';
export { explain } from './explain';
export type { Cause, Explanation } from './explain';
export { DRY_TEST_G, HAND_SD, LOSS_SD_PCT } from './measured';
export type { MeasuredBatch } from './measured';
export type { Measurement } from './signals';
export { worthMeasuring } from './worth-measuring';
export type { WorthMeasuring } from './worth-measuring';
