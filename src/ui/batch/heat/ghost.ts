import type { HeatStep } from '@/core/catalogue';
import type { Prediction } from '@/core/prediction';

/** Another programme drawn faintly behind this one. */
export type Ghost = {
  readonly name: string;
  readonly timeline: Prediction['heat']['timeline'];
  readonly steps: readonly HeatStep[];
};
