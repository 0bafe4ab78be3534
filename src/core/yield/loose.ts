import { fail, succeed, type Result } from '../failure';
import { ballMass, evenPortions, leftOverUses, rollUp, sliceLogs, wholePortions, type LogYield, type RollUp } from '../shaping';
import type { Assumptions } from '../fields';
import { SHAPES, type Ball, type Drop, type LogSlice } from '../catalogue';
import { openMound, openSides } from './exposure';
import { footprint, layOnTray, planTray, type TrayPlan } from './on-tray';
import { PLAIN, type Shaped, type ShapeYield } from './shape-yield';

/** Round pieces laid loose on a tray: dropped, rolled into balls, or sliced off a log. */
export type DropPlan = TrayPlan & { readonly method: 'drop'; readonly piece_g: number; readonly height_mm: number };
export type BallPlan = TrayPlan & { readonly method: 'ball'; readonly diameter_mm: number };
export type LogShapePlan = TrayPlan & {
  readonly method: 'log-slice';
  readonly logDiameter_mm: number;
  readonly slice_mm: number;
  readonly end_mm: number;
  readonly longestLog_mm: number;
  readonly rollUp_mm: number | null;
};

export function planDrop(shape: Drop, assumed: Assumptions): DropPlan {
  const { fields } = SHAPES.drop;
  const take = assumed.from(fields, shape, 'shape');
  return {
    method: shape.method,
    piece_g: take('piece_g'),
    height_mm: take('height_mm'),
    ...planTray(shape, assumed, fields.tray_gap_mm),
  };
}

export function planBall(shape: Ball, assumed: Assumptions): BallPlan {
  const { fields } = SHAPES.ball;
  const take = assumed.from(fields, shape, 'shape');
  return {
    method: shape.method,
    diameter_mm: take('diameter_mm'),
    ...planTray(shape, assumed, fields.tray_gap_mm),
  };
}

export function planLog(shape: LogSlice, assumed: Assumptions): LogShapePlan {
  const { fields } = SHAPES['log-slice'];
  const take = assumed.from(fields, shape, 'shape');
  return {
    method: shape.method,
    logDiameter_mm: take('log_diameter_mm'),
    slice_mm: take('slice_mm'),
    end_mm: take('end_mm'),
    longestLog_mm: take('log_length_mm'),
    rollUp_mm: shape.roll_up_mm ?? null,
    ...planTray(shape, assumed, fields.tray_gap_mm),
  };
}

type Round = {
  readonly pieces: number;
  readonly piece_g: number;
  readonly left_g: number;
  readonly thickness_mm: number;
  /** Seen from above, and of a cylinder of that thickness with the piece's volume. */
  readonly seen_mm: number;
  readonly area_mm2: number;
};

/** Yield of round pieces; what is left over goes by their own mass. */
// oxlint-disable-next-line max-params -- older than the rule
function roundYield(
  round: Round,
  plan: TrayPlan,
  g_per_ml: number,
  shaped: Shaped,
  body: Partial<ShapeYield['body']> = {},
): Result<ShapeYield> {
  if (round.pieces === 0)
    return fail(
      'NOTHING_TO_BAKE',
      `There is less than one piece of ${round.piece_g.toFixed(1)} g. Make more, or a smaller piece.`,
      'scale',
    );
  const piece = footprint('circle', round.seen_mm);
  if (!piece.ok)
    return fail(
      'OUT_OF_RANGE',
      `A piece of ${round.piece_g.toFixed(1)} g would be ${round.seen_mm.toFixed(0)} mm across. Between 5 and 200 mm can be laid on a tray.`,
      'shape',
    );
  const tray = layOnTray(piece.value, plan);
  if (!tray.ok) return tray;
  const exposure = openSides(plan.trayGap_mm, round.thickness_mm);
  const perTray = tray.value.layout.count;
  const width_mm = Math.sqrt((4 / Math.PI) * round.area_mm2);
  return succeed({
    ...PLAIN,
    pieces: round.pieces,
    piece_g: round.piece_g,
    trays: Math.ceil(round.pieces / perTray),
    perTray,
    scrap_g: round.left_g,
    sides_mm: [round.seen_mm, round.seen_mm],
    area_mm2: round.area_mm2,
    body: { thickness_mm: round.thickness_mm, width_mm, length_mm: width_mm, exposure, heatExposure: exposure, ...body },
    uses: leftOverUses(round.left_g, g_per_ml, round.thickness_mm, round.piece_g),
    shaped,
    tray: tray.value,
  });
}

export function dropYield(plan: DropPlan, dough_g: number, g_per_ml: number): Result<ShapeYield> {
  const { height_mm } = plan;
  const area_mm2 = ((plan.piece_g / g_per_ml) * 1000) / height_mm;
  const { pieces, piece_g, left_g } = wholePortions(dough_g, plan.piece_g);
  const seen_mm = Math.sqrt((4 / Math.PI) * area_mm2);
  const exposure = openMound(plan.trayGap_mm, seen_mm, height_mm);
  const round: Round = { pieces, piece_g, left_g, thickness_mm: height_mm, seen_mm, area_mm2 };
  return roundYield(round, plan, g_per_ml, { kind: 'loose' }, { exposure, heatExposure: exposure });
}

/** A ball touches the tray at a point, so its underside breathes, and its sides are open but for the neighbours. */
const BALL_GAP_MM = 10;
const BALL = { exposure: 0.9, heatExposure: 0.9, leastBreathing: 0.5 };

/** For heat and water a ball is the cube as wide as it is: the same surface for its volume. */
export function ballYield(plan: BallPlan, dough_g: number, g_per_ml: number): Result<ShapeYield> {
  const { pieces, piece_g } = evenPortions(dough_g, ballMass(plan.diameter_mm, g_per_ml));
  const diameter_mm = Math.cbrt(((6 / Math.PI) * piece_g * 1000) / g_per_ml);
  const area_mm2 = ((piece_g / g_per_ml) * 1000) / diameter_mm;
  const open = Math.min(1, openSides(plan.trayGap_mm, diameter_mm) / openSides(BALL_GAP_MM, diameter_mm));
  const round: Round = { pieces, piece_g, left_g: 0, thickness_mm: diameter_mm, seen_mm: diameter_mm, area_mm2 };
  const made = roundYield(
    round,
    plan,
    g_per_ml,
    { kind: 'loose' },
    {
      ...BALL,
      exposure: BALL.exposure * open,
      heatExposure: BALL.heatExposure * open,
      width_mm: diameter_mm,
      length_mm: diameter_mm,
    },
  );
  return made.ok ? succeed({ ...made.value, uses: null }) : made;
}

export function logYield(plan: LogShapePlan, dough_g: number, dough_g_per_ml: number): Result<ShapeYield> {
  const log: LogYield = sliceLogs({ ...plan, dough_g, dough_g_per_ml });
  const spiral: RollUp | null = plan.rollUp_mm === null ? null : rollUp(log.log_mm, plan.logDiameter_mm, plan.rollUp_mm);
  const round: Round = {
    pieces: log.slices,
    piece_g: log.slice_g,
    left_g: log.left_g,
    thickness_mm: plan.slice_mm,
    seen_mm: plan.logDiameter_mm,
    area_mm2: (Math.PI / 4) * plan.logDiameter_mm ** 2,
  };
  return roundYield(round, plan, dough_g_per_ml, { kind: 'log', log, rollUp: spiral });
}
