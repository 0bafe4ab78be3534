import { SUPPORTS, simulate, type Stage } from '../heat';
import type { PredictionRun } from './prediction-run';
import { courseOf, type CoursePoint } from '../programme';
import { FRIDGE } from '../catalogue';

/** Where pieces can cool. */
const PLACES = ['rack', 'tray', 'fridge'] as const;
type Place = (typeof PLACES)[number];

/** A piece cooling in one place. */
export type CoolingCurve = {
  readonly place: Place;
  readonly points: ReadonlyArray<{ readonly minute: number; readonly core_c: number }>;
  /** Minutes until it is cold enough to pack; null: longer than was looked at. */
  readonly cold_minutes: number | null;
};

/** A piece left on the rack overnight in air of one dampness. */
export type Night = {
  readonly rh_pct: number;
  readonly points: ReadonlyArray<{ readonly hour: number; readonly moisture_pct: number; readonly snap: number }>;
};

export type Cooling = { readonly curves: readonly CoolingCurve[]; readonly nights: readonly Night[] };

const LOOKED_AT_MIN = 120;
/** Cold enough to pack: this much above the room [K]. */
const COLD_WITHIN_K = 5;
const NIGHT_H = 12;
/** A dry, a usual and a humid night [%]. */
const NIGHTS_PCT = [45, 65, 85];

/** How a finished batch cools in each place, and what a night on the rack makes of it. Null for what ends frozen, or beyond the model. */
export function coolingOf(worked: PredictionRun): Cooling | null {
  if (worked.heat.endsFrozen) return null;
  const { room } = worked.heat;
  const curves = PLACES.flatMap((place): CoolingCurve[] => {
    const course = after(worked, stageIn(place, worked), LOOKED_AT_MIN * 60, 60);
    if (!course) return [];
    const points = course.map(({ minute, core_c }) => ({ minute, core_c }));
    const cold = points.find(({ core_c }) => core_c <= room.temperature_c + COLD_WITHIN_K);
    return [{ place, points, cold_minutes: cold?.minute ?? null }];
  });
  const nights = NIGHTS_PCT.flatMap((rh_pct): Night[] => {
    const air = { air_c: room.temperature_c, relativeHumidity: rh_pct / 100 };
    const course = after(worked, { set: air, support: SUPPORTS['wire-rack'] }, NIGHT_H * 3600, 1800);
    if (!course) return [];
    return [{ rh_pct, points: course.map(({ minute, moisture_pct, snap }) => ({ hour: minute / 60, moisture_pct, snap })) }];
  });
  return { curves, nights };
}

function stageIn(place: Place, { simulation }: PredictionRun): Pick<Stage, 'set' | 'support'> {
  const tray = simulation.stages.at(-1)?.support ?? SUPPORTS['paper-on-tray'];
  if (place === 'fridge') return { set: FRIDGE, support: SUPPORTS['wire-rack'] };
  return { set: 'room', support: place === 'tray' ? tray : SUPPORTS['wire-rack'] };
}

/** The course of a piece after its programme, from minute nought. */
function after(
  worked: PredictionRun,
  stage: Pick<Stage, 'set' | 'support'>,
  duration_s: number,
  recordEvery_s: number,
): CoursePoint[] | null {
  const { simulation, heat, dough, out } = worked;
  const last: Stage = { duration_s, door: 'shut', preheated: false, events: [], ...stage };
  const run = simulate({ ...simulation, recordEvery_s, stages: [...simulation.stages, last] });
  if (!run.ok) return null;
  const start_s = simulation.stages.reduce((sum, { duration_s: s }) => sum + s, 0);
  const frames = run.value.frames.filter(({ time_s }) => time_s >= start_s - 1e-6);
  // On the kitchen's clock: no appliance's pace stretches it.
  return courseOf({ ...run.value, frames }, heat, dough, out).map((point, i) => ({
    ...point,
    minute: (frames[i].time_s - start_s) / 60,
  }));
}
