import type { TrayModel } from '../learning';

/** Paces (ln) and offsets [K] at which the simulation is run; between them the shares are read off straight lines. */
export const LOG_PACES = [-1.2, -0.9, -0.6, -0.3, 0, 0.3, 0.6, 0.9, 1.2];
export const OFFSETS_K = [-15, 0, 15];
export const POINTS = 160;

/** A tray's weight as numbers, so that it can cross from the worker that simulated it. */
export type TrayTable = {
  /** Shares of what went in, by pace, by offset, evenly over the minutes [1]. */
  readonly tables: ReadonlyArray<readonly Float64Array[]>;
  /** How far the tables go. */
  readonly minutes: number;
};

/** Reads the tables: straight between minutes, paces and offsets, and flat beyond them. */
export function trayModel({ tables, minutes }: TrayTable): TrayModel {
  const curve = (shares: Float64Array, minute: number): number => {
    const x = Math.min(POINTS, Math.max(0, (minute / minutes) * POINTS));
    const i = Math.min(POINTS - 1, Math.floor(x));
    return shares[i] + (x - i) * (shares[i + 1] - shares[i]);
  };
  return (minute, logPace, offset_K) => {
    const [p, q] = [between(LOG_PACES, logPace), between(OFFSETS_K, offset_K)];
    const along = (row: readonly Float64Array[]): number =>
      (1 - q.part) * curve(row[q.at], minute) + q.part * curve(row[q.at + 1], minute);
    return (1 - p.part) * along(tables[p.at]) + p.part * along(tables[p.at + 1]);
  };
}

function between(knots: readonly number[], value: number): { readonly at: number; readonly part: number } {
  const last = knots.length - 2;
  let at = 0;
  while (at < last && knots[at + 1] < value) at++;
  return { at, part: Math.min(1, Math.max(0, (value - knots[at]) / (knots[at + 1] - knots[at]))) };
}
