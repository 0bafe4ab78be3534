import { readFileSync } from 'node:fs';

const OF_THIS_THREAD = '/proc/thread-self/schedstat';

/**
 * What this thread has worked since it began [ms], to a few milliseconds: what others work meanwhile is not in it, so a limit on it holds
 * on a machine that does other things as well. Where the system does not tell, it is the clock.
 */
export function workMs(): number {
  try {
    return Number(readFileSync(OF_THIS_THREAD, 'utf8').split(' ')[0]) / 1e6;
  } catch {
    return performance.now();
  }
}
