import type { BatchDocument } from '@/core/document';
import type { Prediction } from '@/core/prediction';

/** What is wanted of a batch, if anything is. */
export type Target = BatchDocument['target'];

/** Treats that shall stay soft are wanted below a Snap, and not above one. */
export const shallBend = (target: Target): boolean => target?.snap_max !== undefined && target.snap_min === undefined;

/** Nine of ten batches snap at least so; those that shall bend, at most. */
export const safeSnap = ({ snap_low, snap_high }: Prediction['outcome'], target: Target): number =>
  shallBend(target) ? snap_high : snap_low;

/** What can be counted on, with the likely beside it: 'at least 7.6, likely 9.9'. */
export const snapWords = (outcome: Prediction['outcome'], target: Target): string =>
  `${shallBend(target) ? 'at most' : 'at least'} ${safeSnap(outcome, target).toFixed(1)}, likely ${outcome.snap.toFixed(1)}`;
