import { at, succeed, type Result } from '../failure';
import { leftOverUses, scoreSlab } from '../shaping';
import type { Assumptions, ScoreSlab } from '../document';
import { PLAIN, type ShapeYield } from './shape-yield';

export type SlabShapePlan = {
  readonly method: 'score-slab';
  readonly thickness_mm: number;
  readonly pieceWidth_mm: number;
  readonly pieceLength_mm: number;
  readonly panWidth_mm: number;
  readonly panDepth_mm: number;
  readonly trim_mm: number;
};

export const planSlab = (shape: ScoreSlab, assumed: Assumptions): SlabShapePlan => ({
  method: shape.method,
  thickness_mm: assumed.or(shape.thickness_mm, 'shape.thickness_mm', 8),
  pieceWidth_mm: assumed.or(shape.piece_width_mm, 'shape.piece_width_mm', 25),
  pieceLength_mm: assumed.or(shape.piece_length_mm, 'shape.piece_length_mm', 25),
  panWidth_mm: assumed.or(shape.pan?.width_mm, 'shape.pan.width_mm', 330),
  panDepth_mm: assumed.or(shape.pan?.depth_mm, 'shape.pan.depth_mm', 230),
  trim_mm: assumed.or(shape.trim_mm, 'shape.trim_mm', 0),
});

export function slabYield(plan: SlabShapePlan, dough_g: number, dough_g_per_ml: number): Result<ShapeYield> {
  const slab = scoreSlab({ ...plan, dough_g, dough_g_per_ml });
  if (!slab.ok) return at(slab, 'shape');
  const { pieces, piece_g, pans, columns, rows, scrap_g, realWidth_mm, realLength_mm } = slab.value;
  return succeed({
    ...PLAIN,
    pieces,
    piece_g,
    trays: pans,
    perTray: columns * rows,
    scrap_g,
    sides_mm: [Math.max(realWidth_mm, realLength_mm), Math.min(realWidth_mm, realLength_mm)],
    area_mm2: realWidth_mm * realLength_mm,
    // A slab has no sides until it is snapped.
    body: {
      thickness_mm: plan.thickness_mm,
      width_mm: plan.panWidth_mm,
      length_mm: plan.panDepth_mm,
      exposure: 0,
      heatExposure: 0,
    },
    uses: leftOverUses(scrap_g, dough_g_per_ml, plan.thickness_mm, piece_g),
    shaped: { kind: 'slab', slab: slab.value },
  });
}
