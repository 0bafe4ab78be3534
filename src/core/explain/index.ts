export { explain } from './explain';
export type { Cause, Explanation } from './explain';
export type { MeasuredBatch } from './measured';
export type { Measurement } from './signals';
export { worthMeasuring } from './worth-measuring';
export type { WorthMeasuring } from './worth-measuring';
