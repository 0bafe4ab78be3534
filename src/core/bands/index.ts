export { addBand, bandFrom, samplesInSteps } from './band';
export { USUAL_DRAWS } from './usual-draws';
export { daysOver } from './lives';
export { bandMinutes } from './sample';
export type { Sample } from './sample';
