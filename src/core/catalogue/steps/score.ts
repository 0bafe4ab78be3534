import type { StepRecord } from '../step-record';
import { PIECE_SIDE_MM } from './step-fields';

/** Cut through, and left lying: the cut sides stay shut until the pieces are snapped apart. */
export const SCORE = {
  do: 'score',
  fields: { width_mm: PIECE_SIDE_MM, length_mm: PIECE_SIDE_MM },
  dries: false,
  mayWait: false,
  endsHeat: false,
} as const satisfies StepRecord;
