import type { Facing, TurnedCutter } from './turned-cutter';

/** One piece of a row's repeating unit, seen from the row's origin [mm]. */
export type Item = { readonly facing: Facing; readonly dx: number; readonly dy: number };
export type Row = readonly Item[];

/** Two kinds of rows that take turns, both repeating at the same pitch [mm]. A single kind is given twice. */
export type Pattern = {
  readonly turned: TurnedCutter;
  readonly rows: readonly [Row, Row];
  readonly pitch: number;
  /** Height of the half-turned piece within its row, where the row has both [mm]. */
  readonly inRow_mm: number | null;
};

const row = (facing: Facing): Row => [{ facing, dx: 0, dy: 0 }];

/** Rows of equal pieces, and rows that are half-turned every second time: what a hand lays. */
export function plainPatterns(turned: TurnedCutter): Pattern[] {
  const pitch = turned.near[0][0].rightAt(0);
  const alike: Pattern = { turned, rows: [row(0), row(0)], pitch, inRow_mm: null };
  return turned.halfTurnAlike ? [alike] : [alike, { ...alike, rows: [row(0), row(1)] }];
}

/** Heights, over and under the middle, at which a half-turned piece is tried beside the first, as a share of its reach [1]. Source: ours. */
const IN_ROW_REACH = 0.3;

/** Rows in which pieces lie half-turned by turns, at several heights. */
export function inRowPatterns(turned: TurnedCutter, heights: number): Pattern[] {
  const { bottom, top } = turned.near[0][1];
  const middle = (bottom + top) / 2;
  const reach = IN_ROW_REACH * (top - bottom);
  return Array.from({ length: heights }, (_, i) =>
    heights === 1 ? middle : middle - reach + (2 * reach * i) / (heights - 1),
  ).flatMap((dy) => inRowPattern(turned, dy) ?? []);
}

/** The row with a half-turned piece at one height; null where the two pass over each other. */
export function inRowPattern(turned: TurnedCutter, dy: number): Pattern | null {
  const dx = turned.near[0][1].rightAt(dy);
  const back = turned.near[1][0].rightAt(-dy);
  if (!(dx > 0 && back > 0)) return null;
  const both: Row = [
    { facing: 0, dx: 0, dy: 0 },
    { facing: 1, dx, dy },
  ];
  return { turned, rows: [both, both], pitch: Math.max(dx + back, turned.near[0][0].rightAt(0)), inRow_mm: dy };
}

/** How far up a row must go over another when it is shifted sideways: the highest contact of any two pieces [mm]. */
// oxlint-disable-next-line max-params -- older than the rule
export function rowStep(turned: TurnedCutter, lower: Row, upper: Row, shift: number, pitch: number): number {
  let most = -Infinity;
  for (let i = 0; i < lower.length; i++)
    for (let j = 0; j < upper.length; j++) {
      const [a, b] = [lower[i], upper[j]];
      const near = turned.near[a.facing][b.facing];
      const offset = shift + b.dx - a.dx;
      const lift = a.dy - b.dy;
      const to = Math.floor((near.reach - offset) / pitch);
      for (let k = Math.ceil((-near.reach - offset) / pitch); k <= to; k++) {
        const here = near.topAt(offset + k * pitch) + lift;
        if (here > most) most = here;
      }
    }
  return most;
}
