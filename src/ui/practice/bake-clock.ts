/** Minutes of the bake that pass in a second of the baker's. */
export const PACES = [1, 5, 20] as const;
export type Pace = (typeof PACES)[number];

/** A frame that came later than this was no frame: the page was hidden [s]. */
const LONGEST_FRAME_S = 0.25;

/** The clock of a practice bake: it runs in frames, stands still while the page is hidden, and never past its end. */
export class BakeClock {
  private heard = new Set<() => void>();
  private state: { readonly running: boolean; readonly pace: Pace } = { running: false, pace: 1 };
  private at_min = 0;
  private end_min = 0;
  private frame: number | null = null;
  private last_ms = 0;

  /** The minute of the bake that it is. */
  readonly now = (): number => this.at_min;
  readonly how = (): { readonly running: boolean; readonly pace: Pace } => this.state;
  readonly isAtEnd = (): boolean => this.at_min >= this.end_min;

  readonly listen = (to: () => void): (() => void) => {
    this.heard.add(to);
    return () => this.heard.delete(to);
  };

  /** Something was done: it is this minute now, and it can be watched until that one. */
  set(at_min: number, end_min: number): void {
    [this.at_min, this.end_min] = [at_min, end_min];
    this.tell();
  }

  /** Lets so many minutes pass at once. */
  pass(minutes: number): void {
    this.at_min = Math.min(this.end_min, this.at_min + minutes);
    this.tell();
  }

  run(running: boolean, pace: Pace = this.state.pace): void {
    this.state = { running: running && !this.isAtEnd(), pace };
    if (this.state.running && this.frame === null) {
      this.last_ms = performance.now();
      this.frame = requestAnimationFrame(this.step);
    }
    this.tell();
  }

  private readonly step = (now_ms: number): void => {
    this.frame = null;
    const frame_s = Math.min(LONGEST_FRAME_S, Math.max(0, (now_ms - this.last_ms) / 1000));
    this.last_ms = now_ms;
    if (!this.state.running) return;
    this.at_min = Math.min(this.end_min, this.at_min + frame_s * this.state.pace);
    if (this.isAtEnd()) this.state = { ...this.state, running: false };
    else this.frame = requestAnimationFrame(this.step);
    this.tell();
  };

  private tell(): void {
    for (const to of this.heard) to();
  }
}
