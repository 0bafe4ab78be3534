import { largest, type Slab } from './slab';

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
  /** Of juice on the tray. */
  readonly browningFilm: number;
  /** Juice that has run off by now, without what is solved in it [kg water per kg dry solids]. */
  readonly dripped: number;
  /** Credited Salmonella log10 reductions at the centre. */
  readonly kill: number;
  readonly screenedCentre: number;
  readonly screenedLeast: number;
};

/** The piece at one moment of its programme. Moistures in kg water per kg dry solids, aw at 25 °C. */
export type Frame = Moment & {
  readonly core_c: number;
  readonly mean_c: number;
  readonly hottest_c: number;
  readonly meanMoisture: number;
  readonly centreMoisture: number;
  readonly wettestMoisture: number;
  /** Where this frame's cells stand in the profiles. */
  readonly row: number;
};

/** Every cell of the piece, top to bottom: moisture [kg/kg], temperature [°C], height now [m]. */
export type Profile = { readonly moisture: Float64Array; readonly temperature: Float64Array; readonly height: Float64Array };

/** Profiles of all frames in three flat arrays: one small array per frame would cost more than the step it records. */
export class Profiles {
  private moisture: Float64Array;
  private temperature: Float64Array;
  private height: Float64Array;
  private rows = 0;

  constructor(readonly cells: number) {
    const first = cells * 256;
    [this.moisture, this.temperature, this.height] = [new Float64Array(first), new Float64Array(first), new Float64Array(first)];
  }

  /** Copies the slab's cells and tells the row. */
  add(slab: Slab): number {
    const from = this.rows * this.cells;
    if (from + this.cells > this.moisture.length) this.grow();
    for (let i = 0; i < this.cells; i++) {
      this.moisture[from + i] = slab.moisture[i];
      this.temperature[from + i] = slab.temperature[i];
      this.height[from + i] = slab.height[i];
    }
    return this.rows++;
  }

  /** The cells of one row: views, valid for as long as nothing more is recorded. */
  at(row: number): Profile {
    const [from, to] = [row * this.cells, (row + 1) * this.cells];
    return {
      moisture: this.moisture.subarray(from, to),
      temperature: this.temperature.subarray(from, to),
      height: this.height.subarray(from, to),
    };
  }

  private grow(): void {
    const larger = (old: Float64Array): Float64Array => {
      const next = new Float64Array(old.length * 2);
      next.set(old);
      return next;
    };
    [this.moisture, this.temperature, this.height] = [larger(this.moisture), larger(this.temperature), larger(this.height)];
  }
}

/** Keeps frames at an interval; the last one is always there. */
export class Recorder {
  readonly frames: Frame[] = [];
  readonly profiles: Profiles;
  private next_s = 0;
  private newest: Frame | null = null;

  constructor(
    private readonly slab: Slab,
    private readonly every_s: number,
  ) {
    this.profiles = new Profiles(slab.count);
  }

  isDue(time_s: number): boolean {
    return this.every_s > 0 && time_s >= this.next_s - 1e-9;
  }

  add(moment: Moment): void {
    const { slab } = this;
    const frame: Frame = {
      // Spelled out: spreading would cost more than the step that is recorded.
      time_s: moment.time_s,
      air_c: moment.air_c,
      air_pa: moment.air_pa,
      surface_c: moment.surface_c,
      surfaceMoisture: moment.surfaceMoisture,
      browningTop: moment.browningTop,
      browningBottom: moment.browningBottom,
      browningEdge: moment.browningEdge,
      browningFilm: moment.browningFilm,
      dripped: moment.dripped,
      kill: moment.kill,
      screenedCentre: moment.screenedCentre,
      screenedLeast: moment.screenedLeast,
      core_c: slab.centre(slab.temperature),
      mean_c: slab.mean(slab.temperature),
      hottest_c: slab.hottest(),
      meanMoisture: slab.mean(slab.moisture),
      centreMoisture: slab.centre(slab.moisture),
      wettestMoisture: largest(slab.moisture),
      row: this.profiles.add(slab),
    };
    this.newest = frame;
    if (this.every_s > 0) {
      this.frames.push(frame);
      // Counted from the start, not from this frame: steps overshoot a little, and that must not add up.
      this.next_s = this.every_s * (Math.floor(moment.time_s / this.every_s + 1e-9) + 1);
    }
  }

  get last(): Frame {
    if (!this.newest) throw new Error('nothing was recorded yet');
    return this.newest;
  }
}
