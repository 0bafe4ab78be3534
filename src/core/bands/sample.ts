import { simulate } from '../heat';
import { type Finish, finishOf, courseOf, type CoursePoint, reachedIn } from '../programme';
import { takenUp, type PredictionRun } from '../prediction';
import { mixtureOf } from '../yield';
import { drawOf, vary, criticalShift, type Draw } from './vary';

/** Moments at which the bands of the curves are told, evenly over the programme. */
export const BAND_POINTS = 25;
/** Looks between two of them, so that a moment early in a long programme is not read off a long straight line. */
const FINER = 4;

/** How one plausible other world went; plain data, so that it can cross from another worker. */
export type Sample = {
  /** Number of its draw. */
  readonly index: number;
  readonly moisture_pct: number;
  readonly mass_loss_pct: number;
  readonly snap: number;
  readonly browning: number;
  /** In the order of the likely run's moments; null where it is not reached. */
  readonly reached: ReadonlyArray<number | null>;
  /** Hottest that the middle has been by every moment of the bands [°C]: a short hot stage falls between two of them. */
  readonly hottest_c: readonly number[];
  /** At every moment of the bands. */
  readonly curves: Readonly<Record<Curve, readonly number[]>>;
};

export const CURVES = ['moisture_pct', 'core_c', 'snap', 'browning'] as const;
export type Curve = (typeof CURVES)[number];

/** Works one draw out; null when it lies beyond the model and so says nothing. */
export const sampleOf = (worked: PredictionRun, index: number): Sample | null => sampleAt(worked, index, drawOf(index));

/** The same for a draw that was not drawn, such as one in which a single thing is otherwise. */
export function sampleAt(worked: PredictionRun, index: number, draw: Draw): Sample | null {
  const { heat, dough, out, shape, simulation } = worked;
  const total_s = simulation.stages.reduce((sum, { duration_s }) => sum + duration_s, 0);
  const varied = vary(worked, draw);
  const run = simulate({ ...varied, recordEvery_s: total_s / (FINER * (BAND_POINTS - 1)) });
  if (!run.ok) return null;
  const { end, frames, profiles, shares } = run.value;
  const other = { ...dough, material: varied.material, criticalShift: criticalShift(draw) };
  const read = (gained: number): Finish =>
    finishOf(end, profiles.at(end.row), shares, other, out, { isothermScale: varied.isothermScale, gained });
  const bare = read(0);
  const gained = takenUp(worked.treat.coating, { dough: other, out }, bare);
  const finish = gained === 0 ? bare : read(gained);
  const course = courseOf({ frames, profiles, shares }, heat, other, out, varied.isothermScale);
  const minutes = bandMinutes(heat.minutes);
  return {
    index,
    moisture_pct: finish.moisture_pct,
    mass_loss_pct: 100 * (1 - finish.massRatio),
    snap: finish.snap,
    browning: end.browningEdge,
    reached: reachedIn(course, heat, dough, mixtureOf(shape)).map(({ minute }) => minute),
    hottest_c: hottestBy(course, minutes),
    curves: {
      moisture_pct: readAt(course, minutes, 'moisture_pct'),
      core_c: readAt(course, minutes, 'core_c'),
      snap: readAt(course, minutes, 'snap'),
      browning: readAt(course, minutes, 'browning'),
    },
  };
}

/** The minutes at which bands are told. */
export const bandMinutes = (minutes: number): number[] =>
  Array.from({ length: BAND_POINTS }, (_, i) => (minutes * i) / (BAND_POINTS - 1));

/** A curve of a draw at a share of the programme [0..1], by straight lines; before and after it as at its ends. */
export function curveAt(curve: readonly number[], share: number): number {
  const at = Math.min(1, Math.max(0, share)) * (curve.length - 1);
  const before = Math.min(curve.length - 2, Math.floor(at));
  return curve[before] + (at - before) * (curve[before + 1] - curve[before]);
}

/** Hottest middle of all moments up to each of these minutes [°C]. */
function hottestBy(course: readonly CoursePoint[], minutes: readonly number[]): number[] {
  let at = 0;
  let hottest = -Infinity;
  return minutes.map((minute) => {
    for (; at < course.length && course[at].minute <= minute + 1e-9; at++) hottest = Math.max(hottest, course[at].core_c);
    return hottest;
  });
}

/** A curve at these minutes, by straight lines between what was recorded. */
function readAt(course: readonly CoursePoint[], minutes: readonly number[], of: Curve): number[] {
  let at = 0;
  return minutes.map((minute) => {
    while (at < course.length - 2 && course[at + 1].minute < minute) at++;
    const [before, after] = [course[at], course[Math.min(at + 1, course.length - 1)]];
    const span = after.minute - before.minute;
    const share = span > 0 ? Math.min(1, Math.max(0, (minute - before.minute) / span)) : 1;
    return before[of] + share * (after[of] - before[of]);
  });
}
