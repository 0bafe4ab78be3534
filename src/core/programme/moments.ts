import { CORE_TARGET_C } from '../cautions';
import { COLOUR_STARTS } from '../heat';
import { criticalAw } from '../texture';
import { FROZEN_C } from './finish';
import type { DoughMaterial } from '../yield';
import type { Mixture } from '../catalogue';
import type { CoursePoint } from './course';
import type { HeatPlan } from './heat-plan';

/** Things worth knowing of a programme. Hot enough is what poultry asks for, the most of all. */
export const MOMENTS = [
  'frozen-through',
  'ice-gone',
  'set',
  'hot-enough',
  'pick-clean',
  'golden',
  'heart-dry',
  'snaps-when-cold',
  'too-dark',
] as const;
export type Moment = (typeof MOMENTS)[number];

/** When something worth knowing is reached; null when the programme ends before. */
export type Reached = { readonly what: Moment; readonly minute: number | null };

/** Snap from which a piece is said to snap. Source: ours. [1] */
const SNAPS_FROM = 7;
/** Starch has swollen and egg has set: the piece holds its shape [°C]. Source: usual 75-85 for doughs with egg. */
const SETS_AT_C = 82;

/** So much water does not freeze; a piece that is drier everywhere holds no ice [% wet basis]. Source: Plank's usual 0.35 of the solids. */
const ICE_BELOW_PCT = (100 * 0.35) / 1.35;

/** When each thing worth knowing is reached, between the recorded moments by straight lines. */
export function reachedIn(course: readonly CoursePoint[], heat: HeatPlan, dough: DoughMaterial, mixture: Mixture): Reached[] {
  const critical = criticalAw(dough.composition);
  const core = (at_c: number) => (point: CoursePoint) => point.core_c - at_c;
  const edge = (from: number) => (point: CoursePoint) => point.browning - from;
  const snaps: Reached = { what: 'snaps-when-cold', minute: forGood(course, ({ snap }) => snap - SNAPS_FROM) };
  const dry: Reached = { what: 'heart-dry', minute: forGood(course, ({ coreAw }) => critical - coreAw) };
  const frozen = course.some(({ core_c }) => core_c < FROZEN_C);
  const warmed = course.some(({ core_c }) => core_c > CORE_TARGET_C.fish);
  const reached: Reached[] = [];
  if (heat.applianceStages.some(({ surroundings }) => surroundings?.kind === 'freezer') || frozen)
    reached.push({ what: 'frozen-through', minute: firstTime(course, ({ core_c }) => FROZEN_C - core_c) });
  if (heat.applianceStages.some(({ surroundings }) => surroundings?.kind === 'freeze-dryer'))
    reached.push({ what: 'ice-gone', minute: forGood(course, ({ wettestMoisture_pct }) => ICE_BELOW_PCT - wettestMoisture_pct) });
  if (heat.applianceStages.some(({ surroundings }) => surroundings?.kind === 'chamber') || warmed)
    reached.push(
      { what: 'set', minute: firstTime(course, core(SETS_AT_C)) },
      { what: 'hot-enough', minute: firstTime(course, core(CORE_TARGET_C.poultry)) },
      { what: 'golden', minute: firstTime(course, edge(COLOUR_STARTS.golden)) },
      { what: 'too-dark', minute: firstTime(course, edge(COLOUR_STARTS.dark)) },
    );
  // A batter is baked until a pick says so; it is never meant to snap.
  if (mixture === 'batter') reached.push({ what: 'pick-clean', minute: firstTime(course, ({ clean }) => (clean ? 1 : -1)) });
  else if (!heat.endsFrozen) reached.push(dry, snaps);
  return MOMENTS.flatMap((what) => reached.filter((moment) => moment.what === what));
}

/** The first minute at which a value is no longer below nought; null when it never is. */
function firstTime(course: readonly CoursePoint[], value: (point: CoursePoint) => number): number | null {
  const at = course.findIndex((point) => value(point) >= 0);
  return at < 0 ? null : crossing(course, at, value);
}

/** The minute from which a value stays at or above nought until the end; null when it ends below. */
function forGood(course: readonly CoursePoint[], value: (point: CoursePoint) => number): number | null {
  const last = course.findLastIndex((point) => value(point) < 0);
  return last === course.length - 1 ? null : crossing(course, last + 1, value);
}

/** Where the straight line between a point and the one before passes nought. */
function crossing(course: readonly CoursePoint[], at: number, value: (point: CoursePoint) => number): number {
  if (at === 0) return course[0].minute;
  const [before, after] = [course[at - 1], course[at]];
  const [low, high] = [value(before), value(after)];
  return high === low ? after.minute : before.minute + ((after.minute - before.minute) * -low) / (high - low);
}
