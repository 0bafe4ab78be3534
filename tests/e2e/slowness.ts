import { workMs } from '../work-ms';

/** What the same sums take on the machine that the limits were set on [ms of work]. */
const USUAL_MS = 215;
const SUMS = 1e7;

/** How many times slower than usual this machine is now, at its best of a few moments; never below one. */
export function slowness(): number {
  const times = Array.from({ length: 4 }, () => {
    const began = workMs();
    let sum = 0;
    for (let i = 0; i < SUMS; i++) sum += Math.sqrt(i % 1000) * Math.exp(-(i % 7));
    if (!Number.isFinite(sum)) throw new Error('These sums come out.');
    return workMs() - began;
  });
  return Math.max(1, Math.min(...times) / USUAL_MS);
}
