export { findInSteps, findProgrammes } from './find';
export type { Candidate, Failed, FoundProgrammes, Obstacle, Strategy } from './found';
export { visitsOf } from './limits';
