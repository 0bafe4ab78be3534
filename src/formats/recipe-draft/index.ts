export { answerKey } from './answers';
export type { Answer, Answers } from './answers';
export { draftOf } from './draft-of';
