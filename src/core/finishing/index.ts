export { NO_COATING, coatingOf, compositionOn } from './coating';
export type { Coat, Coating } from './coating';
export { daysToMove } from './evening-out';
export { awAlone, gainedInADay, soak } from './soaking';
export type { Under } from './soaking';
export type { Setting } from './setting';
