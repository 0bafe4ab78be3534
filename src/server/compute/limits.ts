import type { Jobs } from './jobs';

type Limit = {
  /** Short work never waits behind long. */
  readonly priority: 'short' | 'long';
  /** From the request to its answer, with the wait for a free worker [ms]. */
  readonly deadline_ms: number;
};

const SHORT: Limit = { priority: 'short', deadline_ms: 10_000 };
const LONG: Limit = { priority: 'long', deadline_ms: 12_000 };

/** How long each kind of work may take, and whether it waits behind a search. */
export const LIMITS: Readonly<Record<keyof Jobs, Limit>> = {
  predictFile: LONG,
  findFile: LONG,
  firstLook: SHORT,
  fullLook: LONG,
  forecast: SHORT,
  banded: SHORT,
  explain: LONG,
  worthMeasuring: LONG,
  practise: SHORT,
  judgePractice: LONG,
  weekIf: LONG,
  weekFacts: SHORT,
  firstTrays: LONG,
  plannedLines: SHORT,
  freshLife: SHORT,
  calls: SHORT,
  trayCourses: LONG,
  outlook: SHORT,
  learn: LONG,
  dayBatches: SHORT,
  planDay: SHORT,
  labelSvg: SHORT,
  labelPdf: LONG,
  templatePdf: LONG,
  recipeFacts: SHORT,
  fingerprint: SHORT,
  readIncoming: SHORT,
};
