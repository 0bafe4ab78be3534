/** Days whose best plans are known: worked by hand, or proven by an exact solver. */
import {
  HORIZON,
  USUAL_GOALS,
  type Attention,
  type Day,
  type DayBatch,
  type Machine,
  type Mode,
  type Step,
} from '@/core/bakeday';

export const T0 = 480;
export const oven = (more: Partial<Machine> = {}): Machine => ({
  id: 'oven1',
  kind: 'oven',
  slots: 2,
  tol: 5,
  heat: 10,
  cool: 4,
  ambient: 20,
  ...more,
});
export const dayOf = (batches: DayBatch[], more: Partial<Day> = {}): Day => ({
  t0: T0,
  t1: T0 + HORIZON,
  handsCap: 1,
  win: [
    [480, 1320],
    [1860, 2760],
  ],
  quiet: [],
  machines: [oven()],
  stores: [],
  batches,
  obj: USUAL_GOALS,
  ...more,
});
export const batch = (id: string, steps: Step[], more: Partial<DayBatch> = {}): DayBatch => ({
  id,
  due: 100_000,
  steps,
  ...more,
});

let count = 0;
const named = (name: string, dur: number, more: Partial<Step> = {}): Step => ({ id: `${name}${count++}`, name, dur, ...more });
/** Hands all along. */
export const work = (name: string, dur: number, more: Partial<Step> = {}): Step =>
  named(name, dur, { hands: [{ off: 0, len: dur, n: 1 }], ...more });
export const wait = (name: string, dur: number, more: Partial<Step> = {}): Step => named(name, dur, more);
export const inMachine = (name: string, modes: Mode[], dur: number, hands: Attention[] = [], more: Partial<Step> = {}): Step =>
  named(name, dur, { modes, hands, ...more });
export const load: Attention = { off: 0, len: 2, n: 1 };
export const unload: Attention = { off: 0, end: true, len: 2, n: 1 };
const flip = (flex: number): Attention => ({ off: 'mid', len: 3, n: 1, flex });

const DEHY: Machine = { ...oven(), id: 'dehy1', kind: 'dehy', slots: 6, tol: 3, heat: 5, cool: 5 };

/** Three crunchy batches; the shortest day is 595 minutes, proven. */
export function x1(due: readonly number[] = []): Day {
  const one = (
    id: string,
    at: number,
    [mix, chill, roll]: [number, number, number],
    [T, bake]: [number, number],
    [dryOven, dryDehy]: [number, number],
    [q, qDehy]: [number, number],
  ): DayBatch =>
    batch(
      id,
      [
        work('mix', mix, { maxWait: 60 }),
        wait('chill', chill, { maxWait: 600 }),
        work('roll', roll, { maxWait: 30 }),
        inMachine('bake', [{ res: 'oven1', T, q }], bake, [load, flip(3), unload], { maxWait: 45 }),
        inMachine(
          'dry',
          [
            { res: 'oven1', T: 90, q, dur: dryOven },
            { res: 'dehy1', T: 70, q: qDehy, dur: dryDehy },
          ],
          dryOven,
          [load, unload],
          { maxWait: 600 },
        ),
        wait('cool', 40),
        work('decorate', 20),
        work('pack', 10),
      ],
      due[at] === undefined ? {} : { due: due[at] },
    );
  return dayOf(
    [
      one('A', 0, [20, 60, 30], [175, 25], [240, 360], [1, 2]),
      one('B', 1, [15, 55, 35], [180, 30], [150, 225], [2, 4]),
      one('C', 2, [25, 45, 25], [165, 30], [240, 360], [2, 4]),
    ],
    { win: [], machines: [oven(), DEHY] },
  );
}

/** A twice-baked and a crunchy batch; the shortest day is 399 minutes, proven. */
export function x2(): Day {
  return dayOf(
    [
      batch('A', [
        work('mix', 20, { maxWait: 30 }),
        work('shape', 15, { maxWait: 20 }),
        inMachine('bake', [{ res: 'oven1', T: 180, q: 2 }], 40, [load, unload]),
        wait('cool', 15, { maxWait: 45 }),
        work('slice', 15, { maxWait: 60 }),
        inMachine('bake again', [{ res: 'oven1', T: 140, q: 2 }], 50, [load, flip(5), unload]),
        wait('cool', 30),
        work('pack', 10),
      ]),
      batch('B', [
        work('mix', 15, { maxWait: 60 }),
        wait('chill', 60, { maxWait: 600 }),
        work('roll', 35, { maxWait: 30 }),
        inMachine('bake', [{ res: 'oven1', T: 175, q: 2 }], 20, [load, flip(2), unload], { maxWait: 45 }),
        inMachine(
          'dry',
          [
            { res: 'oven1', T: 90, q: 2, dur: 150 },
            { res: 'dehy1', T: 70, q: 4, dur: 225 },
          ],
          150,
          [load, unload],
          { maxWait: 600 },
        ),
        wait('cool', 40),
        work('decorate', 20),
        work('pack', 10),
      ]),
    ],
    { win: [], machines: [oven(), DEHY] },
  );
}
