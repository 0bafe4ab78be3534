import type { Outlook } from '@/core/learning';
import { duration } from '../format/units';
import { wallClock } from './act-words';

/** When a batch will be dry enough, as far as it may be told. */
export type OutlookWords = {
  readonly text: string;
  /** Minutes by which the programme falls short of it; 0 when it does not. */
  readonly short_min: number;
};

/** Less than this is no news [min, share of the time]. */
const NEWS_MIN = 5;
const NEWS_SHARE = 0.05;

/**
 * @param wentIn_ms - when the trays went in
 * @param planned_min - minutes that the programme has them in
 * @param weighed - trays weighed so far
 * @param where - what they stand in, in the middle of a sentence
 */
// oxlint-disable-next-line max-params -- older than the rule
export function outlookWords(
  { tell, end, batches }: Outlook,
  wentIn_ms: number,
  planned_min: number,
  weighed: number,
  now_ms: number,
  where = 'this oven',
): OutlookWords {
  if (!end) return { text: 'At this heat it does not get as dry as planned. Turn it up, or let them be moister.', short_min: 0 };
  const at = (minute: number): string => wallClock(wentIn_ms + minute * 60_000, now_ms);
  const band = Number.isFinite(end.high) ? `between ${at(end.low)} and ${at(end.high)}` : `not before ${at(end.low)}`;
  if (tell === 'wide-band')
    return {
      text: `The first batch known in ${where}: dry enough ${band}. Weigh a tray half-way, then every 20 to 30 minutes.`,
      short_min: 0,
    };
  if (tell === 'weigh-again')
    return {
      text: `${end.mid > planned_min ? 'Slower' : 'Faster'} than planned, but the first tray in ${where} says little. Weigh again in 20 to 30 minutes.`,
      short_min: 0,
    };
  const late = end.mid - planned_min;
  const isNews = Math.abs(late) > Math.max(NEWS_MIN, NEWS_SHARE * planned_min);
  const against = isNews ? `, ${duration(Math.abs(late))} ${late > 0 ? 'later' : 'sooner'} than planned` : ', as planned';
  const rests = `${batches === 1 ? 'one batch' : `${batches} batches`} in ${where}${weighed > 0 ? ` and ${weighed === 1 ? 'this tray' : `${weighed} weighings`}` : ''}`;
  return {
    text: `Dry enough about ${at(end.mid)} (${Number.isFinite(end.high) ? `${at(end.low)} to ${at(end.high)}` : `after ${at(end.low)}`} in four of five)${against}. From ${rests}.`,
    short_min: isNews && late > 0 ? Math.ceil(late) : 0,
  };
}
