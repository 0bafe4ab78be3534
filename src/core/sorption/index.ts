export { dampnessWord } from './aw-words';
export { awOf, isothermOf, waterHeld } from './isotherm';
export type { SorptionState } from './isotherm';
export { awOnTheSafeSide, dryReadingAllowance } from './safe-side';
export { buildActivityTable, lookUpLogAw, waterAtAw } from './activity-table';
export type { ActivityTable } from './activity-table';
export { laboratoryIsotherm } from './laboratory-isotherm';
