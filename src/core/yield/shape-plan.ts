import { succeed, type Result } from '../failure';
import { runOut } from '../quantities';
import type { LayoutProgress } from '../shaping';
import type { Assumptions } from '../fields';
import type { KitchenAir } from '../document';
import { shapeRecord, type Mixture, type Shape } from '../catalogue';
import { cakeYield, planCake, type CakeShapePlan } from './cake';
import { hollowsYield, planCup, planHollows, type HollowsPlan } from './hollows';
import { Known } from './known';
import {
  ballYield,
  dropYield,
  logYield,
  planBall,
  planDrop,
  planLog,
  type BallPlan,
  type DropPlan,
  type LogShapePlan,
} from './loose';
import { planRolled, rolledYield, roughly, takesLong, withAdvice, withScatter, type RolledPlan } from './rolled';
import { planSlab, slabYield, type SlabShapePlan } from './slab';
import { cubeYield, planCube, planSlice, sliceYield, type CubePlan, type SlicePlan } from './whole';
import type { ShapeYield } from './shape-yield';

/** A shape with every default filled in, ready to be asked what a mass of dough gives. */
export type ShapePlan =
  | RolledPlan
  | SlabShapePlan
  | DropPlan
  | BallPlan
  | LogShapePlan
  | HollowsPlan
  | CakeShapePlan
  | SlicePlan
  | CubePlan;

/** Fills in what a shape leaves open. */
export function planShape(shape: Shape, kitchen: KitchenAir | undefined, assumed: Assumptions): Result<ShapePlan> {
  switch (shape.method) {
    case 'roll-and-cut':
      return planRolled(shape, assumed, kitchen?.hand_gap_mm);
    case 'score-slab':
      return succeed(planSlab(shape, assumed));
    case 'drop':
      return succeed(planDrop(shape, assumed));
    case 'ball':
      return succeed(planBall(shape, assumed));
    case 'log-slice':
      return succeed(planLog(shape, assumed));
    case 'mat':
    case 'frozen-mould':
      return succeed(planHollows(shape, assumed));
    case 'cup':
      return succeed(planCup(shape, assumed));
    case 'cake':
      return planCake(shape, assumed);
    case 'slice':
      return planSlice(shape, assumed);
    case 'cube':
      return succeed(planCube(shape, assumed));
  }
}

export const mixtureOf = ({ method }: Pick<ShapePlan, 'method'>): Mixture => shapeRecord(method).mixture;

/** About how thick a piece is before its yield is known [mm]; batters are told by their mixture. */
export function nominalThickness(plan: ShapePlan): number {
  switch (plan.method) {
    case 'roll-and-cut':
    case 'score-slab':
    case 'slice':
      return plan.thickness_mm;
    case 'drop':
      return plan.height_mm;
    case 'ball':
      return plan.diameter_mm;
    case 'log-slice':
      return plan.slice_mm;
    case 'mat':
    case 'cup':
    case 'frozen-mould':
      return plan.depth_mm;
    case 'cake':
      return plan.pan.depth_mm;
    case 'cube':
      return plan.edge_mm;
  }
}

/** Density of the mixture [g/mL], and how much a batter grows in height [1]. */
export type Substance = { readonly g_per_ml: number; readonly rise: number };

const BETWEEN_GUIDES = 0.04;
export const thicknessSpread = (plan: ShapePlan): number =>
  plan.method === 'roll-and-cut' && plan.byGuides ? BETWEEN_GUIDES : shapeRecord(plan.method).thicknessSpread;

const KEPT = 32;
const known = new Known<Result<ShapeYield>>(KEPT);
/** Rows laid by hand, or what was found before: a page asks for these on every frame. */
const quick = new Known<Result<ShapeYield>>(KEPT);

const questionOf = (plan: ShapePlan, mass_g: number, { g_per_ml, rise }: Substance): string =>
  JSON.stringify([plan, mass_g, g_per_ml, rise]);

/** Pieces, trays and scraps from a mass of dough. */
export function yieldOf(plan: ShapePlan, mass_g: number, substance: Substance): Result<ShapeYield> {
  return runOut(yieldInSteps(plan, mass_g, substance));
}

/** The same in small steps: yields how far the layout is. */
export function* yieldInSteps(
  plan: ShapePlan,
  mass_g: number,
  substance: Substance,
): Generator<LayoutProgress, Result<ShapeYield>> {
  const question = questionOf(plan, mass_g, substance);
  const answer = known.get(question);
  if (answer) return answer;
  const made = yield* workOut(plan, mass_g, substance);
  const scattered = made.ok ? succeed(withScatter(made.value)) : made;
  known.put(question, scattered);
  return scattered;
}

/** The yield with a sheet that would give more from the first roll, where there is one. */
export function advised(plan: ShapePlan, mass_g: number, substance: Substance): Result<ShapeYield> {
  const plain = yieldOf(plan, mass_g, substance);
  if (!plain.ok || plan.method !== 'roll-and-cut' || asked.has(plain.value)) return plain;
  const made = succeed(withAdvice(plan, plain.value));
  asked.add(made.value);
  known.put(questionOf(plan, mass_g, substance), made);
  return made;
}
/** Yields for which a better sheet has been looked for. */
const asked = new WeakSet<ShapeYield>();

/** What can be said within a frame: the true yield where it is known or quick, else one laid by hand. */
export function quickYield(plan: ShapePlan, mass_g: number, substance: Substance): Result<ShapeYield> {
  const question = questionOf(plan, mass_g, substance);
  const answer = known.get(question) ?? quick.get(question);
  if (answer) return answer;
  const rough = roughYield(plan, mass_g, substance);
  const provisional = takesSearch(plan);
  const made = rough.ok ? succeed({ ...withScatter(rough.value), provisional }) : rough;
  quick.put(question, made);
  return made;
}

/** Its layout takes so long to find that a page must not wait for it on every frame. */
export const takesSearch = (plan: ShapePlan): boolean => plan.method === 'roll-and-cut' && takesLong(plan);

/** Laid by hand and without minis, however the plan wants it: for searches that ask many times over. */
export function roughYield(plan: ShapePlan, mass_g: number, substance: Substance): Result<ShapeYield> {
  return runOut(workOut(plan.method === 'roll-and-cut' ? roughly(plan) : plan, mass_g, substance));
}

/** A yield that was worked out elsewhere, with what was asked. */
export type KnownYield = { readonly question: string; readonly answer: ShapeYield };

export function knownYield(plan: ShapePlan, mass_g: number, substance: Substance): KnownYield | null {
  const question = questionOf(plan, mass_g, substance);
  const answer = known.get(question);
  return answer?.ok ? { question, answer: answer.value } : null;
}
export const rememberYield = ({ question, answer }: KnownYield): void => known.put(question, succeed(answer));

function* workOut(plan: ShapePlan, mass_g: number, { g_per_ml, rise }: Substance): Generator<LayoutProgress, Result<ShapeYield>> {
  switch (plan.method) {
    case 'roll-and-cut':
      return yield* rolledYield(plan, mass_g, g_per_ml);
    case 'score-slab':
      return slabYield(plan, mass_g, g_per_ml);
    case 'drop':
      return dropYield(plan, mass_g, g_per_ml);
    case 'ball':
      return ballYield(plan, mass_g, g_per_ml);
    case 'log-slice':
      return logYield(plan, mass_g, g_per_ml);
    case 'mat':
    case 'cup':
    case 'frozen-mould':
      return hollowsYield(plan, mass_g, g_per_ml);
    case 'cake':
      return cakeYield(plan, mass_g, g_per_ml, rise);
    case 'slice':
      return sliceYield(plan, mass_g, g_per_ml);
    case 'cube':
      return cubeYield(plan, mass_g, g_per_ml);
  }
}
