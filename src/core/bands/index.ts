export { COUNT_SPREAD, addBand, bandFrom, samplesInSteps } from './band';
export { USUAL_DRAWS } from './usual-draws';
export { daysOver } from './lives';
export { bandMinutes, curveAt, sampleAt } from './sample';
export { SPREAD, criticalShift, drawOf, vary } from './vary';
export type { Draw } from './vary';
export type { Sample } from './sample';
