import type { BenchProps } from '@/ui/batch/bench-props';

/** Nobody answers: pages that are drawn once, without workers. */
export const NO_QUESTIONS: BenchProps['questions'] = {
  swaps: () => Promise.resolve(null),
  handGap: () => Promise.resolve(null),
  programmes: () => Promise.resolve(null),
  whole: () => Promise.resolve(null),
  cooling: () => Promise.resolve(null),
  treats: () => Promise.resolve(null),
  gains: () => Promise.resolve(null),
  heatedThrough: () => Promise.resolve(null),
  other: () => Promise.resolve(null),
};
