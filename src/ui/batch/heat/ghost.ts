import type { HeatStep, Prediction } from '@/core/batch';

/** Another programme drawn faintly behind this one. */
export type Ghost = {
  readonly name: string;
  readonly timeline: Prediction['heat']['timeline'];
  readonly steps: readonly HeatStep[];
};
