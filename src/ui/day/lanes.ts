import type { Day, Machine, PlannedStep } from '@/core/bakeday';
import { laneOf } from './day-words';

/** One block of a lane: a step of a batch, or the stretches of hands that it takes. */
export type Block = {
  readonly key: string;
  readonly b: number;
  readonly j: number;
  readonly s: number;
  readonly e: number;
  /** Which of the lane's rows it lies in, and how many it takes. */
  readonly row: number;
  readonly rows: number;
  /** Of a lane of hands: which of the step's visits it is, and of how many. */
  readonly visit: { readonly at: number; readonly of: number } | null;
  /** Setpoint of a machine [°C]; null for hands and what waits. */
  readonly heat_c: number | null;
};
export type Lane = {
  readonly id: string;
  readonly name: string;
  readonly kind: 'hands' | 'machine' | 'store' | 'waits';
  readonly rows: number;
  readonly blocks: readonly Block[];
};

type Raw = Omit<Block, 'row' | 'rows'> & { readonly takes: number };

/** A plan as lanes: hands, then every machine that is used, trays and places that are, then what only needs time. */
export function lanesOf(
  day: Day,
  plan: readonly PlannedStep[],
  machines: ReadonlyArray<Machine & { readonly name: string }>,
): Lane[] {
  const hands: Raw[] = plan.flatMap(({ b, j, att }) =>
    att.map(({ s, e, n }, i) => ({
      key: `${b}/${j}/${i}`,
      b,
      j,
      s,
      e,
      heat_c: null,
      visit: { at: i, of: att.length },
      takes: n,
    })),
  );
  const inMachine = (id: string): Raw[] =>
    plan.flatMap(({ b, j, s, e, m }) => {
      const mode = day.batches[b]?.steps[j]?.modes?.[m];
      return mode?.res === id ? [{ key: `${b}/${j}`, b, j, s, e, heat_c: mode.T, visit: null, takes: mode.q }] : [];
    });
  const waits: Raw[] = plan.flatMap(({ b, j, s, e, m, att }) =>
    m < 0 && att.length === 0 ? [{ key: `${b}/${j}`, b, j, s, e, heat_c: null, visit: null, takes: 1 }] : [],
  );
  return [
    lane('hands', 'Hands', 'hands', hands, day.handsCap),
    ...machines.flatMap((machine) => {
      const raw = inMachine(machine.id);
      return raw.length > 0 ? [lane(machine.id, machine.name, 'machine', raw, machine.kind === 'fd' ? 1 : machine.slots)] : [];
    }),
    ...day.stores.flatMap(({ id, cap }) => {
      const raw = heldIn(day, plan, id);
      return raw.length > 0 ? [lane(id, laneOf(id), 'store', raw, cap)] : [];
    }),
    ...(waits.length > 0 ? [lane('waits', 'Rest and cool', 'waits', waits, Infinity)] : []),
  ];
}

/** What a store holds: each step's share until the next one begins. */
function heldIn(day: Day, plan: readonly PlannedStep[], id: string): Raw[] {
  return plan.flatMap(({ b, j, s, e }) => {
    const { store } = day.batches[b]?.steps[j] ?? {};
    if (store?.id !== id) return [];
    const next = plan.find((one) => one.b === b && one.j === j + 1);
    return [{ key: `${id} ${b}/${j}`, b, j, s, e: next?.s ?? e, heat_c: null, visit: null, takes: store.q }];
  });
}

/** Lays blocks in rows, none over another: as many rows as are needed at once, and no more than there are places. */
// oxlint-disable-next-line max-params -- older than the rule
function lane(id: string, name: string, kind: Lane['kind'], raw: readonly Raw[], places: number): Lane {
  const ends: number[] = [];
  const blocks = [...raw]
    .sort((x, y) => x.s - y.s || x.e - y.e)
    .map(({ takes, ...block }): Block => {
      const rows = Math.max(1, Math.min(takes, places === Infinity ? 1 : places));
      let row = 0;
      while (!freeFor(ends, row, rows, block.s)) row++;
      for (let i = row; i < row + rows; i++) ends[i] = block.e;
      return { ...block, row, rows };
    });
  return { id, name, kind, rows: Math.max(1, ends.length), blocks };
}

const freeFor = (ends: readonly number[], row: number, rows: number, from: number): boolean => {
  for (let i = row; i < row + rows; i++) if ((ends[i] ?? -Infinity) > from) return false;
  return true;
};
