import { normals, seededRandom } from '@/core/quantities';
import type { Probe, ProbeReading } from './probe';

/** How the stand-in measures. Source: ours, a usual kitchen probe. */
const STEP_C = 0.1;
const NOISE_C = 0.15;
const LAG_MS = 12_000;

/**
 * A probe that exists only in numbers: it follows what is true in the oven a little late, and jitters.
 *
 * @param truth - what core and air really are at a time; null while it is in nothing
 */
export class SimulatedProbe implements Probe {
  private last: (ProbeReading & { readonly at_ms: number }) | null = null;
  private readonly jitter: () => number;

  constructor(
    private readonly truth: (now_ms: number) => ProbeReading | null,
    seed: number,
  ) {
    this.jitter = normals(seededRandom(seed));
  }

  read(now_ms: number): ProbeReading | null {
    const is = this.truth(now_ms);
    if (!is) {
      this.last = null;
      return null;
    }
    const before = this.last;
    const follow = before ? 1 - Math.exp(-Math.max(0, now_ms - before.at_ms) / LAG_MS) : 1;
    const towards = (key: keyof ProbeReading): number => (before ? before[key] + follow * (is[key] - before[key]) : is[key]);
    this.last = { core_c: towards('core_c'), air_c: towards('air_c'), at_ms: now_ms };
    const shown = (value: number): number => Math.round((value + NOISE_C * this.jitter()) / STEP_C) * STEP_C;
    return { core_c: Number(shown(this.last.core_c).toFixed(1)), air_c: Number(shown(this.last.air_c).toFixed(1)) };
  }
}
