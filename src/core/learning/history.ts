import { NOTHING_KNOWN, fitAppliance, type Belief, type Past } from './fit';
import { forecastEnd, forecastRunning, minutesTo, type EndTime } from './forecast';
import { honest, missOf, ownSpread, type Miss, type Moment, type Tally } from './honesty';

/** A finished batch of an appliance: its model, what its trays weighed, and the share it was to be taken down to. */
export type Finished = Past & { readonly target: number };

/** What an appliance has taught, batch after batch. */
export type Learned = {
  readonly belief: Belief;
  /** How far past forecasts were off, by when they were made. */
  readonly misses: Readonly<Record<Moment, readonly Miss[]>>;
  /** Of forecasts made before a bake, how many held. */
  readonly tally: Tally;
};

export const NOTHING_LEARNED: Learned = {
  belief: NOTHING_KNOWN,
  misses: { start: [], 'half-way': [] },
  tally: { of: 0, inside: 0 },
};

/** A tray weighed between these shares of the time counts as weighed half-way. */
const HALF_WAY = [0.2, 0.8] as const;

/**
 * Lives an appliance's batches through again in their order: every forecast is made from the batches before it, held against
 * what then happened, and only then learned from.
 *
 * @param thermometer_K - what a thermometer in the appliance read above its dial
 */
export function learnFrom(batches: readonly Finished[], thermometer_K?: number): Learned {
  let learned = NOTHING_LEARNED;
  const seen: Past[] = [];
  for (const { target, ...batch } of batches) {
    const { model, weighed } = batch;
    if (weighed.length === 0) continue;
    const { belief, misses, tally } = learned;
    const itself = forecastRunning({ ...batch, weighed: weighed.slice(-1) }, target, NOTHING_KNOWN);
    const really = itself.mid;
    const sure = isTime(itself) ? ownSpread(0, itself) : Infinity;
    const said = forecastEnd(model, target, belief);
    const then = { misses: { ...misses }, tally };
    if (isTime(said) && Number.isFinite(sure)) {
      const shown = honest(0, said, misses.start, 'start', { tally });
      then.misses.start = [...misses.start, missOf(0, said, { really, sure })];
      then.tally = { of: tally.of + 1, inside: tally.inside + (really >= shown.low && really <= shown.high ? 1 : 0) };
      const half = weighed.find(({ minutes }) => minutes > HALF_WAY[0] * really && minutes < HALF_WAY[1] * really);
      const running = half && forecastRunning({ ...batch, weighed: [half] }, target, belief);
      if (half && running && isTime(running) && running.mid > half.minutes)
        then.misses['half-way'] = [...misses['half-way'], missOf(half.minutes, running, { really, sure })];
    }
    seen.push(batch);
    learned = { belief: fitAppliance(seen, undefined, thermometer_K), ...then };
  }
  return learned;
}

/** What scale and model leave open of a tray near its end [share of the start weight]. Source: ours, chosen on simulated kitchens (tests/field/forecasts.test.ts). */
const LEFT_OPEN = 0.007;

/** How unsure the time is because hardly anything leaves near the end (ln): what is left open of the weight, as time. */
function tailOf({ model }: Past, target: number, { logPace, offset_K }: Belief): number {
  const [soon, late] = [target + LEFT_OPEN, target - LEFT_OPEN].map((share) => minutesTo(model, share, logPace, offset_K));
  return soon > 0 ? Math.log(late / soon) / 2 : 0;
}

const isTime = ({ mid, high }: EndTime): boolean => Number.isFinite(high) && high > mid && mid > 0;

/** On the first bake of an appliance no single time is told, nor an end from a tray weighed half-way. */
const howToTell = (batches: number, moment: Moment): Outlook['tell'] =>
  batches > 0 ? 'band-and-time' : moment === 'half-way' ? 'weigh-again' : 'wide-band';

/** What may be said of a batch's end: how, when, and on how many batches it rests. */
export type Outlook = {
  readonly tell: 'wide-band' | 'band-and-time' | 'weigh-again';
  /** Minutes from the trays' going in; null where the programme never gets there. */
  readonly end: EndTime | null;
  readonly batches: number;
};

/**
 * When a batch under way will be as dry as it was planned to be, by the trays weighed so far.
 *
 * @param now - minutes since its trays went in
 */
export function outlook(
  { target, ...batch }: Finished,
  now: number,
  { belief, misses, tally }: Learned,
  noise?: number,
): Outlook {
  const { model, weighed } = batch;
  const moment: Moment = weighed.length > 0 ? 'half-way' : 'start';
  const { batches } = belief;
  const tell = howToTell(batches, moment);
  const from = moment === 'start' ? 0 : Math.max(...weighed.map(({ minutes }) => minutes));
  const plain = moment === 'start' ? forecastEnd(model, target, belief) : forecastRunning(batch, target, belief, noise);
  if (!Number.isFinite(plain.mid)) return { tell, end: null, batches };
  // Some appliances that it may be never get there at this heat: then it has no latest time.
  if (!Number.isFinite(plain.high))
    return { tell, end: { low: Math.max(plain.low, from), mid: Math.max(plain.mid, from), high: Infinity }, batches };
  // It was there already when it was weighed.
  if (plain.mid <= from + 0.5 || !isTime(plain))
    return {
      tell,
      end: { low: Math.min(plain.low, from), mid: Math.min(plain.mid, Math.max(from, now)), high: Math.max(from, plain.mid) },
      batches,
    };
  // Before a bake the spread of what an appliance may be has the tail in it.
  const tail = moment === 'start' ? 0 : tailOf(batch, target, belief);
  const { low, mid, high } = honest(from, plain, misses[moment], moment, { tally, tail });
  return { tell, end: { low: Math.max(low, from), mid, high }, batches };
}
