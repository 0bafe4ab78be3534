import type { HeatStep } from '@/core/document';
import type { Prediction } from '@/core/prediction';

/** Another programme drawn faintly behind this one. */
export type Ghost = {
  readonly name: string;
  readonly timeline: Prediction['heat']['timeline'];
  readonly steps: readonly HeatStep[];
};
