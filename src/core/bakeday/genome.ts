import type { Day, PlannedStep } from './day';

/**
 * What the search changes. `order` names batches by number, the k-th time its k-th step; `mode` is -1 where the decoder may
 * choose; `lb` is a start not before, 0 for none.
 */
export type Genome = {
  readonly order: readonly number[];
  readonly mode: ReadonlyArray<readonly number[]>;
  readonly lb: ReadonlyArray<readonly number[]>;
};

export const freeModes = ({ batches }: Day): number[][] => batches.map(({ steps }) => steps.map(() => -1));
export const noBounds = ({ batches }: Day): number[][] => batches.map(({ steps }) => steps.map(() => 0));

/** The genome that leads to a plan: steps by their start, modes fixed; with `exact` starts are held from below too. */
export function genomeOf(day: Day, plan: readonly PlannedStep[], exact = false): Genome {
  const mode = freeModes(day);
  const lb = noBounds(day);
  for (const { b, j, m, s } of plan) {
    mode[b][j] = m;
    if (exact) lb[b][j] = s;
  }
  return { order: [...plan].sort((x, y) => x.s - y.s || x.b - y.b || x.j - y.j).map(({ b }) => b), mode, lb };
}
