import { fail, succeed, at, type Result } from '../failure';
import {
  layOut,
  makeCutter,
  rollAndCut,
  scoreSlab,
  type Cutter,
  type Layout,
  type RollOutYield,
  type SlabYield,
} from '../shaping';
import type { Assumptions } from './defaults';
import type { RollAndCut, ScoreSlab, Shape } from './document';

/** A shape with every default filled in, ready to be asked what a mass of dough gives. */
export type ShapePlan =
  | {
      readonly method: 'roll-and-cut';
      readonly thickness_mm: number;
      readonly cutter: Cutter;
      readonly gap_mm: number;
      readonly edge_mm: number;
      readonly sheetWidth_mm: number;
      readonly sheetLength_mm: number;
      readonly trayWidth_mm: number;
      readonly trayDepth_mm: number;
      readonly trayGap_mm: number;
    }
  | {
      readonly method: 'score-slab';
      readonly thickness_mm: number;
      readonly pieceWidth_mm: number;
      readonly pieceLength_mm: number;
      readonly panWidth_mm: number;
      readonly panDepth_mm: number;
      readonly trim_mm: number;
    };

/** What comes out of an amount of dough. */
export type ShapeYield = {
  readonly pieces: number;
  readonly piece_g: number;
  readonly trays: number;
  readonly perTray: number;
  readonly rerolls: number;
  readonly scrap_g: number;
  /** Pieces pressed by hand from the last scraps: the first to be missing. */
  readonly pressed: number;
  /** Sides of a piece, longer first. */
  readonly sides_mm: readonly [number, number];
  /** Plan area of one piece. */
  readonly area_mm2: number;
  readonly rollOut: RollOutYield | null;
  /** Where cut pieces lie on one tray. */
  readonly onTray: Layout | null;
  readonly slab: SlabYield | null;
};

/** Free margin along a tray's rim [mm]. Source: ours. */
export const TRAY_MARGIN_MM = 10;

/** Fills in what a shape leaves open. */
export function planShape(shape: Shape, assumed: Assumptions): Result<ShapePlan> {
  return shape.method === 'roll-and-cut' ? planRollAndCut(shape, assumed) : succeed(planSlab(shape, assumed));
}

function planRollAndCut(shape: RollAndCut, assumed: Assumptions): Result<ShapePlan> {
  const outline = assumed.or(shape.cutter?.outline, 'shape.cutter.outline', 'circle');
  const length_mm = assumed.or(shape.cutter?.length_mm, 'shape.cutter.length_mm', 50);
  const cutter = makeCutter(outline, length_mm, shape.cutter?.width_mm);
  if (!cutter.ok) return at(cutter, 'shape');
  if (shape.cutter?.width_mm === undefined) assumed.note(`shape.cutter.width_mm = ${cutter.value.width_mm.toFixed(1)}`);
  return succeed({
    method: shape.method,
    thickness_mm: assumed.or(shape.thickness_mm, 'shape.thickness_mm', 6),
    cutter: cutter.value,
    gap_mm: assumed.or(shape.gap_mm, 'shape.gap_mm', 4.5),
    edge_mm: assumed.or(shape.edge_mm, 'shape.edge_mm', 8),
    sheetWidth_mm: assumed.or(shape.sheet_width_mm, 'shape.sheet_width_mm', 380),
    sheetLength_mm: assumed.or(shape.sheet_length_mm, 'shape.sheet_length_mm', 520),
    trayWidth_mm: assumed.or(shape.tray?.width_mm, 'shape.tray.width_mm', 400),
    trayDepth_mm: assumed.or(shape.tray?.depth_mm, 'shape.tray.depth_mm', 300),
    trayGap_mm: assumed.or(shape.tray_gap_mm, 'shape.tray_gap_mm', 5),
  });
}

function planSlab(shape: ScoreSlab, assumed: Assumptions): ShapePlan {
  return {
    method: shape.method,
    thickness_mm: assumed.or(shape.thickness_mm, 'shape.thickness_mm', 8),
    pieceWidth_mm: assumed.or(shape.piece_width_mm, 'shape.piece_width_mm', 25),
    pieceLength_mm: assumed.or(shape.piece_length_mm, 'shape.piece_length_mm', 25),
    panWidth_mm: assumed.or(shape.pan?.width_mm, 'shape.pan.width_mm', 330),
    panDepth_mm: assumed.or(shape.pan?.depth_mm, 'shape.pan.depth_mm', 230),
    trim_mm: assumed.or(shape.trim_mm, 'shape.trim_mm', 0),
  };
}

/** Pieces, trays and scraps from a mass of dough. */
export function yieldOf(plan: ShapePlan, dough_g: number, dough_g_per_ml: number): Result<ShapeYield> {
  const key = JSON.stringify([plan, dough_g, dough_g_per_ml]);
  const known = recent.get(key);
  if (known) return known;
  const made =
    plan.method === 'roll-and-cut' ? cutYield(plan, dough_g, dough_g_per_ml) : slabYield(plan, dough_g, dough_g_per_ml);
  if (recent.size >= KEPT) recent.delete(recent.keys().next().value ?? '');
  recent.set(key, made);
  return made;
}

/** The last few answers: dragging the oven's programme asks for the same layout on every frame. */
const recent = new Map<string, Result<ShapeYield>>();
const KEPT = 32;

/** Pieces of a cutter on one tray, in rows. */
const trayLayout = (plan: Extract<ShapePlan, { method: 'roll-and-cut' }>): Layout =>
  layOut(plan.cutter, plan.trayWidth_mm - 2 * TRAY_MARGIN_MM, plan.trayDepth_mm - 2 * TRAY_MARGIN_MM, plan.trayGap_mm, 'hand');

function cutYield(
  plan: Extract<ShapePlan, { method: 'roll-and-cut' }>,
  dough_g: number,
  dough_g_per_ml: number,
): Result<ShapeYield> {
  const { cutter } = plan;
  const rollOut = rollAndCut({ ...plan, dough_g, dough_g_per_ml });
  const onTray = trayLayout(plan);
  const perTray = onTray.count;
  if (perTray === 0)
    return fail(
      'PIECE_DOES_NOT_FIT',
      'The cutter is larger than the tray. Choose a smaller cutter or a larger tray.',
      'shape.tray',
    );
  const pieces = rollOut.cut + rollOut.pressed;
  if (pieces === 0)
    return fail(
      'NOTHING_TO_BAKE',
      `${Math.round(dough_g)} g of dough is less than one piece of ${rollOut.piece_g.toFixed(1)} g. Make more dough, or a thinner or smaller piece.`,
      'scale',
    );
  return succeed({
    pieces,
    piece_g: rollOut.piece_g,
    pressed: rollOut.pressed,
    trays: Math.ceil(pieces / perTray),
    perTray,
    rerolls: Math.max(0, rollOut.rolls.length - 1),
    scrap_g: rollOut.scrap_g,
    sides_mm: [Math.max(cutter.length_mm, cutter.width_mm), Math.min(cutter.length_mm, cutter.width_mm)],
    area_mm2: cutter.area_mm2,
    rollOut,
    onTray,
    slab: null,
  });
}

function slabYield(
  plan: Extract<ShapePlan, { method: 'score-slab' }>,
  dough_g: number,
  dough_g_per_ml: number,
): Result<ShapeYield> {
  const slab = scoreSlab({ ...plan, dough_g, dough_g_per_ml });
  if (!slab.ok) return at(slab, 'shape');
  const { pieces, piece_g, pans, columns, rows, scrap_g, realWidth_mm, realLength_mm } = slab.value;
  return succeed({
    pieces,
    piece_g,
    pressed: 0,
    trays: pans,
    perTray: columns * rows,
    rerolls: 0,
    scrap_g,
    sides_mm: [Math.max(realWidth_mm, realLength_mm), Math.min(realWidth_mm, realLength_mm)],
    area_mm2: realWidth_mm * realLength_mm,
    rollOut: null,
    onTray: null,
    slab: slab.value,
  });
}
