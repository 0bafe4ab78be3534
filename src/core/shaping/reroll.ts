import type { Cutter } from './cutter';
import { layOut, type Layout, type LayoutLevel } from './lay-out';

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
};

/** One rolling: the sheet, in how many portions, and what was cut from it. */
export type Roll = {
  readonly width_mm: number;
  readonly length_mm: number;
  readonly sheets: number;
  readonly pieces: number;
  /** Layout on one sheet of this roll. */
  readonly layout: Layout;
  /** Share of the rolled dough that became pieces [0..1]. */
  readonly efficiency: number;
};

export type RollOutYield = {
  readonly rolls: readonly Roll[];
  /** Cut from all rolls, and pressed by hand from the last scraps. */
  readonly cut: number;
  readonly pressed: number;
  readonly piece_g: number;
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
 * dough + flour - loss = (cut + pressed) * piece + scrap, always.
 */
export function rollAndCut(plan: RollOut): RollOutYield {
  const piece_g = (plan.cutter.area_mm2 * plan.thickness_mm * plan.dough_g_per_ml) / 1000;
  const rolls: Roll[] = [];
  let left_g = plan.dough_g;
  let flour_g = 0;
  let loss_g = 0;
  for (let roll = 0; roll <= MOST_REROLLS && left_g >= piece_g; roll++) {
    if (roll > 0) {
      const lost = left_g * LOSS_SHARE;
      const taken = left_g * FLOUR_SHARE;
      left_g += taken - lost;
      flour_g += taken;
      loss_g += lost;
    }
    const rolled = rollOnce(plan, left_g, piece_g);
    if (rolled.pieces === 0) break;
    rolls.push(rolled);
    left_g -= rolled.pieces * piece_g;
  }
  const pressed = Math.floor(left_g / piece_g + 1e-9);
  return {
    rolls,
    cut: rolls.reduce((sum, { pieces }) => sum + pieces, 0),
    pressed,
    piece_g,
    scrap_g: left_g - pressed * piece_g,
    flour_g,
    loss_g,
  };
}

function rollOnce(plan: RollOut, dough_g: number, piece_g: number): Roll {
  const sheetArea_mm2 = ((dough_g / plan.dough_g_per_ml) * 1000) / plan.thickness_mm;
  let width_mm = Math.min(plan.sheetWidth_mm, Math.sqrt(sheetArea_mm2 / ASPECT));
  let length_mm = sheetArea_mm2 / width_mm;
  let sheets = 1;
  if (length_mm > plan.sheetLength_mm) {
    width_mm = plan.sheetWidth_mm;
    sheets = Math.ceil(sheetArea_mm2 / width_mm / plan.sheetLength_mm);
    length_mm = sheetArea_mm2 / width_mm / sheets;
  }
  const layout = layOut(
    plan.cutter,
    width_mm - 2 * plan.edge_mm,
    length_mm - 2 * plan.edge_mm,
    plan.gap_mm,
    plan.level ?? 'hand',
  );
  const pieces = Math.min(sheets * layout.count, Math.floor(dough_g / piece_g + 1e-9));
  return { width_mm, length_mm, sheets, pieces, layout, efficiency: (pieces * piece_g) / dough_g };
}
