import type { Service } from '@/workers/protocol';
import { LABEL_JOBS, type LabelJobs } from './jobs/label-jobs';
import { OVEN_JOBS, type OvenJobs } from './jobs/oven-jobs';
import { PRACTICE_JOBS, type PracticeJobs } from './jobs/practice-jobs';
import { PREDICTION_JOBS, type PredictionJobs } from './jobs/prediction-jobs';
import { RECIPE_JOBS, type RecipeJobs } from './jobs/recipe-jobs';
import { WEEK_JOBS, type WeekJobs } from './jobs/week-jobs';
import { TEMPLATE_JOBS, type TemplateJobs } from './jobs/template-jobs';

/** Everything that takes longer than a request may hold the event loop. Plain data in and out. */
export type Jobs = WeekJobs & PracticeJobs & PredictionJobs & OvenJobs & LabelJobs & RecipeJobs & TemplateJobs;

export const JOBS: Service<Jobs> = {
  ...WEEK_JOBS,
  ...PRACTICE_JOBS,
  ...PREDICTION_JOBS,
  ...OVEN_JOBS,
  ...LABEL_JOBS,
  ...RECIPE_JOBS,
  ...TEMPLATE_JOBS,
};

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
