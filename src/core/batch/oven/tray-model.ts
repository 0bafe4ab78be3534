import { succeed, type Result } from '../../failure';
import { COARSE, simulate } from '../../heat';
import type { TrayModel } from '../../learning';
import { Assumptions } from '../defaults';
import type { BatchDocument, Heat, HeatStep } from '../document';
import { simulationOf } from '../heat/bake';
import { planHeat } from '../heat/plan';
import { writtenLegs } from '../heat/written-legs';
import { predict, type Worked } from '../predict';
import type { Kitchen } from '../prepare';

/** A batch's tray in its first appliance: what it weighs when, at whatever pace that works. */
export type TrayCourse = {
  readonly model: TrayModel;
  /** Net weight over net start weight that counts as dry as planned. */
  readonly target: number;
  /** Minutes planned in that appliance. */
  readonly minutes: number;
};

/** Paces (ln) and offsets [K] at which the simulation is run; between them the shares are read off straight lines. */
const LOG_PACES = [-1.2, -0.9, -0.6, -0.3, 0, 0.3, 0.6, 0.9, 1.2];
const OFFSETS_K = [-15, 0, 15];
const POINTS = 160;
/** As dry as planned, to what a kitchen scale can tell on a tray; at the very end hardly anything leaves any more [1]. Source: ours. */
const WITHIN = 0.004;
/** After what is planned the last setpoint is held on, so much longer than the whole [1]. */
const ON_AND_ON = 2.5;

/**
 * The tray weight of a batch over time as a family of curves: the simulator run at other paces and offsets, with the last
 * setpoint held on past the programme's end.
 */
export function trayCourse(document: BatchDocument, kitchen: Kitchen): Result<TrayCourse> {
  const worked = predict(document, kitchen, 'unadvised');
  if (!worked.ok) return worked;
  const heat = inItsFirst(document.heat);
  const planned = heat.steps.reduce((sum, step) => sum + ('minutes' in step ? step.minutes : 0), 0);
  const held: Heat = { ...heat, steps: [...heat.steps, ...heldOn(heat, planned)] };
  const minutes = planned * (1 + ON_AND_ON);
  const tables: Float64Array[][] = [];
  for (const logPace of LOG_PACES) {
    const row: Float64Array[] = [];
    for (const offset_K of OFFSETS_K) {
      const curve = sharesOf(held, document, worked.value, { logPace, offset_K });
      if (!curve.ok) return curve;
      row.push(curve.value);
    }
    tables.push(row);
  }
  const model = readOff(tables, minutes);
  const planned_share = model(planned, Math.log(heat.appliance?.pace ?? 1), 0);
  return succeed({ model, target: planned_share + WITHIN, minutes: planned });
}

/** The programme up to where it is moved on. */
function inItsFirst(heat: Heat): Heat {
  const [first] = writtenLegs(heat);
  return { ...heat, steps: first.steps.map(({ step }) => step) };
}

function heldOn({ steps }: Heat, planned: number): HeatStep[] {
  const minutes = planned * ON_AND_ON;
  const last = steps.findLast(
    (step) => step.do === 'hold' || step.do === 'ramp' || step.do === 'freeze-dry' || step.do === 'freeze',
  );
  if (!last || !('minutes' in last)) return [{ do: 'cool', minutes }];
  return [last.do === 'ramp' ? { do: 'hold', setpoint_c: last.setpoint_c, minutes } : { ...last, minutes }];
}

/** One run: shares of the start weight, evenly over the minutes of the clock. */
function sharesOf(
  heat: Heat,
  document: BatchDocument,
  { dough, out, shape }: Worked,
  { logPace, offset_K }: { readonly logPace: number; readonly offset_K: number },
): Result<Float64Array> {
  const appliance = {
    ...heat.appliance,
    pace: Math.exp(logPace),
    thermostat_offset_c: (heat.appliance?.thermostat_offset_c ?? 0) + offset_K,
  };
  const plan = planHeat({ ...heat, appliance }, document.kitchen, { method: shape.method, out }, new Assumptions());
  if (!plan.ok) return plan;
  const simulation = simulationOf(plan.value, dough, out);
  const seconds = plan.value.stages.reduce((sum, { duration_s }) => sum + duration_s, 0);
  const run = simulate({ ...simulation, fineness: COARSE, recordEvery_s: seconds / POINTS });
  if (!run.ok) return run;
  const { frames } = run.value;
  const start = 1 + frames[0].meanMoisture;
  const shares = new Float64Array(POINTS + 1);
  let at = 0;
  for (let i = 0; i <= POINTS; i++) {
    const time_s = (seconds * i) / POINTS;
    while (at < frames.length - 2 && frames[at + 1].time_s < time_s) at++;
    const [before, after] = [frames[at], frames[Math.min(at + 1, frames.length - 1)]];
    const span = after.time_s - before.time_s;
    const part = span > 0 ? Math.min(1, Math.max(0, (time_s - before.time_s) / span)) : 1;
    shares[i] = (1 + before.meanMoisture + part * (after.meanMoisture - before.meanMoisture)) / start;
  }
  return succeed(shares);
}

/** Reads the tables: straight between minutes, paces and offsets, and flat beyond them. */
function readOff(tables: ReadonlyArray<readonly Float64Array[]>, minutes: number): TrayModel {
  const curve = (shares: Float64Array, minute: number): number => {
    const x = Math.min(POINTS, Math.max(0, (minute / minutes) * POINTS));
    const i = Math.min(POINTS - 1, Math.floor(x));
    return shares[i] + (x - i) * (shares[i + 1] - shares[i]);
  };
  return (minute, logPace, offset_K) => {
    const [p, q] = [between(LOG_PACES, logPace), between(OFFSETS_K, offset_K)];
    const along = (row: readonly Float64Array[]): number =>
      (1 - q.part) * curve(row[q.at], minute) + q.part * curve(row[q.at + 1], minute);
    return (1 - p.part) * along(tables[p.at]) + p.part * along(tables[p.at + 1]);
  };
}

function between(knots: readonly number[], value: number): { readonly at: number; readonly part: number } {
  const last = knots.length - 2;
  let at = 0;
  while (at < last && knots[at + 1] < value) at++;
  return { at, part: Math.min(1, Math.max(0, (value - knots[at]) / (knots[at + 1] - knots[at]))) };
}
