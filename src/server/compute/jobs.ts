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
