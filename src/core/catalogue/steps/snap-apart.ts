import type { StepRecord } from '../step-record';
import { PIECE_SIDE_MM } from './step-fields';

/** A slab is snapped into pieces. */
export const SNAP_APART = {
  do: 'snap-apart',
  fields: { width_mm: PIECE_SIDE_MM, length_mm: PIECE_SIDE_MM },
  dries: false,
  mayWait: false,
  endsHeat: false,
} as const satisfies StepRecord;
