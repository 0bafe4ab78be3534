import type { Day, PlannedStep } from './day';

/**
 * What the search changes. `order` names batches by number, the k-th time its k-th step; `mode` is -1 where the decoder may
 * choose; `lb` is a start not before, 0 for none.
 */
export type Genome = {
  readonly order: readonly number[];
  readonly mode: ReadonlyArray<readonly number[]>;
  readonly lb: ReadonlyArray<readonly number[]>;
  /**
   * What a pinned step does: takes its place before all else and comes soonest when that is lost (`hold`), takes the place
   * nearest to its pin (`near`), or comes when its turn does, which may serve a later pin of its batch (`follow`).
   */
  readonly pinning: ReadonlyArray<readonly Pinning[]>;
};
export type Pinning = 'hold' | 'near' | 'follow';

export const freeModes = ({ batches }: Day): number[][] => batches.map(({ steps }) => steps.map(() => -1));
export const noBounds = ({ batches }: Day): number[][] => batches.map(({ steps }) => steps.map(() => 0));

export const allPins = ({ batches }: Day, pinning: Pinning): Pinning[][] => batches.map(({ steps }) => steps.map(() => pinning));

/** The genome that leads to a plan: steps by their start, modes fixed; with `exact` starts are held from below too. */
export function genomeOf(day: Day, plan: readonly PlannedStep[], exact = false): Genome {
  const mode = freeModes(day);
  const lb = noBounds(day);
  for (const { b, j, m, s } of plan) {
    mode[b][j] = m;
    if (exact) lb[b][j] = s;
  }
  return {
    order: [...plan].sort((x, y) => x.s - y.s || x.b - y.b || x.j - y.j).map(({ b }) => b),
    mode,
    lb,
    pinning: allPins(day, 'hold'),
  };
}
