import type { Moment } from '@/core/programme';
import type { Prediction } from '@/core/prediction';
import { duration } from '../../format/units';

export type ReachedMoment = Prediction['heat']['reached'][number];

type MomentWords = {
  readonly words: string;
  /** What is to be said where it is not reached; null where that is what is hoped for. */
  readonly missing: string | null;
};

const WORDS: Readonly<Record<Moment, MomentWords>> = {
  'frozen-through': { words: 'frozen through at', missing: 'not frozen through' },
  'ice-gone': { words: 'ice gone at', missing: 'ice is left' },
  set: { words: 'set at', missing: 'does not set' },
  'hot-enough': { words: 'middle 74 °C at', missing: 'middle stays below 74 °C' },
  'pick-clean': { words: 'pick clean at', missing: 'a pick still comes out wet' },
  golden: { words: 'golden at', missing: 'stays pale' },
  'heart-dry': { words: 'middle dry at', missing: 'middle stays damp' },
  'snaps-when-cold': { words: 'snaps cold from', missing: 'will not snap' },
  'too-dark': { words: 'too dark from', missing: null },
};

/** So few batches in a hundred are no word worth. */
const WORTH_A_WORD = 0.1;

/** What a chip says: a moment that is likely reached, when, and how sure; or what is not. */
export type ChipWords = { readonly words: string; readonly at: string | null; readonly sure: string };

/**
 * A moment in words.
 *
 * @param isExpected - whether its absence is worth a word in this programme
 * @param band - the same of the draws; null while there are none
 * @returns null where nothing is to be said
 */
export function chipWords({ what, minute }: ReachedMoment, isExpected: boolean, band: ReachedMoment | null): ChipWords | null {
  const { words, missing } = WORDS[what];
  const share = band?.share ?? null;
  if (minute === null) {
    if (!isExpected && (share ?? 0) < WORTH_A_WORD) return null;
    if (missing === null) return { words: 'may be too dark', at: null, sure: often(share) };
    return { words: missing, at: null, sure: share !== null && share >= WORTH_A_WORD ? often(1 - share) : '' };
  }
  return { words, at: duration(minute), sure: band === null ? '' : bandWords(band, missing) };
}

const often = (share: number | null): string => (share === null ? '' : `in ${Math.round(100 * share)} of 100`);

/** From when to when it is reached; of what too many miss, the miss itself. */
function bandWords({ minute_low, minute_high, share }: ReachedMoment, missing: string | null): string {
  if (share === null || minute_low === null) return '';
  if (minute_high !== null) return `${duration(minute_low)} – ${duration(minute_high)}`;
  return missing === null
    ? `from ${duration(minute_low)}, ${often(share)}`
    : `from ${duration(minute_low)}; ${missing} ${often(1 - share)}`;
}
