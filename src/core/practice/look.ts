import { fail, succeed, type Result } from '../failure';
import { seenUntil, type Seen } from './seen';
import type { Act } from './act';
import type { Setting } from './setting';
import { stepsOf, stretch, type OvenState } from './steps-of';
import { truthOf } from './truth';
import { runShown, windowOf, type Window } from './window';

/** A bake as it stands: what was found out, and what the glass will show while nothing is done. */
export type Look = {
  readonly minute: number;
  readonly standing: OvenState & { readonly in_dryer: boolean };
  readonly seen: readonly Seen[];
  readonly window: Window;
};

/** Nobody watches longer than so many times the recipe's own time, nor than this after an act [1, min]. */
const WATCHED = 2;
const AT_LEAST_MIN = 60;
/** Moments of the glass that are told ahead [1]. */
const GLIMPSES = 180;

/**
 * What a baker sees of a bake after what was done so far. What a piece that still cools will tell is in it, with the minute from which
 * it is known.
 *
 * @param bake - the number of the hidden truth
 */
export function lookOf(setting: Setting, bake: number, acts: readonly Act[]): Result<Look> {
  const { steps, minute, standing } = stepsOf(acts, setting);
  const ahead_min = Math.max(AT_LEAST_MIN, WATCHED * setting.goal.minutes - minute);
  const every_min = Math.max(1, ahead_min / GLIMPSES);
  const out = acts.some(({ do: name }) => name === 'out');
  const more = out ? [] : stretch(standing, ahead_min);
  const rans = runShown(setting, [...steps, ...more], { draw: truthOf(bake, setting.unknown), everyMin: every_min });
  if (!rans.ok) return rans;
  const [first] = rans.value;
  const end = first.minutes[first.minutes.length - 1];
  if (!Number.isFinite(end)) return fail('OUTSIDE_MODEL', 'This bake lies beyond what can be simulated. Begin another one.');
  const judged = rans.value.filter((_, i) => setting.pieces[i].judged);
  return succeed({
    minute,
    standing: { ...standing, in_dryer: acts.some(({ do: name }) => name === 'move') },
    seen: seenUntil(acts, judged, out ? minute : minute + ahead_min, bake),
    window: windowOf(rans.value, minute, out ? minute : minute + ahead_min, every_min),
  });
}
