/**
 * The shortest day by mixed integer programming: an oracle for days without night, stores, pauses and pins, one pair of hands.
 * Written as CPLEX LP text for a general-purpose solver; it shares nothing with the planner but the day's words.
 */
import { setupOf } from './machine-change';
import type { Day, Mode, Step } from '@/core/bakeday';

type At = { readonly b: number; readonly j: number };
type InMode = At & { readonly m: number; readonly mode: Mode };
const name = (prefix: string, ...ids: number[]): string => `${prefix}_${ids.join('_')}`;

/** @param most - a makespan that is known to be possible [min]: nothing later is looked at */
export function exactDay(day: Day, most: number): string {
  const rows: string[] = [];
  const binaries = new Set<string>();
  const add = (terms: ReadonlyArray<readonly [number, string]>, sense: '>=' | '<=', right: number): void => {
    const sum = new Map<string, number>();
    for (const [factor, variable] of terms) sum.set(variable, (sum.get(variable) ?? 0) + factor);
    const text = [...sum]
      .filter(([, factor]) => factor !== 0)
      .map(([variable, factor]) => `${factor < 0 ? '-' : '+'} ${Math.abs(factor)} ${variable}`);
    rows.push(`${text.join(' ')} ${sense} ${right}`);
  };
  const s = ({ b, j }: At): string => name('s', b, j);
  const y = ({ b, j, m }: InMode): string => name('y', b, j, m);
  const M = most + 600;
  const inModes: InMode[] = [];
  /** Length of a step: fixed, or by the mode that is chosen. */
  const lengthOf = (at: At, step: Step): { fixed: number; terms: Array<readonly [number, string]> } => {
    const modes = step.modes ?? [];
    if (modes.length === 0) return { fixed: step.dur, terms: [] };
    return { fixed: 0, terms: modes.map((mode, m) => [mode.dur ?? step.dur, y({ ...at, m, mode })] as const) };
  };
  const negated = (terms: ReadonlyArray<readonly [number, string]>): Array<readonly [number, string]> =>
    terms.map(([f, v]) => [-f, v] as const);

  for (const [b, { steps }] of day.batches.entries())
    for (const [j, step] of steps.entries()) {
      const at = { b, j };
      const length = lengthOf(at, step);
      if ((step.modes ?? []).length > 0) {
        const chosen = (step.modes ?? []).map((mode, m) => ({ ...at, m, mode }));
        for (const one of chosen) {
          inModes.push(one);
          binaries.add(y(one));
          const machine = day.machines.find(({ id }) => id === one.mode.res);
          if (machine) {
            const first = setupOf(machine, machine.ambient, one.mode.T);
            add(
              [
                [1, s(at)],
                [-first, y(one)],
              ],
              '>=',
              0,
            );
          }
        }
        add(
          chosen.map((one) => [1, y(one)] as const),
          '>=',
          1,
        );
        add(
          chosen.map((one) => [1, y(one)] as const),
          '<=',
          1,
        );
      }
      const next = { b, j: j + 1 };
      if (j + 1 < steps.length) {
        add([[1, s(next)], [-1, s(at)], ...negated(length.terms)], '>=', length.fixed + (step.minWait ?? 0));
        if (step.maxWait !== undefined)
          add([[1, s(next)], [-1, s(at)], ...negated(length.terms)], '<=', length.fixed + step.maxWait);
      } else add([[1, 'makespan'], [-1, s(at)], ...negated(length.terms)], '>=', length.fixed);
    }

  // Hands: each call a variable about where it is due; two of different batches one after the other.
  const calls = day.batches.flatMap(({ steps }, b) =>
    steps.flatMap((step, j) =>
      (step.hands ?? []).map((one, k) => {
        const a = name('a', b, j, k);
        const length = lengthOf({ b, j }, step);
        const flex = one.flex ?? 0;
        const due: ReadonlyArray<readonly [number, string]> = one.end ? length.terms : [];
        const off = one.off === 'mid' ? Math.round(step.dur / 2) : one.end ? length.fixed - one.len - one.off : one.off;
        add([[1, a], [-1, s({ b, j })], ...negated(due)], '>=', off - flex);
        add([[1, a], [-1, s({ b, j })], ...negated(due)], '<=', off + flex);
        return { a, b, len: one.len };
      }),
    ),
  );
  for (const [i, x] of calls.entries())
    for (const z of calls.slice(i + 1)) {
      if (x.b === z.b) continue;
      const o = `o_${x.a}_${z.a}`;
      binaries.add(o);
      add(
        [
          [1, z.a],
          [-1, x.a],
          [-M, o],
        ],
        '>=',
        x.len - M,
      );
      add(
        [
          [1, x.a],
          [-1, z.a],
          [M, o],
        ],
        '>=',
        z.len,
      );
    }

  // Machines: what cannot share one is apart, by as long as it takes to change.
  const apart = (x: InMode, z: InMode): string => {
    const w = name('w', x.b, x.j, x.m, z.b, z.j, z.m);
    if (binaries.has(w)) return w;
    binaries.add(w);
    const machine = day.machines.find(({ id }) => id === x.mode.res);
    const change = machine ? setupOf(machine, x.mode.Tout ?? x.mode.T, z.mode.T) : 0;
    const length = x.mode.dur ?? day.batches[x.b].steps[x.j].dur;
    add(
      [
        [1, s(z)],
        [-1, s(x)],
        [-M, w],
        [-M, y(x)],
        [-M, y(z)],
      ],
      '>=',
      length + change - 3 * M,
    );
    return w;
  };
  for (const machine of day.machines) {
    const mine = inModes.filter(({ mode }) => mode.res === machine.id);
    const shares = (x: InMode, z: InMode): boolean => Math.abs(x.mode.T - z.mode.T) <= machine.tol;
    for (const [i, x] of mine.entries())
      for (const [k, z] of mine.slice(i + 1).entries()) {
        if (x.b === z.b && x.j === z.j) continue;
        if (!shares(x, z) || x.mode.q + z.mode.q > machine.slots)
          add(
            [
              [1, apart(x, z)],
              [1, apart(z, x)],
              [-1, y(x)],
              [-1, y(z)],
            ],
            '>=',
            -1,
          );
        else
          for (const u of mine.slice(i + k + 2)) {
            if ([x, z].some(({ b, j }) => b === u.b && j === u.j) || !shares(x, u) || !shares(z, u)) continue;
            if (x.mode.q + z.mode.q + u.mode.q <= machine.slots) continue;
            const pairs = [apart(x, z), apart(z, x), apart(x, u), apart(u, x), apart(z, u), apart(u, z)];
            add([...pairs.map((w) => [1, w] as const), [-1, y(x)], [-1, y(z)], [-1, y(u)]], '>=', -2);
          }
      }
  }
  const bounds = day.batches.flatMap(({ steps }, b) => steps.map((_, j) => `0 <= ${s({ b, j })} <= ${most}`));
  return [
    'Minimize',
    'obj: makespan',
    'Subject To',
    ...rows.map((row, i) => `c${i}: ${row}`),
    'Bounds',
    ...bounds,
    `0 <= makespan <= ${most}`,
    'Binary',
    [...binaries].join(' '),
    'End',
  ].join('\n');
}
