/** How the stand-in prints. Source: ours, a usual small thermal printer. */
export type PrinterMakeUp = {
  readonly roll: number;
  readonly ms_per_label: number;
};
export const USUAL_PRINTER: PrinterMakeUp = { roll: 120, ms_per_label: 900 };

/** Why it does not print. */
export type PrinterTrouble = 'unplugged' | 'open' | 'out-of-labels';

export type PrinterState = {
  /** Labels still on the roll, and on their way. */
  readonly left: number;
  readonly waiting: number;
  readonly printed: number;
  readonly trouble: PrinterTrouble | null;
};

/** A label printer that exists only in numbers: it takes its time, runs out of labels, and can be open or unplugged. */
export class SimulatedLabelPrinter {
  private left: number;
  private plugged = true;
  private shut = true;
  private printed = 0;
  /** Labels of the jobs under way, and when the first of them began. */
  private waiting = 0;
  private began_ms = 0;

  constructor(private readonly made: PrinterMakeUp) {
    this.left = made.roll;
  }

  /** Takes a job; says why not when it cannot begin. */
  print(count: number, now_ms: number): PrinterTrouble | null {
    const { trouble, left, waiting } = this.state(now_ms);
    if (trouble) return trouble;
    if (count > left - waiting) return 'out-of-labels';
    if (this.waiting === 0) this.began_ms = now_ms;
    this.waiting += count;
    return null;
  }

  state(now_ms: number): PrinterState {
    this.catchUp(now_ms);
    const trouble = !this.plugged ? 'unplugged' : !this.shut ? 'open' : this.left === 0 ? 'out-of-labels' : null;
    return { left: this.left, waiting: this.waiting, printed: this.printed, trouble };
  }

  /** Puts a new roll in; what waited goes on. */
  load(now_ms: number): void {
    this.catchUp(now_ms);
    this.left = this.made.roll;
  }
  plug(plugged: boolean, now_ms: number): void {
    this.catchUp(now_ms);
    this.plugged = plugged;
    this.began_ms = now_ms;
  }
  close(shut: boolean, now_ms: number): void {
    this.catchUp(now_ms);
    this.shut = shut;
    this.began_ms = now_ms;
  }

  /** What has come out since it was last looked at. */
  private catchUp(now_ms: number): void {
    if (this.waiting === 0 || !this.plugged || !this.shut) return;
    const out = Math.min(this.waiting, this.left, Math.floor((now_ms - this.began_ms) / this.made.ms_per_label));
    this.waiting -= out;
    this.left -= out;
    this.printed += out;
    this.began_ms += out * this.made.ms_per_label;
  }
}
