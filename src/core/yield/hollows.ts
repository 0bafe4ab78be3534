import { fail, succeed, type Result } from '../failure';
import { filledMass, leftOverUses, wholePortions } from '../shaping';
import type { Assumptions, Cup, FrozenMould, Mat } from '../document';
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

const USUAL = {
  mat: { ml: 2, cavities: 80, height_mm: 12, owned: 2 },
  'frozen-mould': { ml: 15, cavities: 15, height_mm: 20, owned: 2 },
} as const;

export function planHollows(shape: Mat | FrozenMould, assumed: Assumptions): HollowsPlan {
  const usual = USUAL[shape.method];
  const fill = assumed.or(shape.fill_fraction, 'shape.fill_fraction', 1);
  return {
    method: shape.method,
    hollow_ml: assumed.or(shape.cavity_ml, 'shape.cavity_ml', usual.ml),
    fill,
    depth_mm: fill * assumed.or(shape.height_mm, 'shape.height_mm', usual.height_mm),
    hollows: assumed.or(shape.cavities, 'shape.cavities', usual.cavities),
    owned: assumed.or(shape.owned, 'shape.owned', usual.owned),
  };
}

export function planCup(shape: Cup, assumed: Assumptions): HollowsPlan {
  const fill = assumed.or(shape.fill_fraction, 'shape.fill_fraction', 0.67);
  return {
    method: shape.method,
    hollow_ml: assumed.or(shape.cup_ml, 'shape.cup_ml', 45),
    fill,
    depth_mm: fill * assumed.or(shape.height_mm, 'shape.height_mm', 30),
    hollows: assumed.or(shape.cups, 'shape.cups', 12),
    owned: assumed.or(shape.owned, 'shape.owned', 1),
  };
}

/** Silicone lets some heat in from the side, a metal cup most of it; neither lets water out. Source: ours. */
const SIDE_HEAT: Record<HollowsPlan['method'], number> = { mat: 0.5, cup: 0.9, 'frozen-mould': 0 };

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
