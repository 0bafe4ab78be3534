import type { NumberField } from '@/core/fields';

/** What a number field of the page takes over from the table of fields: its limits and the step of an arrow key. */
export const limits = ({ min, max, above, step }: NumberField): { min: number; max: number; step?: number } => ({
  // A least value that is itself excluded: the first step above it.
  min: above ? min + (step ?? 1) : min,
  max,
  ...(step === undefined ? {} : { step }),
});
