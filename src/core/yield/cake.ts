import { fail, succeed, type Result } from '../failure';
import { borderOf, frostingOf, layerCake, panArea, panWall, USUAL_PANS, type Pan, type PanShape } from '../shaping';
import type { Assumptions } from '../fields';
import { SHAPES, type Cake, type CakePan } from '../catalogue';
import { PLAIN, type ShapeYield } from './shape-yield';

export type CakeShapePlan = {
  readonly method: 'cake';
  readonly pan: Pan;
  readonly layers: number;
  readonly layersPerPan: number;
  readonly trim_mm: number;
  readonly level_mm: number;
  readonly portions: number;
  readonly between_mm: number;
  readonly crumb_mm: number;
  readonly coat_mm: number;
  readonly piping_g: number;
  readonly tub_g: number;
  readonly border: { readonly biscuit_mm: number; readonly gap_mm: number } | null;
};

const FIELDS = SHAPES.cake.fields;
const { biscuit_mm, gap_mm } = FIELDS.border.fields;
const USUAL_BORDER = { biscuit_mm: biscuit_mm.default, gap_mm: gap_mm.default } as const;

/** Shapes whose length is not their width. */
const LONG: ReadonlySet<PanShape> = new Set(['rectangle', 'loaf', 'bone']);

export function planPan(given: CakePan = {}, assumed: Assumptions): Result<Pan> {
  const shape = assumed.from(FIELDS.pan.fields, given, 'shape.pan')('shape');
  const usual = USUAL_PANS[shape];
  const width_mm = assumed.or(given.width_mm, 'shape.pan.width_mm', usual.width_mm);
  const pan: Pan = {
    shape,
    width_mm,
    length_mm: LONG.has(shape) ? assumed.or(given.length_mm, 'shape.pan.length_mm', usual.length_mm) : width_mm,
    depth_mm: assumed.or(given.depth_mm, 'shape.pan.depth_mm', usual.depth_mm),
    hole_mm: shape === 'ring' ? assumed.or(given.hole_mm, 'shape.pan.hole_mm', usual.hole_mm) : 0,
  };
  if (pan.hole_mm >= pan.width_mm)
    return fail('OUT_OF_RANGE', 'The hole is as wide as the pan. Measure the middle of the ring again.', 'shape.pan.hole_mm');
  return succeed(pan);
}

export function planCake(shape: Cake, assumed: Assumptions): Result<CakeShapePlan> {
  const pan = planPan(shape.pan, assumed);
  if (!pan.ok) return pan;
  const take = assumed.from(FIELDS, shape, 'shape');
  const layers = take('layers');
  const { border } = shape;
  const coat = assumed.from(FIELDS.frosting.fields, shape.frosting, 'shape.frosting');
  return succeed({
    method: shape.method,
    pan: pan.value,
    layers,
    layersPerPan: Math.min(layers, take('layers_per_pan')),
    trim_mm: take('trim_mm'),
    level_mm: take('level_mm'),
    portions: take('portions'),
    between_mm: coat('between_mm'),
    crumb_mm: coat('crumb_mm'),
    coat_mm: coat('coat_mm'),
    piping_g: coat('piping_g'),
    tub_g: coat('tub_g'),
    border: border ? { ...USUAL_BORDER, ...border } : null,
  });
}

/** Two pans up to this size stand side by side [mm]. Source: ours, usual 45 cm shelves. */
const SMALL_PAN_MM = 220;
/** Metal walls give heat and hold water in. */
const SIDE_HEAT = 0.9;

/** @param rise - how much the batter grows in height [1] */
export function cakeYield(plan: CakeShapePlan, batter_g: number, batter_g_per_ml: number, rise: number): Result<ShapeYield> {
  const { pan, layers, portions } = plan;
  const cake = layerCake({ ...plan, batter_g, batter_g_per_ml, rise });
  if (!(cake.layer_mm > 0 && cake.top_mm2 > 0))
    return fail(
      'NOTHING_TO_BAKE',
      `The batter stands ${cake.batterDepth_mm.toFixed(0)} mm deep: trimming and levelling leave nothing of it. Make more, or choose a smaller pan.`,
      'scale',
    );
  const frosting = frostingOf(plan, cake, layers, plan.tub_g);
  const coats_mm = plan.crumb_mm + plan.coat_mm;
  const side_mm = (4 * panArea(pan)) / panWall(pan);
  return succeed({
    ...PLAIN,
    pieces: portions,
    piece_g: (batter_g - cake.trimmed_g) / portions,
    trays: cake.pans,
    perTray: Math.ceil(portions / cake.pans),
    perShelf: Math.max(pan.width_mm, pan.length_mm) <= SMALL_PAN_MM ? 2 : 1,
    scrap_g: cake.trimmed_g,
    sides_mm: [Math.max(pan.width_mm, pan.length_mm), Math.min(pan.width_mm, pan.length_mm)],
    area_mm2: (panArea(pan) * cake.pans * (1 - cake.trimmed_g / batter_g)) / portions,
    body: {
      thickness_mm: cake.batterDepth_mm,
      width_mm: side_mm,
      length_mm: side_mm,
      exposure: 0,
      heatExposure: SIDE_HEAT,
    },
    uses: null,
    shaped: {
      kind: 'cake',
      pan,
      cake,
      layers,
      frosting,
      border: plan.border ? borderOf(pan, cake, coats_mm, plan.border.biscuit_mm, plan.border.gap_mm) : null,
    },
  });
}
