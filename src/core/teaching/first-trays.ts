import { trayCourses, trayModel } from '../calls';
import { applianceRecord, type Appliance } from '../catalogue';
import type { BatchDocument } from '../document';
import { fail, succeed, type Result } from '../failure';
import { fitAppliance, type Belief, type Past, type TrayModel } from '../learning';
import type { Kitchen } from '../prediction';
import { trayBatch, type FirstTray } from './first-bake';

/** The trays that teach the most, and how well the time of a usual biscuit is known before any and after each of them. */
export type FirstTrays = {
  readonly trays: readonly FirstTray[];
  /** One spread of that time, as a share of it [%]; the first is before any tray. */
  readonly known_to_pct: readonly number[];
  readonly minutes: number;
};

/** As many as an hour gives, with the weighing in between. */
const TRAYS = 5;
const MOST_MIN = 50;
/** What may be tried: thin and thick, cool and hot, short and long. Source: ours, what a home rolls and bakes. */
const THICKNESSES_MM = [3.5, 5, 7] as const;
const SETPOINTS_C = [120, 150, 180] as const;
const MINUTES = [6, 8, 10, 12] as const;
/** The biscuit whose time is to be known. */
const USUAL: FirstTray = { thickness_mm: 6, setpoint_c: 165, minutes: 40 };
/** Steps over which the usual biscuit's time is told [1, K]. */
const BY_LOG = 0.3;
const BY_K = 10;

type Candidate = { readonly tray: FirstTray; readonly past: Past };

/**
 * Chooses five small trays of plain dough that narrow the time of a usual biscuit the most, one after the other. What each would teach is
 * reckoned by the same fit that learns from it afterwards: its spread once the tray was weighed as it went in and as it came out, had the oven
 * worked as the model says.
 *
 * @returns BAD_VALUE for what is no oven
 */
export function firstTrays(appliance: Appliance, kitchen: Kitchen, air: BatchDocument['kitchen']): Result<FirstTrays> {
  const { likeAnOven, dial_c } = applianceRecord(appliance.kind ?? 'static-oven');
  if (likeAnOven === null || dial_c === null)
    return fail(
      'BAD_VALUE',
      'Only an oven or an air fryer is taught by trays. A dryer learns from its batches.',
      'appliance.kind',
    );
  const usual = modelOf(USUAL, appliance, kitchen, air);
  if (!usual.ok) return usual;
  const slope = timeSlope(usual.value.model, usual.value.target);
  const candidates: Candidate[] = [];
  for (const thickness_mm of THICKNESSES_MM)
    for (const setpoint_c of SETPOINTS_C.filter((one) => one >= dial_c[0] && one <= dial_c[1])) {
      const worked = modelOf({ thickness_mm, setpoint_c, minutes: MINUTES[MINUTES.length - 1] }, appliance, kitchen, air);
      if (!worked.ok) return worked;
      const { model, lossSpread } = worked.value;
      for (const minutes of MINUTES)
        candidates.push({
          tray: { thickness_mm, setpoint_c, minutes },
          past: { model, lossSpread, weighed: [{ minutes, share: model(minutes, 0, 0) }] },
        });
    }
  const chosen: Candidate[] = [];
  const known_to_pct = [knownTo(fitAppliance([]), slope)];
  for (let left_min = MOST_MIN; chosen.length < TRAYS; left_min = MOST_MIN - minutesOf(chosen)) {
    // Each of those still to come takes at least the shortest.
    const most = left_min - (TRAYS - chosen.length - 1) * MINUTES[0];
    const next = candidates
      .filter(({ tray }) => tray.minutes <= most && !chosen.some((one) => isLike(one.tray, tray)))
      .map((one) => ({ one, pct: knownTo(fitAppliance([...chosen, one].map(({ past }) => past)), slope) }))
      .reduce((best, it) => (it.pct < best.pct ? it : best));
    chosen.push(next.one);
    known_to_pct.push(next.pct);
  }
  return succeed({ trays: chosen.map(({ tray }) => tray), known_to_pct, minutes: minutesOf(chosen) });
}

/** No two alike: what is odd of one thickness at one heat must not pass for the oven. */
const isLike = (one: FirstTray, other: FirstTray): boolean =>
  one.thickness_mm === other.thickness_mm && one.setpoint_c === other.setpoint_c;

const minutesOf = (chosen: readonly Candidate[]): number => chosen.reduce((sum, { tray }) => sum + tray.minutes, 0);

type TrayModelled = { readonly model: TrayModel; readonly target: number; readonly lossSpread: number };

function modelOf(tray: FirstTray, appliance: Appliance, kitchen: Kitchen, air: BatchDocument['kitchen']): Result<TrayModelled> {
  // Its own pace is what is to be learned: from the model's.
  const courses = trayCourses(trayBatch(tray, { ...appliance, pace: 1 }, air), kitchen);
  if (!courses.ok) return courses;
  const [course] = courses.value;
  if (!course) return fail('OUTSIDE_MODEL', 'A tray in this oven would lose too little to be weighed.', 'appliance');
  const { table, target, lossSpread } = course;
  return succeed({ model: trayModel(table), target, lossSpread });
}

/** How the logarithm of the usual biscuit's time goes with pace and offset. */
function timeSlope(model: TrayModel, target: number): readonly [number, number] {
  const log = (logPace: number, offset_K: number): number => Math.log(minuteAt(model, target, logPace, offset_K));
  return [(log(BY_LOG, 0) - log(-BY_LOG, 0)) / (2 * BY_LOG), (log(0, BY_K) - log(0, -BY_K)) / (2 * BY_K)];
}

/** When a tray weighs so little [min]; the search ends far beyond any bake. */
function minuteAt(model: TrayModel, share: number, logPace: number, offset_K: number): number {
  let [low, high] = [0, USUAL.minutes * 3.5];
  for (let round = 0; round < 40; round++) {
    const middle = (low + high) / 2;
    if (model(middle, logPace, offset_K) > share) low = middle;
    else high = middle;
  }
  return high;
}

/** One spread of the usual biscuit's time under a belief [%]. */
const knownTo = ({ covariance: [[pp, po], [, oo]] }: Belief, [byPace, byOffset]: readonly [number, number]): number =>
  100 * Math.sqrt(byPace * byPace * pp + 2 * byPace * byOffset * po + byOffset * byOffset * oo);
