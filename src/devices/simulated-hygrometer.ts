import { normals, seededRandom } from '@/core/quantities';

const A_DAY_MS = 86_400_000;
/** Damp nights, drier afternoons [percent points]; the instrument's own scatter. Source: ours. */
const SWING_PCT = 5;
const NOISE_PCT = 0.6;

/** A hygrometer that exists only in numbers: the kitchen's usual air, damper in the small hours. */
export class SimulatedHygrometer {
  private readonly jitter: () => number;

  constructor(
    private readonly usual_pct: number,
    seed: number,
  ) {
    this.jitter = normals(seededRandom(seed));
  }

  /** Relative humidity in whole per cent, as its display shows it. */
  read(now_ms: number): number {
    const swing = SWING_PCT * Math.cos((2 * Math.PI * ((now_ms % A_DAY_MS) - A_DAY_MS / 6)) / A_DAY_MS);
    return Math.round(Math.min(99, Math.max(5, this.usual_pct + swing + NOISE_PCT * this.jitter())));
  }
}
