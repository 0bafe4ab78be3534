import { fail, succeed, type Result } from '../failure';
import { filledMass, leftOverUses, wholePortions } from '../shaping';
import type { Assumptions } from '../fields';
import { SHAPES, type Cup, type FrozenMould, type Mat } from '../catalogue';
import { PLAIN, type Body, type ShapeYield } from './shape-yield';

/** Hollows that are filled with a batter: a mat's cavities, muffin cups, moulds for the freezer. */
export type HollowsPlan = {
  readonly method: 'mat' | 'cup' | 'frozen-mould';
  readonly hollow_ml: number;
  /** Share that is filled [1], and how deep the filling stands [mm]. */
  readonly fill: number;
  readonly depth_mm: number;
  /** Hollows in one mat, tin or mould, and how many of those there are. */
  readonly hollows: number;
  readonly owned: number;
};

export function planHollows(shape: Mat | FrozenMould, assumed: Assumptions): HollowsPlan {
  const take = assumed.from(SHAPES[shape.method].fields, shape, 'shape');
  const fill = take('fill_fraction');
  return {
    method: shape.method,
    hollow_ml: take('cavity_ml'),
    fill,
    depth_mm: fill * take('height_mm'),
    hollows: take('cavities'),
    owned: take('owned'),
  };
}

export function planCup(shape: Cup, assumed: Assumptions): HollowsPlan {
  const take = assumed.from(SHAPES.cup.fields, shape, 'shape');
  const fill = take('fill_fraction');
  return {
    method: shape.method,
    hollow_ml: take('cup_ml'),
    fill,
    depth_mm: fill * take('height_mm'),
    hollows: take('cups'),
    owned: take('owned'),
  };
}

/** Silicone lets some heat through from the side, a metal cup most of it; neither lets water out. Source: ours. */
const SIDE_HEAT: Record<HollowsPlan['method'], number> = { mat: 0.5, cup: 0.9, 'frozen-mould': 0.5 };

export function hollowsYield(plan: HollowsPlan, batter_g: number, g_per_ml: number): Result<ShapeYield> {
  const { pieces, piece_g, left_g } = wholePortions(batter_g, filledMass(plan.hollow_ml, plan.fill, g_per_ml));
  if (pieces === 0)
    return fail(
      'NOTHING_TO_BAKE',
      `${Math.round(batter_g)} g does not fill one hollow of ${piece_g.toFixed(1)} g. Make more, or fill them less.`,
      'scale',
    );
  const area_mm2 = (plan.hollow_ml * plan.fill * 1000) / plan.depth_mm;
  const side_mm = Math.sqrt(area_mm2);
  const body: Body = {
    thickness_mm: plan.depth_mm,
    width_mm: side_mm,
    length_mm: side_mm,
    exposure: 0,
    heatExposure: SIDE_HEAT[plan.method],
  };
  return succeed({
    ...PLAIN,
    pieces,
    piece_g,
    trays: Math.ceil(pieces / plan.hollows),
    perTray: plan.hollows,
    traysOwned: plan.owned,
    scrap_g: left_g,
    sides_mm: [side_mm, side_mm],
    area_mm2,
    body,
    // A stiff mat batter is pressed by hand; what pours is not.
    uses: plan.method === 'mat' ? leftOverUses(left_g, g_per_ml, plan.depth_mm, piece_g) : null,
    shaped: { kind: 'hollows', cavities: plan.hollows, filled: plan.fill, depth_mm: plan.depth_mm },
  });
}
