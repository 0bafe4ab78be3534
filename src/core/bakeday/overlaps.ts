/**
 * What lies across a stretch of time, each with its share, gathered anew for every question. A search asks millions of times: nothing
 * here makes garbage.
 */
export class Overlaps {
  private count = 0;
  private readonly starts: number[] = [];
  private readonly ends: number[] = [];
  private readonly shares: number[] = [];
  private from = 0;
  private to = 0;

  /** Begins a question about the stretch from a moment to another. */
  within(from: number, to: number): void {
    this.count = 0;
    this.from = from;
    this.to = to;
  }

  /** Counts a use in, if it lies across the stretch. */
  add(start: number, end: number, share: number): void {
    if (start >= this.to || end <= this.from) return;
    this.starts[this.count] = start;
    this.ends[this.count] = end;
    this.shares[this.count++] = share;
  }

  /**
   * When the first overload in the stretch is over, if so much more is wished for than there is. Null when there is none. Moving a
   * start to this moment skips nothing that would have been feasible.
   */
  overloadEnd(wanted: number, cap: number): number | null {
    for (let at = this.from; at === this.from || at < this.to; at = this.nextStart(at)) {
      let taken = wanted;
      let ends = Infinity;
      for (let i = 0; i < this.count; i++)
        if (this.starts[i] <= at && at < this.ends[i]) {
          taken += this.shares[i];
          if (this.ends[i] < ends) ends = this.ends[i];
        }
      if (taken > cap) return ends;
    }
    return null;
  }

  /** The next start of a use after a moment; infinity after the last. */
  private nextStart(after: number): number {
    let next = Infinity;
    for (let i = 0; i < this.count; i++) if (this.starts[i] > after && this.starts[i] < next) next = this.starts[i];
    return next;
  }
}
