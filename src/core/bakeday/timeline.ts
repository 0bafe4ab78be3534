import { nextAwake, type Calendar } from './calendar';
import { Overlaps } from './overlaps';
import { setupMinutes, type Attention, type Day, type HandsUse, type Machine } from './day';

export type MachineUse = {
  readonly s: number;
  readonly e: number;
  readonly T: number;
  readonly Tout: number;
  readonly q: number;
  readonly excl: boolean;
};
/** Minutes at a stretch, for so many hands; a noisy one not in quiet hours. */
type Work = Pick<Attention, 'len' | 'n' | 'noisy'>;
export type StoreUse = { readonly s: number; e: number; readonly q: number };

/** Everything that is taken already: hands, machines and stores, each with who has it and when. */
export class Timeline {
  readonly hands: HandsUse[] = [];
  readonly machines: ReadonlyMap<string, { readonly machine: Machine; readonly uses: MachineUse[] }>;
  readonly stores: ReadonlyMap<string, { readonly cap: number; readonly uses: StoreUse[] }>;
  private readonly overlaps = new Overlaps();

  /** @param effort - counts how often places are asked for: what a search has done is told by it */
  constructor(
    private readonly day: Day,
    private readonly calendar: Calendar,
    private readonly effort: { asked: number } = { asked: 0 },
  ) {
    this.machines = new Map(day.machines.map((machine) => [machine.id, { machine, uses: [] }]));
    this.stores = new Map(day.stores.map(({ id, cap }) => [id, { cap, uses: [] }]));
  }

  /** Earliest start of work with so many hands from `from` on; `own` are stretches of the same step that lie already. */
  handsFrom(from: number, { len, n, noisy = false }: Work, own: readonly HandsUse[]): number {
    let start = from;
    for (;;) {
      start = nextAwake(this.calendar, start, len, noisy);
      if (start === Infinity) return start;
      const until = this.handsBusyUntil(start, start + len, n, own);
      if (until === null) return start;
      start = until;
    }
  }

  /** Free hands from a moment on, up to the length of the work: how long, before somebody else has them or goes to bed. */
  freeRun(from: number, { len: most, n, noisy = false }: Work, own: readonly HandsUse[]): number {
    if (this.handsFrom(from, { len: 1, n, noisy }, own) !== from) return 0;
    let run = most;
    for (const use of [...this.hands, ...own]) {
      if (use.s > from && use.s < from + run && this.handsBusyUntil(use.s, use.s + 1, n, own) !== null) run = use.s - from;
    }
    while (run > 0 && nextAwake(this.calendar, from, run, noisy) !== from) {
      const end = this.endOfWindow(from, noisy);
      run = Math.min(run - 1, end - from);
    }
    return run;
  }

  private endOfWindow(from: number, noisy: boolean): number {
    const window = this.calendar.awake.find(([a, b]) => a <= from && from < b);
    const quiet = noisy ? this.calendar.quiet.find(([a]) => a > from) : undefined;
    return Math.min(window?.[1] ?? from, quiet?.[0] ?? Infinity);
  }

  /** When hands that are too many somewhere in the stretch get free again; null when they suffice all along. */
  private handsBusyUntil(s: number, e: number, n: number, own: readonly HandsUse[]): number | null {
    this.effort.asked++;
    const { overlaps } = this;
    overlaps.within(s, e);
    for (const use of this.hands) overlaps.add(use.s, use.e, use.n);
    for (const use of own) overlaps.add(use.s, use.e, use.n);
    return overlaps.overloadEnd(n, this.day.handsCap);
  }

  /** Earliest start of a use of a machine from `from` on, as far as this machine goes; one pass, to be asked again when it moves. */
  machineFrom(id: string, wanted: MachineUse): number {
    const held = this.machines.get(id);
    if (!held) return Infinity;
    const { machine, uses } = held;
    this.effort.asked++;
    if (machine.kind === 'fd') return freezeDryerFrom(machine, uses, wanted);
    const first = this.day.t0 + setupMinutes(machine, machine.ambient, wanted.T);
    if (wanted.s < first) return first;
    const { overlaps } = this;
    overlaps.within(wanted.s, wanted.e);
    for (const use of uses) {
      const shares = Math.abs(use.T - wanted.T) <= machine.tol && !use.excl && !wanted.excl;
      if (shares) {
        overlaps.add(use.s, use.e, use.q);
        continue;
      }
      const before = wanted.e + setupMinutes(machine, wanted.Tout, use.T) <= use.s;
      const after = use.e + setupMinutes(machine, use.Tout, wanted.T);
      if (!before && wanted.s < after) return after;
    }
    return overlaps.overloadEnd(wanted.q, machine.slots) ?? wanted.s;
  }

  /** Earliest start from which a place of a store is free for a stretch. */
  storeFrom(id: string, s: number, e: number, q: number): number {
    const store = this.stores.get(id);
    if (!store) return Infinity;
    this.effort.asked++;
    const { overlaps } = this;
    overlaps.within(s, e);
    for (const use of store.uses) overlaps.add(use.s, use.e, use.q);
    return overlaps.overloadEnd(q, store.cap) ?? s;
  }
}

/** Loads of a freeze dryer go in and come out together, or keep its turn apart. */
function freezeDryerFrom({ slots, turn = 0 }: Machine, uses: readonly MachineUse[], wanted: MachineUse): number {
  let together = 0;
  for (const use of uses) {
    if (use.s === wanted.s && use.e === wanted.e) together += use.q;
    else if (wanted.e + turn > use.s && wanted.s < use.e + turn) {
      // One may wait for a run to start and join it.
      return use.s > wanted.s && use.e - use.s === wanted.e - wanted.s ? use.s : use.e + turn;
    }
  }
  if (together + wanted.q <= slots) return wanted.s;
  return wanted.e + turn;
}
