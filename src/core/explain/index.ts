export { CAUSES } from './causes';
export type { CauseName } from './causes';
export { EXPLAINING_DRAWS, explain } from './explain';
export type { Cause, Explanation } from './explain';
export type { MeasuredBatch } from './measured';
export { MEASUREMENTS } from './signals';
export type { Measurement } from './signals';
export { worthMeasuring } from './worth-measuring';
export type { WorthMeasuring } from './worth-measuring';
