import type { Preference } from '../document';
import type { PredictionRun } from '../prediction';
import { candidateOf, wholeMinutes } from './candidate';
import type { Cut } from './cuts';
import { extendUntilSure, type Asked } from './extend-until-sure';
import { ALL_TRIED, type Candidate, type Failed, type Obstacle, type Progress } from './found';
import { isPassed, isReached, type Ending, type Goal } from './goal';
import { broken } from './limits';
import { GUESSES, METRICS } from './preferences';
import { withLast } from './strategies';
import { predictTried } from './tried';

/** Of a strategy the best cut that leaves so much of the colour for staying longer is predicted exactly, then paler ones until one is sure [1]. */
const COLOUR_LEFT = [1, 0.65, 0.5, 0.38] as const;
/** Surer than this, a cut that uses all of the colour is in vain: browning scatters by two fifths [1]. */
const LIKELY = 0.6;
/** A coarse trial and the exact run differ a little: the last stretch is drawn out by so much until the exact run agrees [1]. */
const LONGER = 1.04;
const TRIES = 5;

/**
 * The best programme of one strategy that is as sure as was asked; else the best that only likely gets there, with what stops
 * it; null when the exact prediction confirms none.
 */
export function* surestOf(
  cuts: readonly Cut[],
  prefer: Preference,
  asked: Asked,
): Generator<Progress, Candidate | Failed | null> {
  const best = yield* firstSureOf(finalistsOf(cuts, prefer, asked.goal), asked);
  if (prefer === 'fastest') return best;
  // What is drawn out until it is sure may cost more than was guessed: the fastest is never passed over for it.
  // Drawing out only adds to time, energy and colour: what is no better before is not drawn out.
  const better = (candidate: Candidate): boolean => !isSure(best) || METRICS[prefer](candidate) < METRICS[prefer](best);
  const fastest = yield* firstSureOf(finalistsOf(cuts, 'fastest', asked.goal), asked, better);
  return isSure(fastest) && better(fastest) ? fastest : best;
}

export const isSure = (found: Candidate | Failed | null): found is Candidate => found !== null && 'prediction' in found;

function* firstSureOf(
  finalists: readonly Cut[],
  asked: Asked,
  worthIt: (candidate: Candidate) => boolean = () => true,
): Generator<Progress, Candidate | Failed | null> {
  let likely: Failed | null = null;
  for (const cut of finalists) {
    const candidate = confirm(cut, asked);
    yield ALL_TRIED;
    if (!candidate || !worthIt(candidate)) continue;
    const extended = yield* extendUntilSure(candidate, asked);
    if (extended.sure) return extended.sure;
    likely ??= unsure(candidate, extended.because);
  }
  return likely;
}

/** The cuts of a strategy that are worth an exact look: the best as they are, and the best of those that stay paler. */
function finalistsOf(cuts: readonly Cut[], prefer: Preference, goal: Goal): Cut[] {
  const ranked = cuts
    .filter(({ why }) => why === null)
    .sort((a, b) => GUESSES[prefer](a) - GUESSES[prefer](b) || b.ending.browning - a.ending.browning);
  const paler = COLOUR_LEFT.slice(
    goal.sure > LIKELY && ranked[0]?.ending.browning > COLOUR_LEFT[1] * goal.browningMost ? 1 : 0,
  ).flatMap((share) => ranked.find(({ ending }) => ending.browning <= share * goal.browningMost) ?? []);
  // With none pale enough, the best of them says what is wrong.
  return paler.length > 0 ? [...new Set(paler)] : ranked.slice(0, 1);
}

/** Predicts a cut exactly, and draws its last stretch out until that meets the target too. */
function confirm({ strategy, heat }: Cut, asked: Asked): Candidate | null {
  const { kitchen, goal } = asked;
  let tried = heat;
  for (let i = 0; i < TRIES; i++) {
    const worked = predictTried(asked, tried);
    if (!worked.ok || broken(tried, goal.target)) return null;
    const ending = endingOf(worked.value);
    if (isReached(goal, ending)) {
      const fits = isPassed(goal, ending) === null && worked.value.prediction.blocked_by.length === 0;
      return fits ? candidateOf(strategy, tried, worked.value, kitchen) : null;
    }
    const last = tried.steps[tried.steps.length - 1];
    tried = withLast({ heat: tried }, wholeMinutes(('minutes' in last ? last.minutes : 1) * LONGER + 0.5));
  }
  return null;
}

const endingOf = ({ finish, prediction }: PredictionRun): Ending => ({
  minute: prediction.heat.minutes,
  finish,
  browning: prediction.heat.browning,
  core_cMax: prediction.heat.core_c_max,
  kill_log10: prediction.heat.salmonella_log10,
  clean: prediction.heat.clean_minutes !== null && prediction.heat.clean_minutes <= prediction.heat.minutes,
});

/** It meets the target when all goes as is likely, but not often enough. */
const unsure = (
  { strategy, heat, minutes, prediction: { outcome, keeps, heat: heated } }: Candidate,
  because: Obstacle | null,
): Failed => ({
  strategy,
  why: 'not-sure',
  because,
  nearest: { heat, minutes, snap: outcome.snap, days: keeps[0].days, browning: heated.browning },
});
