import { fail, succeed, type Result } from '../failure';
import { runOut } from '../quantities';
import type { BatchDocument, Heat } from '../document';
import { doughOf, type Kitchen } from '../prediction';
import { bakedBy, type DoughMaterial } from '../yield';
import {
  ALL_TRIED,
  STRATEGIES,
  type Candidate,
  type Failed,
  type FoundProgrammes,
  type ClosestMiss,
  type Progress,
  type Strategy,
} from './found';
import { applianceRecord, isChamber, heatsFromBelow } from '../catalogue';
import { goalOf } from './goal';
import { candidateOf } from './candidate';
import { cutAll, type Cut } from './cuts';
import { withBands, type Asked } from './extend-until-sure';
import { isSure, surestOf } from './finalists';
import { byPreference } from './preferences';
import { settingOf, type Setting } from './strategies';
import type { Bench } from './trial';
import { predictTried, searchedOf, withTail, type Searched } from './tried';

/** Trials tell no finer shares of the baking apart [1]. */
const TRIED_SHARE = 0.05;
const MOST_CANDIDATES = 4;

/** Finds programmes that meet a document's target; see `findInSteps`. */
export const findProgrammes = (document: BatchDocument, kitchen: Kitchen): Result<FoundProgrammes> =>
  runOut(findInSteps(document, kitchen));

/**
 * Looks through the strategies of heating for programmes that meet the document's target within its limits, and predicts the
 * best of each exactly. Yields how far it is, so that a worker can show that and be stopped.
 *
 * @returns up to four candidates, best first by what is preferred; or why the document or its target is wrong
 */
export function* findInSteps(written: BatchDocument, kitchen: Kitchen): Generator<Progress, Result<FoundProgrammes>> {
  const searched = searchedOf(written, kitchen);
  const { document, tail } = searched;
  const setting = settingOf(document);
  const { target } = setting;
  if (target.snap_min === undefined && target.keeps_days_min === undefined && !target.pick_clean && target.snap_max === undefined)
    return fail('BAD_VALUE', 'Say what the programme must reach: a Snap, days that it keeps, or a clean pick.', 'target');
  if (target.snap_min !== undefined && target.snap_max !== undefined && target.snap_min > target.snap_max)
    return fail('BAD_VALUE', 'At least this Snap and at most that one cannot both be. Lower one of them.', 'target.snap_min');
  const bench = benchOf(searched);
  if (!bench.ok) return bench;
  const goal = goalOf(target, bench.value.worked);
  const cuts = yield* cutAll(setting, goal, bench.value);
  const prefer = target.prefer ?? 'fastest';
  const asked: Asked = { ...searched, goal };
  const shown: Candidate[] = [];
  const failed: Failed[] = [];
  for (const strategy of STRATEGIES) {
    const mine = cuts.filter((cut) => cut.strategy === strategy);
    const found = yield* surestOf(mine, prefer, asked);
    if (isSure(found)) shown.push(found);
    else if (found) failed.push(found);
    else if (mine.length > 0 || isExpected(strategy, setting))
      failed.push(failureOf(strategy, mine, setting, (heat) => nearOf(heat, searched)));
    yield ALL_TRIED;
  }
  shown.sort(byPreference(prefer)).splice(MOST_CANDIDATES);
  const nearest = shown.length > 0 ? null : yield* nearestOf(cuts, asked);
  return succeed({
    candidates: shown.map((one) => ({ ...one, heat: withTail(one.heat, tail) })),
    failed,
    nearest: nearest && { ...nearest, heat: withTail(nearest.heat, tail) },
    tried: cuts.length,
  });
}

/** The batch as it is written, worked out once: dough and pieces are the same in every trial. */
function benchOf(searched: Searched): Result<Bench> {
  const { document, kitchen } = searched;
  const worked = predictTried(searched, document.heat);
  if (!worked.ok) return worked;
  const known = new Map<number, DoughMaterial>();
  const doughAfter = (heat: Heat): DoughMaterial => {
    const share = Math.round(bakedBy(heat) / TRIED_SHARE);
    const dough = known.get(share) ?? doughOf({ ...document, heat }, kitchen) ?? worked.value.dough;
    known.set(share, dough);
    return dough;
  };
  return succeed({ document, worked: worked.value, doughAfter });
}

/** A strategy that a baker would ask about although there was nothing to try. */
const isExpected = (strategy: Strategy, { kind, drier }: Setting): boolean =>
  isChamber(kind) &&
  !applianceRecord(kind).drier &&
  !heatsFromBelow(kind) &&
  (strategy === 'dryer-second' ? drier === null : strategy !== 'as-written');

function failureOf(
  strategy: Strategy,
  cuts: readonly Cut[],
  { drier }: Setting,
  judged: (heat: Heat) => ClosestMiss | null,
): Failed {
  if (cuts.length === 0)
    return { strategy, why: strategy === 'dryer-second' && !drier ? 'no-dryer' : 'no-setpoint', because: null, nearest: null };
  const best = cuts.reduce((a, b) => (b.miss < a.miss ? b : a));
  return { strategy, why: best.why ?? 'caution', because: null, nearest: judged(best.heat) };
}

/** What a programme that misses would give, predicted as every other row is: a coarse trial says something else of it. */
function nearOf(heat: Heat, searched: Searched): ClosestMiss | null {
  const worked = predictTried(searched, heat);
  if (!worked.ok) return null;
  const { outcome, keeps, heat: heated } = worked.value.prediction;
  return {
    heat: withTail(heat, searched.tail),
    minutes: heated.minutes,
    snap: outcome.snap,
    days: keeps[0].days,
    browning: heated.browning,
  };
}

/** The cut that misses by least, predicted with its bands. */
function* nearestOf(cuts: readonly Cut[], asked: Asked): Generator<Progress, Candidate | null> {
  if (cuts.length === 0) return null;
  const best = cuts.reduce((a, b) => (b.miss < a.miss ? b : a));
  const worked = predictTried(asked, best.heat);
  return worked.ok ? yield* withBands(candidateOf(best.strategy, best.heat, worked.value, asked.kitchen), asked) : null;
}
