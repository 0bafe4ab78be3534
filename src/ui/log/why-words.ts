import type { Cause, Explanation } from '@/core/explain';
import { duration, length, warmer } from '../format/units';

/** Shares below this are not worth a line [1]. */
const WORTH_A_LINE = 0.1;
/** Amounts too small to be told: what moved the batch was many small things. */
const FEW_PERCENT = 0.02;

/** What would confirm each cause, next time. */
export const CONFIRM: Readonly<Record<Cause['cause'], string>> = {
  thickness: 'roll between guides, or measure ten pieces before they are baked',
  time: 'enter the minutes that it really took',
  water: 'do the weigh-dry test with the dough or the puree',
  oven: 'hang a thermometer in the oven, or weigh a tray at half-time',
  load: 'weigh what goes in, and keep the same gap',
  dough: 'weigh a tray at half-time',
  room: 'read a hygrometer on the day',
  vacuum: 'weigh a tray before and after each round',
};

/** Causes that pulled the batch the way it went, and those that pulled against it, each worth a line. */
export function causesOf({ causes }: Explanation): { readonly forIt: readonly Cause[]; readonly against: readonly Cause[] } {
  return {
    forIt: causes.filter(({ share }) => share >= WORTH_A_LINE),
    against: causes.filter(({ share }) => share <= -WORTH_A_LINE).reverse(),
  };
}

/** A cause as a baker would say it. */
export function causeWords({ cause, amount, measured }: Cause): string {
  switch (cause) {
    case 'thickness':
      return measured && amount !== null
        ? `pieces of ${length(amount, 1)}, as measured`
        : amount === null || Math.abs(amount - 1) < FEW_PERCENT
          ? 'the thickness of the pieces'
          : `pieces ${percent(amount)} ${amount > 1 ? 'thicker' : 'thinner'} than planned`;
    case 'time':
      return `${duration(Math.abs(amount ?? 0))} ${(amount ?? 0) > 0 ? 'more' : 'less'} in the heat, as entered`;
    case 'water':
      return amount === null || Math.abs(amount) < 0.2
        ? 'the water in the dough'
        : `${Math.abs(amount).toFixed(1)} points ${amount > 0 ? 'more' : 'less'} water in the dough`;
    case 'oven':
      return amount === null || Math.abs(amount) < 1
        ? 'the oven'
        : `the oven worked as if it were ${warmer(Math.abs(amount))} ${amount > 0 ? 'hotter' : 'cooler'}`;
    case 'load':
      return amount === null || Math.abs(amount - 1) < FEW_PERCENT
        ? 'how full it was, and how close they lay'
        : `${amount > 1 ? 'a fuller oven, or pieces closer together' : 'an emptier oven, or pieces further apart'}`;
    case 'dough':
      return amount === null || Math.abs(amount - 1) < FEW_PERCENT
        ? 'how readily the dough gives up water'
        : `the dough gives up water ${percent(amount)} ${amount > 1 ? 'faster' : 'slower'}`;
    case 'room':
      return amount === null || Math.abs(amount) < 1 ? 'the air of the kitchen' : `a ${amount > 0 ? 'damper' : 'drier'} kitchen`;
    case 'vacuum':
      return amount === null || amount >= 1 ? 'a poorer vacuum' : 'a better vacuum';
  }
}

const percent = (factor: number): string => `${Math.round(100 * Math.abs(factor - 1))} %`;

/** How much of a difference, in words that can be said aloud. */
export function shareWords(share: number): string {
  const size = Math.abs(share);
  if (size >= 0.9) return 'nearly all of it';
  if (size >= 0.6) return 'most of it';
  if (size >= 0.42) return 'about half of it';
  if (size >= 0.29) return 'about a third of it';
  if (size >= 0.2) return 'about a quarter of it';
  return 'some of it';
}

/** What the whole comes to, in one or two sentences. */
export function verdictWords({ verdict, off_pct }: Explanation): string {
  const size = `${Math.abs(off_pct).toFixed(1)} points ${off_pct < 0 ? 'less' : 'more'} than likely`;
  switch (verdict) {
    case 'as-forecast':
      return 'It lost what was forecast, as far as a scale can tell. There is nothing to explain.';
    case 'explained':
      return `It lost ${size}, so it came out ${off_pct < 0 ? 'damper' : 'drier'} than planned. What explains it best:`;
    case 'beyond':
      return `It lost ${size}, further off than any oven, dough or hand that is allowed for. Check the two weights, the programme that was really run and the recipe; the causes below do not reach so far.`;
    case 'impossible':
      return off_pct < 0
        ? 'By these weights it took up water in the heat, which cannot be. Weigh again: was the same tray weighed, with the same pieces on it?'
        : 'By these weights more left than there was water in it. Weigh again: were pieces missing from the tray?';
  }
}
