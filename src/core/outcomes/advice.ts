import { bandMinutes, daysOver, samplesInSteps, type Sample } from '../bands';
import { stepRecord, type PackChoice } from '../catalogue';
import type { BatchDocument, Heat } from '../document';
import { predict, type Advice, type Kitchen, type Prediction, type PredictionRun } from '../prediction';
import { counted, quantile, runOut } from '../quantities';

/** Days that a treat shall keep where nobody said: those of a crisp one, and of a moist one. Source: ours. [days] */
const USEFUL_DAYS = { crisp: 28, moist: 4 } as const;
/** So many batches shall get there before nothing more is advised, and a change is worth a word from here [1]. */
const ENOUGH = 0.9;
const WORTH_A_WORD = 0.1;
/** Crisp from this Snap: a moist treat is not dried on [1]. */
const CRISP_SNAP = 4;
/** Draws for a longer heat, and how far it is drawn out: so many times the last stretch, and no more than [1, min]. */
const DRAWS = 24;
const FURTHEST = 3;
const MOST_MORE_MIN = 240;
/** No edge shall be darker than this in more than so many batches [1]. */
const NO_DARKER = { than: 0.45, share: 0.2 } as const;

/** A batch that was worked out, with its draws. */
type Drawn = { readonly document: BatchDocument; readonly kitchen: Kitchen; readonly worked: PredictionRun };

/** The prediction with what would make its low end useful, the smallest change first; nothing where it is useful already. */
export function withAdvice(drawn: Drawn, samples: readonly Sample[], prediction: Prediction): Prediction {
  const { document, worked } = drawn;
  if (samples.length === 0) return prediction;
  const [choice] = worked.packs;
  const crisp = prediction.outcome.snap >= CRISP_SNAP || document.target?.snap_min !== undefined;
  const wanted_days = document.target?.keeps_days_min ?? USEFUL_DAYS[crisp ? 'crisp' : 'moist'];
  const wanted_snap = document.target?.snap_min ?? 0;
  const days = daysOver(worked, samples, choice);
  const snaps = samples.map(({ snap }) => snap);
  const keeping = shareOf(days, (value) => value >= wanted_days);
  const now: Now = {
    share: shareOf(days, (value, i) => value >= wanted_days && snaps[i] >= wanted_snap),
    days: middleOf(days),
    snap: middleOf(snaps),
  };
  if (now.share >= ENOUGH) return prediction;
  const goal = { wanted_days, wanted_snap };
  // No pack and no place makes a treat crisp: they are for what keeps too short.
  const stored = keeping < ENOUGH ? storedOtherwise(drawn, samples, goal, { ...now, share: keeping }) : [];
  const longer = crisp ? heatedLonger(drawn, choice, goal, now) : null;
  // What reaches it by the baker's own oven comes before another pack, and both before another place.
  return { ...prediction, advice: [...(longer ? [longer] : []), ...stored] };
}

type Now = { readonly share: number; readonly days: number; readonly snap: number };
type Wanted = { readonly wanted_days: number; readonly wanted_snap: number };

const shareOf = (values: readonly number[], meets: (value: number, index: number) => boolean): number =>
  values.filter(meets).length / values.length;
const middleOf = (values: readonly number[]): number =>
  quantile(
    [...values].sort((a, b) => a - b),
    0.5,
  );
const inTen = (share: number): string => `${Math.floor(10 * share + 1e-9)} in 10`;

/** The same treats in a tighter pack or a colder place. */
function storedOtherwise({ worked }: Drawn, samples: readonly Sample[], { wanted_days }: Wanted, now: Now): Advice[] {
  const [choice] = worked.packs;
  const { volume_ml: _volume, own: _own, ...plain } = choice;
  const ways: ReadonlyArray<readonly [code: Advice['code'], words: string, other: PackChoice, path: string]> = [
    ['better-pack', 'in a clip jar', { ...plain, option: 'clip-jar' }, 'option'],
    ['better-pack', 'in a foil pouch', { ...plain, option: 'foil-pouch' }, 'option'],
    ['fridge', 'in the fridge', { ...choice, store: 'fridge' }, 'store'],
    ['freezer', 'in the freezer', { ...choice, store: 'freezer' }, 'store'],
  ];
  const tried = ways.flatMap(([code, words, other, key]): Array<Advice & { readonly share: number }> => {
    if (other[key as 'store'] === choice[key as 'store']) return [];
    const days = daysOver(worked, samples, other);
    const share = shareOf(days, (value) => value >= wanted_days);
    if (share < now.share + WORTH_A_WORD) return [];
    const text = `${inTen(now.share)} keep ${counted(wanted_days, 'day')}; ${words}: ${inTen(share)}`;
    const change = { path: `pack[0].${key}`, to: other[key as 'store'] ?? '' };
    return [{ code, text, change, days_gained: Math.round(middleOf(days) - now.days), snap_gained: null, share }];
  });
  const enough = tried.filter(({ share }) => share >= ENOUGH);
  return (enough.length > 0 ? enough : tried).map(({ share: _share, ...advice }) => advice);
}

/** Minutes as one would set them: long ones in fives. */
const readily = (minutes: number): number => (minutes > 20 ? 5 * Math.ceil(minutes / 5) : minutes);

/** The last stretch that dries, drawn out until enough draws get there; null when none does without getting dark. */
function heatedLonger({ document, kitchen }: Drawn, choice: PackChoice, wanted: Wanted, now: Now): Advice | null {
  const { steps } = document.heat;
  // An oven that is off has little left to give: the heat before it is drawn out.
  const heated = steps.findLastIndex((step) => step.do === 'hold' || step.do === 'freeze-dry');
  const last = heated >= 0 ? heated : steps.findLastIndex((step) => stepRecord(step.do).dries);
  const step = steps[last];
  if (!step || !('minutes' in step)) return null;
  const drawnOut = (minutes: number): Heat => ({
    ...document.heat,
    steps: steps.map((old, i) => (i === last ? { ...step, minutes } : old)),
  });
  const most_min = Math.min(FURTHEST * step.minutes, step.minutes + MOST_MORE_MIN);
  const worked = predict({ ...document, heat: drawnOut(most_min) }, kitchen, 'light');
  if (!worked.ok || worked.value.prediction.blocked_by.length > 0) return null;
  const samples = runOut(samplesInSteps(worked.value, 0, DRAWS));
  const after_min = steps.slice(last + 1).reduce((sum, later) => sum + ('minutes' in later ? later.minutes : 0), 0);
  const before_min = worked.value.prediction.heat.minutes - most_min - after_min;
  for (const [look, minute] of bandMinutes(worked.value.prediction.heat.minutes).entries()) {
    const minutes = Math.ceil(minute - before_min);
    if (minutes <= step.minutes || minutes > most_min) continue;
    const then = samples.map(({ index, curves }) => ({ index, moisture_pct: curves.moisture_pct[look] }));
    const days = daysOver(worked.value, then, choice);
    const snaps = samples.map(({ curves }) => curves.snap[look]);
    const dark = samples.filter(({ curves }) => curves.browning[look] > NO_DARKER.than).length;
    if (dark > NO_DARKER.share * samples.length) return null;
    const share = shareOf(days, (value, i) => value >= wanted.wanted_days && snaps[i] >= wanted.wanted_snap);
    if (share < ENOUGH) continue;
    const more = readily(minutes - step.minutes);
    const at = 'setpoint_c' in step ? ` at ${step.setpoint_c} °C` : '';
    const asked = wanted.wanted_snap > 0 ? `reach Snap ${wanted.wanted_snap} and keep` : 'keep';
    return {
      code: 'heat-longer',
      text: `${inTen(now.share)} ${asked} ${counted(wanted.wanted_days, 'day')}; ${more} min more${at}: ${inTen(share)}`,
      change: { path: `heat.steps[${last}].minutes`, to: step.minutes + more },
      days_gained: Math.round(middleOf(days) - now.days),
      snap_gained: Math.round(10 * (middleOf(snaps) - now.snap)) / 10,
    };
  }
  return null;
}
