import { useSyncExternalStore } from 'react';
import type { BakeClock } from './bake-clock';

/**
 * The minute of a bake, as often as it matters.
 *
 * @param step_min - told anew when it has moved by this; 0: at every frame
 */
export function useMoment(clock: BakeClock, step_min = 0): number {
  const read = (): number => (step_min === 0 ? clock.now() : Math.floor(clock.now() / step_min + 1e-6) * step_min);
  return useSyncExternalStore(clock.listen, read, read);
}
