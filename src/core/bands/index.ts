export { addBand, bandFrom, isSettled, samplesInSteps } from './band';
export { bandMinutes } from './sample';
export type { Sample } from './sample';
