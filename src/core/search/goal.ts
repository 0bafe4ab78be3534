import { CORE_TARGET_C, ENOUGH_KILL } from '../cautions';
import { isRawTissue } from '../pantry';
import type { PackChoice } from '../catalogue';
import { TARGET, type Target } from '../document';
import type { Finish } from '../programme';
import { fillPacks, keptOf, packLife, type PredictionRun } from '../prediction';
import { mixtureOf } from '../yield';

/** What a moment of a trial gives, if the pieces were taken out then. */
export type Ending = {
  readonly minute: number;
  readonly finish: Finish;
  readonly browning: number;
  /** Hottest the middle has been [°C], log10 kill credited while it was wet, and whether a pick comes out clean. */
  readonly core_cMax: number;
  readonly kill_log10: number;
  readonly clean: boolean;
};

/** A target made ready for one batch: what must be reached, and what must not be passed. */
export type Goal = {
  readonly target: Target;
  readonly browningMost: number;
  /** Heat that the middle calls for, by what is raw in it [°C]. */
  readonly core_c: number;
  /** Log10 kill that raw meat or fish calls for while it is wet; 0 without any. */
  readonly kill_log10: number;
  readonly pick: boolean;
  /** Where the days are counted: the first pack, in the fridge when it is moist on purpose and would stand in the room. */
  readonly choice: PackChoice;
  readonly chilled: boolean;
  /** Share of the batches that shall get there [0..1]. */
  readonly sure: number;
  readonly daysOf: (finish: Finish) => number;
};

/** Brown at the edge, well before dark: what a baker wants who has not said [0..1]. */
const USUAL_BROWNING = 0.35;
/** A moist middle is crumb and no longer dough [°C]. Source: usual 90-96 for cakes and soft bread. */
const CRUMB_C = 90;
/** Raw flour wants its heat as well [°C]. */
const FLOUR_C = 71;

export function goalOf(target: Target, worked: PredictionRun): Goal {
  const { packs, out, treat, body } = worked;
  const { lines } = body;
  const pick = target.pick_clean ?? mixtureOf(worked.shape) === 'batter';
  const chilled = (target.snap_max !== undefined || pick) && (packs[0].store ?? 'room') === 'room';
  const choice: PackChoice = chilled ? { ...packs[0], store: 'fridge' } : packs[0];
  const core_c = Math.max(
    // What stays moist must have set all through: a dough that is only hot is no crumb yet.
    target.snap_max !== undefined || pick ? CRUMB_C : 0,
    ...lines.map(({ ingredient, mass_g }) =>
      mass_g === 0
        ? 0
        : ingredient.rawAnimal
          ? CORE_TARGET_C[ingredient.rawAnimal]
          : ingredient.category === 'flour/meal'
            ? FLOUR_C
            : 0,
    ),
  );
  const [{ pieces_per_pack }] = fillPacks([choice], { pieces: out.pieces, volume_ml: treat.volume_ml });
  return {
    target,
    browningMost: target.browning_max ?? USUAL_BROWNING,
    core_c,
    kill_log10: lines.some(({ ingredient, mass_g }) => mass_g > 0 && isRawTissue(ingredient)) ? ENOUGH_KILL : 0,
    pick,
    choice,
    chilled,
    sure: (target.sure_pct ?? TARGET.fields.sure_pct.default) / 100,
    daysOf: (finish) => packLife(choice, pieces_per_pack, keptOf(worked, finish)).days,
  };
}

/** Everything that time brings has been reached. */
export function isReached(goal: Goal, ending: Ending): boolean {
  const { target, pick, daysOf } = goal;
  const { finish, clean } = ending;
  if (!isHotEnough(goal, ending) || (pick && !clean)) return false;
  if (target.snap_min !== undefined && finish.snap < target.snap_min) return false;
  return target.keeps_days_min === undefined || daysOf(finish) >= target.keeps_days_min;
}

/** The middle has had the heat that what is raw in it calls for, while it was wet where that counts. */
export const isHotEnough = (goal: Goal, { core_cMax, kill_log10 }: Ending): boolean =>
  core_cMax >= goal.core_c && kill_log10 >= goal.kill_log10;

/** What time takes away has been lost; null when all is well. */
export function isPassed({ target, browningMost }: Goal, { finish, browning }: Ending): 'too-dark' | 'too-dry' | null {
  if (browning > browningMost) return 'too-dark';
  return target.snap_max !== undefined && finish.snap > target.snap_max ? 'too-dry' : null;
}

/** How far an ending misses, 0 when it does not: shares of what is asked for, added up. */
export function missOf(goal: Goal, { finish, browning, core_cMax, kill_log10, clean }: Ending): number {
  const { target, browningMost, pick, daysOf } = goal;
  const short = (have: number, want: number): number => (want > 0 ? Math.max(0, 1 - have / want) : 0);
  return (
    short(finish.snap, target.snap_min ?? 0) +
    short(daysOf(finish), target.keeps_days_min ?? 0) +
    2 * short(core_cMax, goal.core_c) +
    short(kill_log10, goal.kill_log10) +
    (pick && !clean ? 1 : 0) +
    2 * Math.max(0, browning - browningMost) +
    (target.snap_max === undefined ? 0 : Math.max(0, (finish.snap - target.snap_max) / 10))
  );
}
