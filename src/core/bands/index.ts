export { USUAL_DRAWS, addBand, bandFrom, samplesInSteps } from './band';
export { daysOver } from './lives';
export { bandMinutes } from './sample';
export type { Sample } from './sample';
