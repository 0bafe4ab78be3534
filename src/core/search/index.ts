export { findInSteps, findProgrammes } from './find';
export type { Candidate, Failed, FoundProgrammes, Obstacle, School } from './found';
export { visitsOf } from './limits';
