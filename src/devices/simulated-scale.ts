import { normals, seededRandom } from '@/core/quantities';
import type { Scale, ScaleReading } from './scale';

/** How well the stand-in weighs. Source: ours, a usual 5 kg kitchen scale. */
export type ScaleMakeUp = {
  readonly step_g: number;
  /** Scatter of the load cell, standard deviation [g]. */
  readonly noise_g: number;
  /** Creep of the zero [g/min]. */
  readonly drift_g_per_min: number;
  /** Time in which the display follows what is put on to 63 % [ms]. */
  readonly settles_ms: number;
  readonly most_g: number;
};
export const USUAL_SCALE: ScaleMakeUp = { step_g: 1, noise_g: 0.25, drift_g_per_min: 0.15, settles_ms: 450, most_g: 5000 };

/** Readings this near to their end are stable [g]. */
const STEADY_WITHIN_G = 0.6;

/** A kitchen scale that exists only in numbers: it settles, scatters, creeps, is tared, overloads and drops its connection. */
export class SimulatedScale implements Scale {
  private readonly normal: () => number;
  private load_g = 0;
  /** What the load was before the last change, for settling. */
  private before_g = 0;
  private changed_ms: number;
  private zero_g = 0;
  private tared_ms: number;
  private connected = true;

  constructor(
    private readonly made: ScaleMakeUp,
    seed: number,
    now_ms: number,
  ) {
    this.normal = normals(seededRandom(seed));
    this.changed_ms = now_ms;
    this.tared_ms = now_ms;
  }

  /** Puts so much more on the pan; negative takes off. */
  put(grams: number, now_ms: number): void {
    this.before_g = this.settled(now_ms);
    this.load_g = Math.max(0, this.load_g + grams);
    this.changed_ms = now_ms;
  }

  tare(now_ms: number): void {
    this.zero_g = this.settled(now_ms);
    this.tared_ms = now_ms;
  }

  /** Pulls the plug, or puts it in again. */
  connect(connected: boolean): void {
    this.connected = connected;
  }

  read(now_ms: number): ScaleReading | null {
    if (!this.connected) return null;
    const { step_g, noise_g, drift_g_per_min, most_g } = this.made;
    const creep_g = (drift_g_per_min * (now_ms - this.tared_ms)) / 60_000;
    const pan_g = Math.min(most_g, this.settled(now_ms));
    const shown_g = pan_g - this.zero_g + creep_g + noise_g * this.normal();
    const grams = Math.round(shown_g / step_g) * step_g;
    return {
      at_ms: now_ms,
      grams: grams === 0 ? 0 : grams,
      stable: Math.abs(this.load_g - this.settled(now_ms)) < STEADY_WITHIN_G,
    };
  }

  private settled(now_ms: number): number {
    const left = Math.exp(-(now_ms - this.changed_ms) / this.made.settles_ms);
    return this.load_g + (this.before_g - this.load_g) * left;
  }
}
