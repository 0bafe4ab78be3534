import { runOut } from '../quantities';
import type { Cutter } from './cutter';
import { layOutInSteps, type LayoutProgress } from './lay-out';
import type { LayoutLevel } from './layout-level';
import type { Layout, Placement } from './placement';
import { fillGround } from './raster';

/** How the dough is rolled out and cut. */
export type RollOut = {
  readonly dough_g: number;
  readonly dough_g_per_ml: number;
  readonly thickness_mm: number;
  readonly cutter: Cutter;
  readonly gap_mm: number;
  /** Ragged edge lost on each side of the sheet. */
  readonly edge_mm: number;
  readonly sheetWidth_mm: number;
  readonly sheetLength_mm: number;
  /** How the first roll is laid; re-rolls are laid by hand. */
  readonly level?: LayoutLevel;
  /** Width that the first roll is rolled to; else it comes off the pin in its own proportion. */
  readonly rollWidth_mm?: number | undefined;
  /** A smaller cutter for what the first roll leaves between its pieces. */
  readonly mini?: Cutter | undefined;
  readonly mostRerolls?: number;
  /** The last scraps are pressed into pieces; else they stay scraps. */
  readonly press?: boolean;
};

/** One rolling: the sheet, in how many portions, and what was cut from it. */
export type Roll = {
  readonly width_mm: number;
  readonly length_mm: number;
  readonly sheets: number;
  readonly pieces: number;
  /** Layout on one sheet of this roll. */
  readonly layout: Layout;
  /** Mini cut-outs of all sheets, and where they lie on one. */
  readonly minis: number;
  readonly minisPlaced: readonly Placement[];
  /** Share of the rolled dough that became pieces [0..1]. */
  readonly efficiency: number;
};

export type RollOutYield = {
  readonly rolls: readonly Roll[];
  /** Cut from all rolls, and pressed by hand from the last scraps. */
  readonly cut: number;
  readonly pressed: number;
  readonly piece_g: number;
  readonly minis: number;
  readonly mini_g: number;
  readonly scrap_g: number;
  /** Bench flour taken up and dough lost on the board and pin. */
  readonly flour_g: number;
  readonly loss_g: number;
};

/** Sheet proportion that comes off a pin by itself, length over width [1]. Source: ours. */
const ASPECT = 1.4;
const MOST_REROLLS = 4;
/** Per re-roll: dough that stays on board and pin, and bench flour taken up [share of the dough]. Source: ours. */
const LOSS_SHARE = 0.02;
const FLOUR_SHARE = 0.015;

/**
 * Rolls out, cuts, gathers the scraps and rolls again until a piece no longer fits; the last scraps are pressed by hand.
 * dough + flour - loss = (cut + pressed) * piece + minis * mini + scrap, always.
 */
export function rollAndCut(plan: RollOut): RollOutYield {
  return runOut(rollAndCutInSteps(plan));
}

/** The same in small steps: yields how far the first roll's layout is. */
export function* rollAndCutInSteps(plan: RollOut): Generator<LayoutProgress, RollOutYield> {
  const piece_g = massOf(plan.cutter, plan);
  const mini_g = plan.mini ? massOf(plan.mini, plan) : 0;
  const rolls: Roll[] = [];
  let left_g = plan.dough_g;
  let flour_g = 0;
  let loss_g = 0;
  for (let roll = 0; roll <= (plan.mostRerolls ?? MOST_REROLLS) && left_g >= piece_g; roll++) {
    if (roll > 0) {
      const lost = left_g * LOSS_SHARE;
      const taken = left_g * FLOUR_SHARE;
      left_g += taken - lost;
      flour_g += taken;
      loss_g += lost;
    }
    // Scraps are laid by hand, at once: only the first roll has anything to wait for.
    const rolled =
      roll === 0
        ? yield* rollOnce(plan, left_g)
        : runOut(rollOnce({ ...plan, level: 'hand', rollWidth_mm: undefined, mini: undefined }, left_g));
    if (rolled.pieces === 0) break;
    rolls.push(rolled);
    left_g -= rolled.pieces * piece_g + rolled.minis * mini_g;
  }
  const pressed = (plan.press ?? true) ? Math.floor(left_g / piece_g + ALMOST) : 0;
  const sum = (of: (roll: Roll) => number): number => rolls.reduce((all, roll) => all + of(roll), 0);
  return {
    rolls,
    cut: sum(({ pieces }) => pieces),
    pressed,
    piece_g,
    minis: sum(({ minis }) => minis),
    mini_g,
    scrap_g: left_g - pressed * piece_g,
    flour_g,
    loss_g,
  };
}

/** Whole counts are not lost to the last bit of a float [pieces]. */
const ALMOST = 1e-9;

const massOf = ({ area_mm2 }: Cutter, { thickness_mm, dough_g_per_ml }: RollOut): number =>
  (area_mm2 * thickness_mm * dough_g_per_ml) / 1000;

function* rollOnce(plan: RollOut, dough_g: number): Generator<LayoutProgress, Roll> {
  const piece_g = massOf(plan.cutter, plan);
  const sheet = sheetOf(plan, dough_g);
  const [free_w, free_l] = [sheet.width_mm - 2 * plan.edge_mm, sheet.length_mm - 2 * plan.edge_mm];
  const layout = yield* layOutInSteps(plan.cutter, free_w, free_l, plan.gap_mm, plan.level ?? 'hand');
  const pieces = Math.min(sheet.sheets * layout.count, Math.floor(dough_g / piece_g + ALMOST));
  const minisPlaced = plan.mini ? minisOn(plan, plan.mini, layout, free_w, free_l) : [];
  const most = plan.mini ? Math.floor((dough_g - pieces * piece_g) / massOf(plan.mini, plan) + ALMOST) : 0;
  return {
    ...sheet,
    pieces,
    layout,
    minis: Math.min(sheet.sheets * minisPlaced.length, most),
    minisPlaced,
    efficiency: (pieces * piece_g) / dough_g,
  };
}

/** Angles that a mini cutter is tried at between the pieces [degrees]. */
const MINI_ANGLES = [0, 45, 90, 135];

// oxlint-disable-next-line max-params -- older than the rule
function minisOn(plan: RollOut, mini: Cutter, layout: Layout, width_mm: number, height_mm: number): Placement[] {
  if (!(width_mm > 0 && height_mm > 0)) return [];
  const standing = layout.placements.map((at) => ({ cutter: plan.cutter, at }));
  const angles = mini.outline === 'circle' ? [0] : MINI_ANGLES;
  return fillGround({ kind: 'rectangle', width_mm, height_mm }, [{ cutter: mini, angles }], plan.gap_mm, standing).map(
    ({ at }) => at,
  );
}

/** The sheet that an amount of dough is rolled to, in portions where the board is too short. */
function sheetOf(plan: RollOut, dough_g: number): Pick<Roll, 'width_mm' | 'length_mm' | 'sheets'> {
  const area_mm2 = ((dough_g / plan.dough_g_per_ml) * 1000) / plan.thickness_mm;
  const width_mm = Math.min(plan.sheetWidth_mm, plan.rollWidth_mm ?? Math.sqrt(area_mm2 / ASPECT));
  const length_mm = area_mm2 / width_mm;
  if (length_mm <= plan.sheetLength_mm) return { width_mm, length_mm, sheets: 1 };
  const widest_mm = plan.rollWidth_mm ? width_mm : plan.sheetWidth_mm;
  const sheets = Math.ceil(area_mm2 / widest_mm / plan.sheetLength_mm);
  return { width_mm: widest_mm, length_mm: area_mm2 / widest_mm / sheets, sheets };
}
