import { at, succeed, type Result } from '../failure';
import { leftOverUses, scoreSlab } from '../shaping';
import type { Assumptions } from '../fields';
import { SHAPES, type ScoreSlab } from '../catalogue';
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

export function planSlab(shape: ScoreSlab, assumed: Assumptions): SlabShapePlan {
  const { fields } = SHAPES['score-slab'];
  const take = assumed.from(fields, shape, 'shape');
  const pan = assumed.from(fields.pan.fields, shape.pan, 'shape.pan');
  return {
    method: shape.method,
    thickness_mm: take('thickness_mm'),
    pieceWidth_mm: take('piece_width_mm'),
    pieceLength_mm: take('piece_length_mm'),
    panWidth_mm: pan('width_mm'),
    panDepth_mm: pan('depth_mm'),
    trim_mm: take('trim_mm'),
  };
}

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
