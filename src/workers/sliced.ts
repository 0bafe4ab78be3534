import { GivenUp } from './given-up';
import type { Ongoing } from './protocol';

/** Long work is done in slices this long, so that what comes meanwhile is heard soon [ms]. */
const SLICE_MS = 12;

/** A clock [ms], and a pause that lets waiting messages in: both from outside, so that tests can drive them. */
export type Slicing = { readonly now: () => number; readonly pause: () => Promise<void> };

/**
 * Runs steps a slice at a time.
 *
 * @param onSlice - told the newest step at the end of every slice
 * @throws {GivenUp} at the end of the slice in which the request was given up
 */
export async function inSlices<Step, Answer>(
  steps: Generator<Step, Answer>,
  { now, pause }: Slicing,
  { signal }: Pick<Ongoing, 'signal'>,
  onSlice?: (step: Step) => void,
): Promise<Answer> {
  let sliceEnds = now() + SLICE_MS;
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    if (now() < sliceEnds) continue;
    onSlice?.(step.value);
    await pause();
    if (signal.aborted) throw new GivenUp();
    sliceEnds = now() + SLICE_MS;
  }
}
