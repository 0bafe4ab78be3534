export { CATALOGUE, at, fail, succeed } from './failure';
export type { Failure, FailureCode, Result, Success } from './failure';
export { SENTENCES } from './sentences';
