import { fail, succeed, at, type Failure, type Result } from '../failure';
import {
  bestRollSize,
  handScatter,
  leftOverUses,
  makeCutter,
  makeOwnCutter,
  rollAndCutInSteps,
  type Cutter,
  type LayoutLevel,
  type LayoutProgress,
} from '../shaping';
import type { Assumptions } from '../fields';
import { SHAPES, type CutterChoice, type RollAndCut, type ScrapUse } from '../catalogue';
import { openSides } from './exposure';
import { layOnTray, planTray, type TrayPlan } from './on-tray';
import type { ShapeYield } from './shape-yield';

export type RolledPlan = TrayPlan & {
  readonly method: 'roll-and-cut';
  readonly thickness_mm: number;
  readonly byGuides: boolean;
  readonly cutter: Cutter;
  readonly mini: Cutter | null;
  readonly level: LayoutLevel;
  readonly gap_mm: number;
  readonly edge_mm: number;
  readonly sheetWidth_mm: number;
  readonly sheetLength_mm: number;
  readonly rollWidth_mm: number | null;
  readonly mostRerolls: number;
  readonly scraps: ScrapUse;
};

const FIELDS = SHAPES['roll-and-cut'].fields;

/** Gap that hands leave between cut-outs until a kitchen knows its own [mm]. Source: ours. */
const USUAL_GAP_MM = 4.5;

/** @param handGap_mm - what this kitchen's hands really leave, where it is known */
export function planRolled(shape: RollAndCut, assumed: Assumptions, handGap_mm = USUAL_GAP_MM): Result<RolledPlan> {
  const cutter = cutterOf(shape.cutter, 'cutter', 50, assumed);
  if (!cutter.ok) return at(cutter, 'shape');
  const mini = shape.mini ? cutterOf(shape.mini, 'mini', 20, assumed) : null;
  if (mini && !mini.ok) return at(mini, 'shape');
  const take = assumed.from(FIELDS, shape, 'shape');
  const plan: RolledPlan = {
    method: shape.method,
    thickness_mm: take('thickness_mm'),
    byGuides: take('thickness_by') === 'guides',
    cutter: cutter.value,
    mini: mini?.value ?? null,
    level: take('layout'),
    gap_mm: assumed.or(shape.gap_mm, 'shape.gap_mm', handGap_mm),
    edge_mm: take('edge_mm'),
    sheetWidth_mm: take('sheet_width_mm'),
    sheetLength_mm: take('sheet_length_mm'),
    rollWidth_mm: shape.roll_width_mm ?? null,
    mostRerolls: take('rerolls_max'),
    scraps: take('scraps'),
    ...planTray(shape, assumed, FIELDS.tray_gap_mm),
  };
  return layoutWork(plan) > MOST_LAYOUT_WORK ? tooManyPieces(plan) : succeed(plan);
}

/** Corners that a layout turns over, and how often each level does [1]. Source: ours, timed: 2e7 take some seconds. */
const MOST_LAYOUT_WORK = 2e7;
const PASSES: Readonly<Record<LayoutLevel, number>> = { hand: 1, tighter: 4, tightest: 4 };
const piecesOn = ({ cutter, sheetWidth_mm, sheetLength_mm }: RolledPlan): number =>
  (sheetWidth_mm * sheetLength_mm) / cutter.area_mm2;
const layoutWork = (plan: RolledPlan): number => piecesOn(plan) * plan.cutter.ring.length * PASSES[plan.level];

const tooManyPieces = (plan: RolledPlan): Failure =>
  fail(
    'TOO_MUCH_WORK',
    `A sheet of ${plan.sheetWidth_mm} x ${plan.sheetLength_mm} mm takes about ${Math.round(piecesOn(plan) / 1000)} thousand of these pieces, too many to lay out. Take a larger cutter or a smaller sheet${plan.level === 'hand' ? '' : ', or lay by hand'}.`,
    'shape.cutter',
  );

function cutterOf(
  choice: CutterChoice | undefined,
  key: 'cutter' | 'mini',
  usual_mm: number,
  assumed: Assumptions,
): Result<Cutter> {
  const length_mm = assumed.or(choice?.length_mm, `shape.${key}.length_mm`, usual_mm);
  const made =
    choice?.svg_path === undefined
      ? makeCutter(assumed.from(FIELDS.cutter.fields, choice, `shape.${key}`)('outline'), length_mm, choice?.width_mm)
      : makeOwnCutter(choice.svg_path, length_mm, choice.width_mm);
  if (!made.ok) return { ...made, path: made.path.replace(/^cutter/, key) };
  if (choice?.width_mm === undefined) assumed.note(`shape.${key}.width_mm = ${made.value.width_mm.toFixed(1)}`);
  return made;
}

/** The plan as far as it goes when nobody can wait: rows laid by hand, no minis. */
export const roughly = (plan: RolledPlan): RolledPlan => ({ ...plan, level: 'hand', mini: null });
/** The plan takes so long to lay that a page must not wait for it on every frame. */
export const takesLong = (plan: RolledPlan): boolean => plan.level === 'tightest' || plan.mini !== null;

export function* rolledYield(
  plan: RolledPlan,
  dough_g: number,
  dough_g_per_ml: number,
): Generator<LayoutProgress, Result<ShapeYield>> {
  const { cutter, mini, rollWidth_mm, thickness_mm } = plan;
  const rollOut = yield* rollAndCutInSteps({
    ...plan,
    dough_g,
    dough_g_per_ml,
    rollWidth_mm: rollWidth_mm ?? undefined,
    mini: mini ?? undefined,
    press: plan.scraps === 'press',
  });
  const tray = layOnTray(cutter, plan);
  if (!tray.ok)
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
  const perTray = tray.value.layout.count;
  const side_mm = (4 * cutter.area_mm2) / cutter.perimeter_mm;
  const exposure = openSides(plan.trayGap_mm, thickness_mm);
  return succeed({
    pieces,
    piece_g: rollOut.piece_g,
    trays: Math.ceil(pieces / perTray),
    perTray,
    traysOwned: null,
    perShelf: 1,
    rerolls: Math.max(0, rollOut.rolls.length - 1),
    scrap_g: rollOut.scrap_g,
    pressed: rollOut.pressed,
    minis: mini ? { pieces: rollOut.minis, piece_g: rollOut.mini_g } : null,
    flour_g: rollOut.flour_g,
    loss_g: rollOut.loss_g,
    sides_mm: [Math.max(cutter.length_mm, cutter.width_mm), Math.min(cutter.length_mm, cutter.width_mm)],
    area_mm2: cutter.area_mm2,
    // A cut-out counts as the square with its area over perimeter.
    body: { thickness_mm, width_mm: side_mm, length_mm: side_mm, exposure, heatExposure: exposure },
    uses: leftOverUses(rollOut.scrap_g, dough_g_per_ml, thickness_mm, rollOut.piece_g),
    shaped: { kind: 'rolled', rollOut, cutter, mini, scatter: null, advice: null },
    tray: tray.value,
    provisional: false,
  });
}

/** Gap and ragged edge of usual hands [mm]: how they scatter hardly depends on them. */
const USUAL_HANDS = { gap_mm: 4.5, edge_mm: 8 };

/** The yield with how hands scatter about its first roll. Takes some milliseconds. */
export function withScatter(out: ShapeYield): ShapeYield {
  if (out.shaped.kind !== 'rolled' || out.shaped.rollOut.rolls.length === 0) return out;
  const { cutter, rollOut } = out.shaped;
  const range = handScatter({
    width_mm: cutter.length_mm,
    height_mm: cutter.width_mm,
    pitch_mm: cutter.length_mm + USUAL_HANDS.gap_mm,
    step_mm: cutter.width_mm + USUAL_HANDS.gap_mm,
    ...USUAL_HANDS,
    sheetWidth_mm: rollOut.rolls[0].width_mm,
    sheetLength_mm: rollOut.rolls[0].length_mm,
  });
  // Rows of boxes scatter as rows of nested pieces do: the shares are taken, not the counts.
  const share = (count: number): number => (range.middle > 0 ? count / range.middle : 1);
  return { ...out, shaped: { ...out.shaped, scatter: { low: share(range.low), high: share(range.high) } } };
}

/** The yield with a width to roll to that gives more from the first roll, where there is one. Takes some tenths of a second. */
export function withAdvice(plan: RolledPlan, out: ShapeYield): ShapeYield {
  if (out.shaped.kind !== 'rolled') return out;
  const first = out.shaped.rollOut.rolls[0];
  if (!first || first.sheets > 1) return out;
  const limits = { width_mm: plan.sheetWidth_mm, length_mm: plan.sheetLength_mm };
  const advice = bestRollSize(plan.cutter, first.width_mm * first.length_mm, plan.gap_mm, plan.edge_mm, limits);
  return { ...out, shaped: { ...out.shaped, advice } };
}
