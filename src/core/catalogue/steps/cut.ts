import type { StepRecord } from '../step-record';
import { FREED_GAP_MM, PIECE_SIDE_MM } from './step-fields';

/** A slab is cut into pieces, and they are laid apart. */
export const CUT = {
  do: 'cut',
  fields: { width_mm: PIECE_SIDE_MM, length_mm: PIECE_SIDE_MM, gap_mm: FREED_GAP_MM },
  dries: false,
  mayWait: false,
  endsHeat: false,
} as const satisfies StepRecord;
