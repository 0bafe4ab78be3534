import { A_DAY_MIN } from '../quantities';
import { fail, succeed, type Result } from '../failure';
import type { BatchDocument } from '../document';

/**
 * Longest programme that is worked out [min]. The slowest of bakers' programmes, a freeze dryer's, takes two days; four with
 * their draws take up to ten seconds. Source: ours, timed.
 */
const LONGEST_MIN = 4 * A_DAY_MIN;

/** Refuses what would take too long to simulate, before it is begun. */
export function withinBounds({ heat }: Pick<BatchDocument, 'heat'>): Result<null> {
  const minutes = heat.steps.reduce((sum, step) => sum + ('minutes' in step ? step.minutes : 0), 0);
  if (minutes <= LONGEST_MIN) return succeed(null);
  return fail(
    'TOO_MUCH_WORK',
    `These steps take ${(minutes / A_DAY_MIN).toFixed(1)} days together; a programme is worked out up to ${LONGEST_MIN / A_DAY_MIN} days. Shorten it.`,
    'heat.steps',
  );
}
