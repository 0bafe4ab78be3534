import { fail, succeed, type Result } from '../failure';
import { cutCubes, sliceWhole } from '../shaping';
import type { Assumptions } from '../fields';
import { SHAPES, type Cube, type Slice } from '../catalogue';
import { openSides } from './exposure';
import { footprint, layOnTray, planTray, type TrayPlan } from './on-tray';
import { PLAIN, type Body, type ShapeYield } from './shape-yield';

/** Whole fruit, roots or meat cut as they are: there is no dough. */
export type SlicePlan = TrayPlan & {
  readonly method: 'slice';
  readonly thickness_mm: number;
  readonly diameter_mm: number;
  readonly core_mm: number;
  readonly peel_mm: number;
  readonly ends: number;
};
export type CubePlan = TrayPlan & { readonly method: 'cube'; readonly edge_mm: number; readonly offCuts: number };

export function planSlice(shape: Slice, assumed: Assumptions): Result<SlicePlan> {
  const { fields } = SHAPES.slice;
  const take = assumed.from(fields, shape, 'shape');
  const plan: SlicePlan = {
    method: shape.method,
    thickness_mm: take('thickness_mm'),
    diameter_mm: take('diameter_mm'),
    core_mm: take('core_mm'),
    peel_mm: take('peel_mm'),
    ends: take('ends_pct') / 100,
    ...planTray(shape, assumed, fields.tray_gap_mm),
  };
  if (plan.core_mm + 2 * plan.peel_mm >= plan.diameter_mm)
    return fail(
      'OUT_OF_RANGE',
      `Core and peel take all of a piece of ${plan.diameter_mm} mm. Choose a narrower corer or peel less.`,
      'shape.core_mm',
    );
  return succeed(plan);
}

export function planCube(shape: Cube, assumed: Assumptions): CubePlan {
  const { fields } = SHAPES.cube;
  const take = assumed.from(fields, shape, 'shape');
  return {
    method: shape.method,
    edge_mm: take('edge_mm'),
    offCuts: take('offcuts_pct') / 100,
    ...planTray(shape, assumed, fields.tray_gap_mm),
  };
}

/** A ring's sides are long; wider than this they count as endless [mm]. */
const ENDLESS_MM = 1000;

export function sliceYield(plan: SlicePlan, mass_g: number, g_per_ml: number): Result<ShapeYield> {
  const cut = sliceWhole({ ...plan, mass_g, g_per_ml });
  const outer = footprint('circle', cut.outer_mm);
  if (!outer.ok) return tooSmall('slice');
  const tray = layOnTray(outer.value, plan, plan.core_mm);
  if (!tray.ok) return tray;
  const exposure = openSides(plan.trayGap_mm, plan.thickness_mm);
  const ring = plan.core_mm > 0;
  const body: Body = {
    thickness_mm: plan.thickness_mm,
    // A ring is as wide as its flesh, and long.
    width_mm: ring ? (cut.outer_mm - plan.core_mm) / 2 : cut.outer_mm,
    length_mm: ring ? ENDLESS_MM : cut.outer_mm,
    exposure,
    heatExposure: exposure,
  };
  const losses_g = cut.peel_g + cut.core_g + cut.ends_g + cut.left_g;
  return piecesOf(cut.slices, cut.slice_g, losses_g, cut.outer_mm, body, tray.value, {
    area_mm2: (Math.PI / 4) * (cut.outer_mm ** 2 - plan.core_mm ** 2),
    shaped: { kind: 'whole', slicing: cut },
  });
}

export function cubeYield(plan: CubePlan, mass_g: number, g_per_ml: number): Result<ShapeYield> {
  const { cubes, cube_g, offCuts_g } = cutCubes(mass_g, g_per_ml, plan.edge_mm, plan.offCuts);
  const seen = footprint('square', plan.edge_mm);
  if (!seen.ok) return tooSmall('cube');
  const tray = layOnTray(seen.value, plan);
  if (!tray.ok) return tray;
  const exposure = openSides(plan.trayGap_mm, plan.edge_mm);
  const { edge_mm } = plan;
  const body: Body = { thickness_mm: edge_mm, width_mm: edge_mm, length_mm: edge_mm, exposure, heatExposure: exposure };
  return piecesOf(cubes, cube_g, offCuts_g, edge_mm, body, tray.value, {
    area_mm2: edge_mm ** 2,
    shaped: { kind: 'whole', slicing: null },
  });
}

const tooSmall = (what: string): Result<never> =>
  fail('OUT_OF_RANGE', `A ${what} must be between 5 and 200 mm across. Choose another size.`, 'shape');

// oxlint-disable-next-line max-params -- older than the rule
function piecesOf(
  pieces: number,
  piece_g: number,
  scrap_g: number,
  side_mm: number,
  body: Body,
  tray: NonNullable<ShapeYield['tray']>,
  rest: Pick<ShapeYield, 'area_mm2' | 'shaped'>,
): Result<ShapeYield> {
  if (pieces === 0)
    return fail(
      'NOTHING_TO_BAKE',
      `There is less than one piece of ${piece_g.toFixed(1)} g. Take more, or cut smaller.`,
      'scale',
    );
  const perTray = tray.layout.count;
  return succeed({
    ...PLAIN,
    pieces,
    piece_g,
    trays: Math.ceil(pieces / perTray),
    perTray,
    scrap_g,
    sides_mm: [side_mm, side_mm],
    body,
    // Peel and ends are not dough: nothing is pressed from them.
    uses: null,
    tray,
    ...rest,
  });
}
