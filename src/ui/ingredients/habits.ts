import { IMPERIAL_MEASURES, METRIC_MEASURES, US_MEASURES, type CupFill, type MeasureSet } from '@/core/quantities';

/** How the bakers of this kitchen measure and cut; `cup_fill` is null until they were asked. */
export type Habits = {
  readonly measures: 'us' | 'metric' | 'imperial';
  readonly cup_fill: Exclude<CupFill, 'unknown'> | null;
  readonly scale_step_g: 1 | 5;
  /** Gaps that hands really left between cut-outs, the newest last [mm]. */
  readonly cut_gaps_mm: readonly number[];
};

export const MEASURE_SETS: Readonly<Record<Habits['measures'], MeasureSet>> = {
  us: US_MEASURES,
  metric: METRIC_MEASURES,
  imperial: IMPERIAL_MEASURES,
};
export const MEASURE_NAMES = [
  { value: 'metric', name: 'metric cups' },
  { value: 'us', name: 'US cups' },
  { value: 'imperial', name: 'imperial cups' },
] as const;
export const FILL_NAMES = [
  { value: 'unknown', name: 'not asked yet' },
  { value: 'spooned', name: 'spooned in' },
  { value: 'sifted', name: 'sifted first' },
  { value: 'scooped', name: 'scooped from the bag' },
] as const;
