import { rowEnvelopes, type Cutter, type RowEnvelopes } from './cutter';
import type { Envelope } from './envelope';

/** Where one cut-out lies: middle of its box [mm], turn in degrees counter-clockwise. */
export type Placement = { readonly x_mm: number; readonly y_mm: number; readonly turn_deg: number };

/** Rows of cut-outs on a rectangle, as a hand lays them: cutter straight or sideways, rows shifted or turned. */
export type Layout = { readonly count: number; readonly placements: readonly Placement[] };

/** One stack of equal rows: everything needed to count and to draw it. */
type Stack = {
  readonly pitch: number;
  readonly offsets: (row: number) => number;
  readonly heights: readonly [number, number];
  readonly alternate: boolean;
};
type Box = { readonly w: number; readonly h: number };
type Orientation = { readonly quarters: number; readonly swapped: boolean };
type Scored = { count: number; used: number; stack: Stack | null };

/** Sideways shifts tried within one pitch. */
const SHIFTS = 12;
/** How many of them are refined to the deepest nesting nearby. */
const NESTED = 3;
/** A row is not stretched further than this to fill the width [1]. */
const MOST_STRETCH = 1.35;
const EPS = 1e-9;

/**
 * Lays a cutter on a rectangle in straight rows a person can follow: the cutter as it lies or turned by a
 * quarter, every row alike or every second one turned round, rows shifted by the best amount.
 *
 * @param width_mm, height_mm - free rectangle, ragged edge already taken off
 * @returns the layout with most pieces; ties go to the lower one
 */
export function handRows(cutter: Cutter, width_mm: number, height_mm: number, gap_mm: number): Layout {
  let best: Scored = { count: 0, used: Infinity, stack: null };
  let how: Orientation = { quarters: 0, swapped: false };
  // Rows along the other side are rows on the turned sheet with the cutter turned too.
  for (const swapped of [false, true])
    for (const quarters of [0, 1]) {
      const envelopes = rowEnvelopes(cutter, gap_mm, quarters);
      const box = swapped ? { w: height_mm, h: width_mm } : { w: width_mm, h: height_mm };
      for (const alternate of [false, true]) {
        const found = bestStack(envelopes, boxOf(cutter, quarters), box, alternate, best);
        if (found === best) continue;
        best = found;
        how = { quarters, swapped };
      }
    }
  return { count: best.count, placements: best.stack ? place(best.stack, cutter, how, width_mm, height_mm) : [] };
}

/** Best stack of rows of one kind; returns `sofar` itself when nothing beats it. */
function bestStack(envelopes: RowEnvelopes, piece: Box, box: Box, alternate: boolean, sofar: Scored): Scored {
  if (piece.w > box.w + EPS || piece.h > box.h + EPS) return sofar;
  let best = sofar;
  const up = alternate ? envelopes.turned : envelopes.same;
  const back = alternate ? envelopes.back : envelopes.same;
  for (const pitch of pitches(envelopes.same.rightAtZero, box.w - piece.w)) {
    const slack = (box.w - piece.w) % pitch;
    for (const shift of shiftsWithin(pitch, slack, up, back))
      for (const brick of [true, false]) {
        const first = rowStep(up, shift, pitch);
        let second = rowStep(back, brick ? -shift : shift, pitch);
        // Deeply interlocking rows: the rows two apart must be clear of each other as well.
        const need = rowStep(envelopes.same, brick ? 0 : 2 * shift, pitch);
        if (first + second < need) second += need - first - second;
        if (!(first > EPS && first + second > EPS)) continue;
        for (const base of new Set([0, slack, pitch - shift])) {
          const offsets = brick
            ? (row: number): number => base + (row % 2 === 0 ? 0 : shift)
            : (row: number): number => base + row * shift;
          const stack: Stack = { pitch, offsets, heights: [first, second], alternate };
          const scored = countStack(stack, piece, box);
          if (scored.count > best.count || (scored.count === best.count && scored.used < best.used - EPS)) best = scored;
        }
      }
  }
  return best;
}

/** Shifts worth trying: an even grid, all the slack of the row, and the places where two rows nest deepest. */
function shiftsWithin(pitch: number, slack: number, up: Envelope, back: Envelope): number[] {
  const even = Array.from({ length: SHIFTS }, (_, i) => (i * pitch) / SHIFTS);
  const depth = (shift: number): number => rowStep(up, shift, pitch) + rowStep(back, -shift, pitch);
  const nested = [...even].sort((a, b) => depth(a) - depth(b)).slice(0, NESTED);
  return [...even, slack, ...nested.map((start) => deepest(depth, start, pitch / SHIFTS))];
}

/** Shrinks a step around a start until the deepest nesting nearby is found. */
function deepest(depth: (shift: number) => number, start: number, first: number): number {
  let best = start;
  let least = depth(start);
  for (let step = first / 2; step > first / 500; step /= 2)
    for (const shift of [best - step, best + step]) {
      const here = depth(shift);
      if (here >= least) continue;
      least = here;
      best = shift;
    }
  return best;
}

/** The tight pitch, and that pitch stretched so that n or n and a half pieces fill the row. */
function pitches(tight: number, room: number): number[] {
  const whole = Math.floor(room / tight + EPS);
  const half = Math.floor(room / tight - 0.5 + EPS) + 0.5;
  return [tight, room / whole, room / half].filter((pitch) => pitch >= tight - EPS && pitch <= MOST_STRETCH * tight);
}

/** How far up the next row must go when it is shifted sideways: the highest contact with any piece of this row. */
function rowStep(envelope: Envelope, shift: number, pitch: number): number {
  let most = -Infinity;
  const from = Math.ceil((-envelope.reach - shift) / pitch);
  const to = Math.floor((envelope.reach - shift) / pitch);
  for (let k = from; k <= to; k++) most = Math.max(most, envelope.topAt(shift + k * pitch));
  return most;
}

/** First piece of a row that is not over the left edge [mm from the piece's own left-most place]. */
const firstIn = (offset: number, pitch: number): number => {
  const start = offset - Math.floor(offset / pitch) * pitch;
  return start >= pitch - EPS ? 0 : start;
};

function countStack(stack: Stack, piece: Box, box: Box): Scored {
  let count = 0;
  let y = 0;
  for (let row = 0; y + piece.h <= box.h + EPS; row++) {
    count += Math.max(0, Math.floor((box.w - piece.w - firstIn(stack.offsets(row), stack.pitch)) / stack.pitch + EPS) + 1);
    y += stack.heights[row % 2];
  }
  return { count, used: y, stack };
}

/** Box of the cutter after quarter turns. */
const boxOf = ({ length_mm, width_mm }: Cutter, quarters: number): Box =>
  quarters % 2 === 0 ? { w: length_mm, h: width_mm } : { w: width_mm, h: length_mm };

function place(stack: Stack, cutter: Cutter, how: Orientation, width_mm: number, height_mm: number): Placement[] {
  const piece = boxOf(cutter, how.quarters);
  const box = how.swapped ? { w: height_mm, h: width_mm } : { w: width_mm, h: height_mm };
  const placements: Placement[] = [];
  let y = piece.h / 2;
  for (let row = 0; y + piece.h / 2 <= box.h + EPS; row++) {
    const turn = how.quarters * 90 + (stack.alternate && row % 2 === 1 ? 180 : 0);
    for (let x = firstIn(stack.offsets(row), stack.pitch) + piece.w / 2; x + piece.w / 2 <= box.w + 1e-6; x += stack.pitch)
      placements.push(
        how.swapped ? { x_mm: width_mm - y, y_mm: x, turn_deg: (turn + 90) % 360 } : { x_mm: x, y_mm: y, turn_deg: turn },
      );
    y += stack.heights[row % 2];
  }
  return placements;
}
