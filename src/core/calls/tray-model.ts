import { succeed, type Result } from '../failure';
import { COARSE, simulate, solvedInJuice, type Frame } from '../heat';
import { Assumptions } from '../fields';
import { type Appliance, type HeatStep } from '../catalogue';
import { type BatchDocument, type Heat } from '../document';
import { simulatedSecond, simulationOf, planHeat, type WrittenStage } from '../programme';
import { portionsOf, predict, type PredictionRun, type Kitchen } from '../prediction';
import { heatsInTurn, stagesInTurn } from './turns';
import { LOG_PACES, OFFSETS_K, POINTS, trayModel, type TrayTable } from './tray-table';

/** A batch's tray in one appliance of its programme: what it weighs when, at whatever pace that works. */
export type TrayCourse = {
  /** Which of the appliances of its programmes it is, counted from 0 through all of them. */
  readonly stage: number;
  readonly appliance: Appliance;
  /** Shares of what went into this appliance. */
  readonly table: TrayTable;
  /** How much more or less there may be to lose, relative [1]: doughs and fruit differ in water. */
  readonly lossSpread: number;
  /** Net weight over net weight going in that counts as dry as planned. */
  readonly target: number;
  /** Minutes planned in that appliance. */
  readonly minutes: number;
};

/** As dry as planned, to what a kitchen scale can tell on a tray; at the very end hardly anything leaves any more [1]. Source: ours. */
const WITHIN = 0.004;
/** After what is planned the last setpoint is held on, so much longer than the whole [1]. */
const ON_AND_ON = 2.5;
/** Spread of the water in what goes in, from batch to batch [share of its mass]. Source: as in the bands (core/bands/vary.ts). */
const WATER_SPREAD = 0.02;
/** Where trays lose less than this, as in a freezer, their weight tells nothing of a pace [1]. Source: ours, a few steps of a kitchen scale. */
const TELLS = 0.02;

/**
 * The tray weight of a batch over time, in each appliance that it dries in, as a family of curves: the simulator run at
 * other paces and offsets of that appliance, with its last setpoint held on past the programme's end. What it went through
 * before is taken as planned.
 */
export function trayCourses(document: BatchDocument, kitchen: Kitchen): Result<TrayCourse[]> {
  const portions = portionsOf(document, kitchen, 'light');
  if (!portions.ok) return portions;
  const courses: TrayCourse[] = [];
  let turn = -1;
  let worked: PredictionRun | null = null;
  for (const [stage, here] of stagesInTurn(document).entries()) {
    const one = inTurn(portions.value, document, here.turn);
    if (here.turn !== turn || !worked) {
      const run = predict(one, kitchen, 'light');
      if (!run.ok) return run;
      [turn, worked] = [here.turn, run.value];
    }
    // A freezer that a step goes to by itself is nobody's own: it has no pace.
    if (here.at > 0 && !here.stage.appliance) continue;
    const course = courseIn({ stage, written: here.stage }, one, worked);
    if (!course.ok) return course;
    if (course.value) courses.push(course.value);
  }
  return succeed(courses);
}

/** What goes through a programme, as a batch of its own: of portions that go together, the first. */
function inTurn(
  portions: ReadonlyArray<{ name: string | null; together: boolean; document: BatchDocument }>,
  document: BatchDocument,
  turn: number,
): BatchDocument {
  const { portion } = heatsInTurn(document)[turn];
  const of = portions.find(({ name, together }) => (together ? turn === 0 : name === portion));
  return (of ?? portions[0]).document;
}

type In = { readonly stage: number; readonly written: WrittenStage };

/** Null where the trays' weight tells nothing. */
function courseIn({ stage, written }: In, document: BatchDocument, worked: PredictionRun): Result<TrayCourse | null> {
  const appliance = written.appliance ?? {};
  const planned = written.steps.reduce((sum, { step }) => sum + ('minutes' in step ? step.minutes : 0), 0);
  const minutes = planned * (1 + ON_AND_ON);
  const held = heldOn(document.heat, written, planned);
  const first = written.steps[0].index;
  const tables: Float64Array[][] = [];
  for (const logPace of LOG_PACES) {
    const row: Float64Array[] = [];
    for (const offset_K of OFFSETS_K) {
      const pace = Math.exp(logPace);
      const thermostat_offset_c = (appliance.thermostat_offset_c ?? 0) + offset_K;
      const heat = withAppliance(held, first, { ...appliance, pace, thermostat_offset_c });
      const curve = sharesOf(heat, first, minutes, document, worked);
      if (!curve.ok) return curve;
      row.push(curve.value);
    }
    tables.push(row);
  }
  const table = { tables, minutes };
  const atTheEnd = trayModel(table)(planned, Math.log(appliance.pace ?? 1), 0);
  if (atTheEnd > 1 - TELLS) return succeed(null);
  const lossSpread = WATER_SPREAD / waterGoingIn(worked, written);
  return succeed({ stage, appliance, table, lossSpread, target: atTheEnd + WITHIN, minutes: planned });
}

/** Water in the pieces as they go into an appliance [share of their mass]. */
function waterGoingIn({ course, heat }: PredictionRun, { steps: [{ index }] }: WrittenStage): number {
  const into = heat.stageSteps.findIndex((step) => step >= index);
  const minute = heat.stageMinutes.slice(0, into).reduce((sum, one) => sum + one, 0);
  const point = course.findLast((one) => one.minute <= minute + 1e-6) ?? course[0];
  return Math.max(WATER_SPREAD, point.moisture_pct / 100);
}

/** The programme up to where it is moved on, and then on and on as it was last set. */
function heldOn({ steps, ...heat }: Heat, { steps: mine }: WrittenStage, planned: number): Heat {
  const minutes = planned * ON_AND_ON;
  const last = mine
    .map(({ step }) => step)
    .findLast(({ do: act }) => act === 'hold' || act === 'ramp' || act === 'freeze-dry' || act === 'freeze');
  const on: HeatStep =
    !last || !('minutes' in last)
      ? { do: 'cool', minutes }
      : last.do === 'ramp'
        ? { do: 'hold', setpoint_c: last.setpoint_c, minutes }
        : { ...last, minutes };
  return { ...heat, steps: [...steps.slice(0, mine[mine.length - 1].index + 1), on] };
}

/** The programme with another appliance where the step of this number stands. */
function withAppliance(heat: Heat, index: number, appliance: Appliance): Heat {
  const moved = heat.steps.findLastIndex((step, i) => i < index && step.do === 'move' && step.appliance !== undefined);
  if (moved === -1) return { ...heat, appliance };
  return { ...heat, steps: heat.steps.map((step, i) => (i === moved && step.do === 'move' ? { ...step, appliance } : step)) };
}

/** One run: shares of what stood in the appliance from this step on, evenly over the minutes of the clock. */
// oxlint-disable-next-line max-params -- older than the rule
function sharesOf(
  heat: Heat,
  first: number,
  minutes: number,
  document: BatchDocument,
  { dough, out, shape, body }: PredictionRun,
): Result<Float64Array> {
  const plan = planHeat(heat, document.kitchen, { method: shape.method, out, puts: body.puts }, new Assumptions());
  if (!plan.ok) return plan;
  const { stages, stageMinutes, stageSteps } = plan.value;
  const simulation = simulationOf(plan.value, dough, out);
  const seconds = stages.reduce((sum, { duration_s }) => sum + duration_s, 0);
  const run = simulate({ ...simulation, fineness: COARSE, recordEvery_s: seconds / POINTS });
  if (!run.ok) return run;
  const { frames } = run.value;
  const into = stageSteps.findIndex((step) => step >= first);
  const begins_min = stageMinutes.slice(0, into).reduce((sum, one) => sum + one, 0);
  const leftAt = readFrames(frames);
  const weightAt = (minute: number): number => leftAt(simulatedSecond(plan.value, begins_min + minute));
  const start = weightAt(0);
  const shares = new Float64Array(POINTS + 1);
  for (let i = 0; i <= POINTS; i++) shares[i] = weightAt((minutes * i) / POINTS) / start;
  return succeed(shares);
}

/** Water, and the solids that juice has not taken along [kg per kg of the solids that went in]. */
const leftOf = ({ meanMoisture, dripped }: Frame): number => 1 - solvedInJuice(dripped) + meanMoisture;

/** What is left of the pieces, on the solids that went in, at a simulated second, straight between frames; asked for in the order of time. */
function readFrames(frames: readonly Frame[]): (time_s: number) => number {
  let at = 0;
  return (time_s) => {
    while (at < frames.length - 2 && frames[at + 1].time_s < time_s) at++;
    const [before, after] = [frames[at], frames[Math.min(at + 1, frames.length - 1)]];
    const span = after.time_s - before.time_s;
    const part = span > 0 ? Math.min(1, Math.max(0, (time_s - before.time_s) / span)) : 1;
    return leftOf(before) + part * (leftOf(after) - leftOf(before));
  };
}
