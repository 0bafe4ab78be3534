import type { KitchenHabits } from '@/contract/kitchens';
import { IMPERIAL_MEASURES, METRIC_MEASURES, US_MEASURES, type MeasureSet } from '@/core/quantities';

export type Habits = KitchenHabits;

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
