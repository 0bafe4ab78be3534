export { readAny } from './read-any';
export type { IncomingChoice, ReadIncoming } from './read-any';
