import type { Slab } from './slab';

/** What is known besides the cells at one moment. */
type Moment = {
  readonly time_s: number;
  readonly air_c: number;
  readonly air_pa: number;
  readonly surface_c: number;
  /** Moisture just at the top face [kg/kg dry solids]. */
  readonly surfaceMoisture: number;
  readonly browningTop: number;
  readonly browningBottom: number;
  readonly browningEdge: number;
  /** Credited Salmonella log10 reductions at the centre. */
  readonly kill: number;
  readonly screenedCentre: number;
  readonly screenedLeast: number;
  readonly heater_J: number;
};

/** The piece at one moment of its programme. Moistures in kg water per kg dry solids, aw at 25 °C. */
export type Frame = Moment & {
  readonly core_c: number;
  readonly mean_c: number;
  readonly hottest_c: number;
  readonly meanMoisture: number;
  readonly centreMoisture: number;
  readonly wettestMoisture: number;
  /** Every cell from top to bottom: moisture, temperature, and height now [m]. */
  readonly moisture: Float64Array;
  readonly temperature: Float64Array;
  readonly height: Float64Array;
};

/** Keeps frames at an interval; the last one is always there. */
export class Recorder {
  readonly frames: Frame[] = [];
  private next_s = 0;
  private newest: Frame | null = null;

  constructor(
    private readonly slab: Slab,
    private readonly every_s: number,
  ) {}

  isDue(time_s: number): boolean {
    return this.every_s > 0 && time_s >= this.next_s - 1e-9;
  }

  add(moment: Moment): void {
    const { slab } = this;
    const frame: Frame = {
      ...moment,
      core_c: slab.centre(slab.temperature), mean_c: slab.mean(slab.temperature), hottest_c: Math.max(...slab.temperature),
      meanMoisture: slab.mean(slab.moisture), centreMoisture: slab.centre(slab.moisture), wettestMoisture: Math.max(...slab.moisture),
      moisture: slab.moisture.slice(), temperature: slab.temperature.slice(), height: slab.height.slice(),
    };
    this.newest = frame;
    if (this.every_s > 0) {
      this.frames.push(frame);
      this.next_s = moment.time_s + this.every_s;
    }
  }

  get last(): Frame {
    if (!this.newest) throw new Error('nothing was recorded yet');
    return this.newest;
  }
}
