import type { Cutter } from './cutter';
import { turnRing } from './geometry';
import { rasterLayout } from './raster';
import type { Layout, Placement } from './placement';
import { inRowPattern, inRowPatterns, plainPatterns, type Pattern } from './row-pattern';
import { bestStack, better, piecesOf, type Box, type Stack, type Stacked } from './stack-rows';
import { isRound, turnCutter, type TurnedCutter } from './turned-cutter';
import { runOut, seededRandom } from '../quantities';
import type { LayoutLevel } from './layout-level';

/** How far a search is, so that it can be shown and stopped. */
export type LayoutProgress = { readonly done: number; readonly of: number };

/** One thing tried: the cutter's angle, rows along the other side or not, and the kind of row. */
type Found = { readonly stack: Stack; readonly swapped: boolean };

const quarters = (step_deg: number): number[] => Array.from({ length: 180 / step_deg }, (_, i) => i * step_deg);
const ANGLES = { hand: [0, 90], tighter: quarters(22.5), tightest: quarters(7.5), raster: quarters(45) };
const IN_ROW_HEIGHTS = { hand: 0, tighter: 3, tightest: 5 };
/** Sideways shifts tried within a pitch; more of them where a find is refined, fewer in a narrow strip. */
const SHIFTS = 12;
const SHIFTS_REFINED = 24;
const SHIFTS_IN_STRIP = 6;

/** Random refinement: how many finds it starts from, how many tries, and its first and last reach [degrees]. */
const REFINED = { from: 30, tries: 220, widest_deg: 7.5, narrowest_deg: 0.2 };
/** A find with so many pieces less than the best may still win once refined or with its strip filled. */
const WORTH_REFINING = 4;
/** Left-over strip: finds looked at, alike ones among them, and rows taken off their top. */
const STRIP = { from: 24, alike: 2, rows: 3 };
/** Pieces up to which the raster is tried as well: it only beats rows on small sheets. */
const RASTER_UP_TO = 25;
const SEED = 7;

/** Lays a cutter on a rectangle; the same input gives the same drawing. `width_mm` and `height_mm` exclude the ragged edge. */
// oxlint-disable-next-line max-params -- older than the rule
export function layOut(cutter: Cutter, width_mm: number, height_mm: number, gap_mm: number, level: LayoutLevel): Layout {
  return runOut(layOutInSteps(cutter, width_mm, height_mm, gap_mm, level));
}

/** The same in small steps: yields how far it is, returns the layout. Each step takes some milliseconds. */
// oxlint-disable-next-line max-params -- older than the rule
export function* layOutInSteps(
  cutter: Cutter,
  width_mm: number,
  height_mm: number,
  gap_mm: number,
  level: LayoutLevel,
): Generator<LayoutProgress, Layout> {
  if (!(width_mm > 0 && height_mm > 0)) return { count: 0, placements: [] };
  const search = new Search(cutter, width_mm, height_mm, gap_mm);
  const angles = distinctAngles(cutter, ANGLES[level]);
  const of = angles.length + (level === 'tightest' ? REFINED.tries / 10 + STRIP.from + 1 : 0);
  let done = 0;
  for (const angle of angles) {
    search.tryAngle(angle, IN_ROW_HEIGHTS[level], SHIFTS, level === 'tightest' ? WORTH_REFINING : 0);
    yield { done: ++done, of };
  }
  if (level !== 'tightest') return search.layout();
  const random = seededRandom(SEED);
  for (let tried = 0; tried < REFINED.tries; tried += 10) {
    search.refine(random, tried);
    yield { done: ++done, of };
  }
  let best = search.layout();
  for (const found of search.different()) {
    const filled = search.withStrip(found);
    if (filled.count > best.count) best = filled;
    yield { done: ++done, of };
  }
  if (best.count > 0 && best.count <= RASTER_UP_TO) {
    const raster = rasterLayout(cutter, { kind: 'rectangle', width_mm, height_mm }, gap_mm, ANGLES.raster);
    if (raster.count > best.count) best = raster;
  }
  return best;
}

/** Angles that do not merely repeat another's layout by a mirror line or half a turn of the outline. */
function distinctAngles(cutter: Cutter, angles: readonly number[]): number[] {
  if (isRound(cutter)) return [0];
  const seen = new Set<string>();
  return angles.filter((angle) => {
    const ring = turnRing(cutter.ring, angle);
    const looks = [ring, ring.map(([x, y]) => [-x, y] as const), ring.map(([x, y]) => [x, -y] as const)].map((one) =>
      one
        .map(([x, y]) => `${(Math.round(x * 50) / 50).toFixed(2)} ${(Math.round(y * 50) / 50).toFixed(2)}`)
        .sort()
        .join(),
    );
    if (looks.some((look) => seen.has(look))) return false;
    seen.add(looks[0]);
    return true;
  });
}

/** One sheet being laid, with everything found so far. */
class Search {
  private best: Found | null = null;
  private readonly found: Found[] = [];
  private ranked: Found[] | null = null;

  constructor(
    private readonly cutter: Cutter,
    private readonly width: number,
    private readonly height: number,
    private readonly gap: number,
  ) {}

  private boxOf(swapped: boolean): Box {
    return swapped ? { w: this.height, h: this.width } : { w: this.width, h: this.height };
  }

  /** Every kind of row at one angle, along either side. Rows along the other side are rows on the turned sheet. */
  tryAngle(angle_deg: number, inRowHeights: number, shifts: number, behind = 0): void {
    const turned = turnCutter(this.cutter, this.gap, angle_deg);
    const patterns = [...plainPatterns(turned), ...(inRowHeights > 0 ? inRowPatterns(turned, inRowHeights) : [])];
    for (const swapped of [false, true]) for (const pattern of patterns) this.tryPattern(pattern, swapped, shifts, behind);
  }

  /** `behind`: how many pieces less than the best are still of interest. */
  private tryPattern(pattern: Pattern, swapped: boolean, shifts: number, behind: number): void {
    const stack = bestStack(pattern, this.boxOf(swapped), shifts, (this.best?.stack.count ?? 0) - behind);
    if (!stack) return;
    const found = { stack, swapped };
    this.found.push(found);
    if (better(stack, this.best?.stack ?? null)) this.best = found;
  }

  /** Ten random changes of the best finds: a little more angle, a little more height, narrower as the tries go on. */
  refine(random: () => number, tried: number): void {
    this.ranked ??= this.promising();
    if (this.ranked.length === 0) return;
    const share = tried / REFINED.tries;
    const reach = REFINED.widest_deg * (REFINED.narrowest_deg / REFINED.widest_deg) ** share;
    for (let i = 0; i < 10; i++) {
      const pool = [...(this.best ? [this.best] : []), ...this.ranked];
      const { stack, swapped } = pool[Math.floor(random() * pool.length)];
      const { turned, inRow_mm } = stack.pattern;
      const angle = isRound(this.cutter) ? 0 : turned.angle_deg + reach * (2 * random() - 1);
      const next = turnCutter(this.cutter, this.gap, angle);
      if (inRow_mm === null) {
        for (const pattern of plainPatterns(next)) this.tryPattern(pattern, swapped, SHIFTS_REFINED, 0);
        continue;
      }
      const height = turned.near[0][1].top - turned.near[0][1].bottom;
      const pattern = inRowPattern(next, inRow_mm + (reach / REFINED.widest_deg) * 0.15 * height * (2 * random() - 1));
      if (pattern) this.tryPattern(pattern, swapped, SHIFTS_REFINED, 0);
    }
  }

  /** The finds with most pieces, and those that pack densest whatever the border does. */
  private promising(): Found[] {
    const dense = ({ stack: { pattern, pitch, steps } }: Found): number =>
      (2 * pattern.rows[0].length) / (pitch * (steps[0] + steps[1]));
    const half = REFINED.from / 2;
    const byCount = [...this.found].sort((a, b) => b.stack.count - a.stack.count).slice(0, half);
    const byDensity = [...this.found].sort((a, b) => dense(b) - dense(a)).slice(0, half);
    return [...new Set([...byCount, ...byDensity])];
  }

  /** Good finds that differ: few of one kind, direction and angle. */
  different(): Found[] {
    const alike = new Map<string, number>();
    return [...this.found]
      .sort((a, b) => b.stack.count - a.stack.count || a.stack.used - b.stack.used)
      .filter(({ stack: { pattern, drift }, swapped }) => {
        const angle = Math.floor(pattern.turned.angle_deg / 15);
        const key = [pattern.rows[0].length, pattern.rows[0] === pattern.rows[1], drift, angle, swapped].join();
        const known = alike.get(key) ?? 0;
        alike.set(key, known + 1);
        return known < STRIP.alike;
      })
      .slice(0, STRIP.from);
  }

  /** The find with its top rows taken off, when pieces turned another way fill the strip better. */
  withStrip(found: Found): Layout {
    const { stack, swapped } = found;
    const box = this.boxOf(swapped);
    const pieces = piecesOf(stack, box);
    const rows = Math.max(...pieces.map(({ row }) => row));
    let best = this.layout(found);
    for (let dropped = 0; dropped <= Math.min(rows, STRIP.rows); dropped++) {
      const kept = pieces.filter(({ row }) => row <= rows - dropped);
      if (kept.length === 0) break;
      const { bounds, angle_deg } = stack.pattern.turned;
      const from = Math.max(...kept.map(({ y, facing }) => y + bounds[facing].top)) + this.gap;
      const strip = new Search(this.cutter, box.w, box.h - from, this.gap);
      if (!(box.h - from > 0)) continue;
      for (const angle of distinctAngles(this.cutter, [...new Set([angle_deg, 0, 90])]))
        strip.tryAngle(angle, 1, SHIFTS_IN_STRIP);
      const more = strip.layout();
      if (kept.length + more.count <= best.count) continue;
      const above = more.placements.map((at) => ({ ...at, y_mm: at.y_mm + from }));
      best = this.turnBack([...kept.map((piece) => placementOf(piece, stack.pattern.turned)), ...above], swapped);
    }
    return best;
  }

  layout(found = this.best): Layout {
    if (!found) return { count: 0, placements: [] };
    const { stack, swapped } = found;
    const pieces = piecesOf(stack, this.boxOf(swapped));
    return this.turnBack(
      pieces.map((piece) => placementOf(piece, stack.pattern.turned)),
      swapped,
    );
  }

  /** A layout on the turned sheet, turned back by a quarter; never mirrored. */
  private turnBack(placements: readonly Placement[], swapped: boolean): Layout {
    const placed = swapped
      ? placements.map(({ x_mm, y_mm, turn_deg }) => ({ x_mm: this.width - y_mm, y_mm: x_mm, turn_deg: (turn_deg + 90) % 360 }))
      : placements;
    return { count: placed.length, placements: placed };
  }
}

const placementOf = ({ x, y, facing }: Stacked, { angle_deg }: TurnedCutter): Placement => ({
  x_mm: x,
  y_mm: y,
  turn_deg: (angle_deg + 180 * facing + 360) % 360,
});
