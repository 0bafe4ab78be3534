import { rowStep, type Pattern, type Row } from './row-pattern';
import type { TurnedCutter } from './turned-cutter';

/** The rectangle that rows are stacked in [mm]. */
export type Box = { readonly w: number; readonly h: number };

/** Rows of a pattern stacked in a box: everything needed to count and to draw them. */
export type Stack = {
  readonly pattern: Pattern;
  readonly pitch: number;
  /** Sideways place of the first row's origin, and shift of each next row [mm]. */
  readonly base: number;
  readonly shift: number;
  /** Rows drift on and on instead of shifting to and fro. */
  readonly drift: boolean;
  /** From an even row up to the odd one, and on to the next even one [mm]. */
  readonly steps: readonly [number, number];
  /** Height of the first row's origin [mm]. */
  readonly start: number;
  readonly count: number;
  /** Upper edge of the topmost row [mm]. */
  readonly used: number;
};

/** One piece of a stack: its outline's origin in the box [mm], and whether it is half-turned. */
export type Stacked = { readonly x: number; readonly y: number; readonly facing: 0 | 1; readonly row: number };

/** A row is not stretched further than this to fill the width [1]. */
const MOST_STRETCH = 1.35;
/** How many shifts are refined to the deepest nesting nearby. */
const NESTED = 2;
/** Share of the first step at which that refinement ends [1/...]. */
const FINEST = 200;
const EPS = 1e-9;

export const better = (a: Stack, b: Stack | null): boolean =>
  !b || a.count > b.count || (a.count === b.count && a.used < b.used - EPS);

/**
 * The stack of a pattern with most pieces in the box; ties go to the lower one.
 *
 * @param shiftsTried - sideways shifts within a pitch
 * @param atLeast - stacks that cannot have so many pieces are not looked at
 * @returns null when none has
 */
export function bestStack(pattern: Pattern, box: Box, shiftsTried: number, atLeast: number): Stack | null {
  const { turned, rows } = pattern;
  const [even, odd] = rows.map((row) => extentOf(turned, row));
  if (even.right - even.left > box.w + EPS && rows[0].length === 1) return null;
  if (even.top - even.bottom > box.h + EPS) return null;
  let best: Stack | null = null;
  for (const pitch of pitches(pattern, box)) {
    const bases = flush(turned, rows[0], pitch, box.w);
    const nextBases = flush(turned, rows[1], pitch, box.w);
    const perRow = mostInRow(pattern, pitch, box.w);
    for (const shift of shifts(pattern, pitch, shiftsTried, nextBases, bases[0]))
      for (const drift of [false, true]) {
        const steps = stepsOf(pattern, pitch, shift, drift);
        if (!steps) continue;
        const start = Math.max(-even.bottom, -odd.bottom - steps[0]);
        const rise = steps[0] + steps[1];
        const most = (top: number): number => Math.max(0, Math.floor((box.h - top - start) / rise + EPS) + 1) * perRow;
        if (most(even.top) + most(odd.top + steps[0]) < Math.max(atLeast, best?.count ?? 0)) continue;
        for (const base of bases.concat(nextBases.map((at) => at - shift))) {
          const stack = count({ pattern, pitch, base, shift, drift, steps, start, count: 0, used: 0 }, box, [even.top, odd.top]);
          if (better(stack, best)) best = stack;
        }
      }
  }
  return best;
}

/** Heights between rows, so that neither the next row nor the ones after it touch; null when rows would not rise. */
export function stepsOf({ turned, rows }: Pattern, pitch: number, shift: number, drift: boolean): [number, number] | null {
  const [even, odd] = rows;
  const back = drift ? shift : -shift;
  const first = rowStep(turned, even, odd, shift, pitch);
  let second = rowStep(turned, odd, even, back, pitch);
  // Deeply interlocking rows: those two and three apart must be clear of each other as well.
  const two = Math.max(
    rowStep(turned, even, even, drift ? 2 * shift : 0, pitch),
    odd === even ? -Infinity : rowStep(turned, odd, odd, drift ? 2 * shift : 0, pitch),
  );
  second += Math.max(0, two - first - second);
  const rise = first + second;
  if (!(rise > EPS)) return null;
  if (drift) {
    const three = Math.max(
      rowStep(turned, even, odd, 3 * shift, pitch) - rise - first,
      rowStep(turned, odd, even, 3 * shift, pitch) - rise - second,
    );
    if (three > EPS) second += three;
  }
  return [first, second];
}

/** No row of a pattern has more pieces, however it is shifted. */
const mostInRow = ({ turned: { bounds }, rows: [row] }: Pattern, pitch: number, w: number): number =>
  row.reduce((sum, { facing }) => sum + Math.floor((w - bounds[facing].right + bounds[facing].left) / pitch + EPS) + 1, 0);

type Extent = { readonly left: number; readonly right: number; readonly bottom: number; readonly top: number };

function extentOf({ bounds }: TurnedCutter, row: Row): Extent {
  return {
    left: Math.min(...row.map(({ facing, dx }) => dx + bounds[facing].left)),
    right: Math.max(...row.map(({ facing, dx }) => dx + bounds[facing].right)),
    bottom: Math.min(...row.map(({ facing, dy }) => dy + bounds[facing].bottom)),
    top: Math.max(...row.map(({ facing, dy }) => dy + bounds[facing].top)),
  };
}

/** The tight pitch, and that pitch stretched so that pieces fill the row, or leave room for half a pitch. */
function pitches({ turned: { bounds }, rows: [row], pitch: tight }: Pattern, box: Box): number[] {
  const wanted = [tight];
  const first = row[0];
  for (const last of row) {
    // From the first piece at the left edge to this one at the right edge.
    const room = box.w - (bounds[last.facing].right + last.dx) + (bounds[first.facing].left + first.dx);
    const whole = Math.floor(room / tight + EPS);
    wanted.push(room / whole);
    if (row.length === 1) wanted.push(room / (Math.floor(room / tight - 0.5 + EPS) + 0.5));
  }
  return wanted.filter((pitch) => pitch >= tight - EPS && pitch <= MOST_STRETCH * tight);
}

/** Origins of a row with one of its pieces at the left edge, and with one at the right edge. */
function flush({ bounds }: TurnedCutter, row: Row, pitch: number, w: number): number[] {
  return row.flatMap(({ facing, dx }) => {
    const left = -bounds[facing].left - dx;
    const slack = (w - bounds[facing].right + bounds[facing].left) % pitch;
    return [left, left + slack];
  });
}

/** Shifts worth trying: an even grid, the next row at either edge, and the places where two rows nest deepest. */
// oxlint-disable-next-line max-params -- older than the rule
function shifts({ turned, rows: [even, odd] }: Pattern, pitch: number, tried: number, flushed: number[], base: number): number[] {
  const grid = Array.from({ length: tried }, (_, i) => (i * pitch) / tried);
  const depth = (shift: number): number => rowStep(turned, even, odd, shift, pitch) + rowStep(turned, odd, even, -shift, pitch);
  const depths = grid.map(depth);
  const nested = grid
    .map((shift, i) => ({ shift, depth: depths[i] }))
    .sort((a, b) => a.depth - b.depth)
    .slice(0, NESTED);
  const atEdges = flushed.map((at) => (((at - base) % pitch) + pitch) % pitch);
  return [...grid, ...atEdges, ...nested.map((start) => deepest(depth, start, pitch / tried))];
}

/** Shrinks a step around a start until the deepest nesting nearby is found. */
function deepest(depth: (shift: number) => number, start: { shift: number; depth: number }, first: number): number {
  let { shift: best, depth: least } = start;
  for (let step = first / 2; step > first / FINEST; step /= 2)
    for (const shift of [best - step, best + step]) {
      const here = depth(shift);
      if (here >= least) continue;
      least = here;
      best = shift;
    }
  return best;
}

const offsetOf = ({ base, shift, drift }: Stack, row: number): number => base + (drift ? row : row % 2) * shift;

/** Height of a row's origin. */
const heightOf = ({ start, steps: [first, second] }: Stack, row: number): number =>
  start + Math.floor(row / 2) * (first + second) + (row % 2 === 0 ? 0 : first);

/** First and last whole pitch at which a piece of a row stays inside. */
// oxlint-disable-next-line max-params -- older than the rule
const span = (left: number, right: number, at: number, pitch: number, w: number): [number, number] => [
  Math.ceil((-left - at) / pitch - EPS),
  Math.floor((w - right - at) / pitch + EPS),
];

function count(stack: Stack, box: Box, tops: readonly [number, number]): Stack {
  const { pattern, pitch } = stack;
  const { bounds } = pattern.turned;
  let pieces = 0;
  let used = 0;
  // An odd row may end lower than the even one under it: both kinds are looked at before the stack ends.
  for (let row = 0, full = 0; full < 2; row++) {
    const top = heightOf(stack, row) + tops[row % 2];
    if (top > box.h + EPS) {
      full++;
      continue;
    }
    full = 0;
    used = Math.max(used, top);
    const offset = offsetOf(stack, row);
    for (const { facing, dx } of pattern.rows[row % 2]) {
      const [first, last] = span(bounds[facing].left, bounds[facing].right, offset + dx, pitch, box.w);
      if (last >= first) pieces += last - first + 1;
    }
  }
  return { ...stack, count: pieces, used };
}

/** The pieces of a stack, row after row from the bottom. */
export function piecesOf(stack: Stack, box: Box): Stacked[] {
  const { pattern, pitch } = stack;
  const { bounds } = pattern.turned;
  const pieces: Stacked[] = [];
  for (let row = 0, full = 0; full < 2; row++) {
    const extent = extentOf(pattern.turned, pattern.rows[row % 2]);
    const y = heightOf(stack, row);
    if (y + extent.top > box.h + EPS) {
      full++;
      continue;
    }
    full = 0;
    const offset = offsetOf(stack, row);
    for (const { facing, dx, dy } of pattern.rows[row % 2]) {
      const [first, last] = span(bounds[facing].left, bounds[facing].right, offset + dx, pitch, box.w);
      for (let k = first; k <= last; k++) pieces.push({ x: offset + dx + k * pitch, y: y + dy, facing, row });
    }
  }
  return pieces;
}
