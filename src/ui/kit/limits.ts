import type { NumberField } from '@/core/fields';

/** What a number field of the page takes over from the table of fields: its limits and the step of an arrow key. */
export const limits = ({ min, max, above, whole, step }: NumberField): { min: number; max: number; step?: number } => ({
  // A least value that is itself excluded: the first tenth above it, or the first whole one of what is counted.
  min: above ? min + (whole ? 1 : TENTH) : min,
  max,
  ...(step === undefined ? {} : { step }),
});

/** Finer than any field here is read. */
const TENTH = 0.1;
