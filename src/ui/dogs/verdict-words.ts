import type { AgeStage, Activity, Allowance, FeedingVerdict, Limit, Reason } from '@/core/feeding';
import { length } from '../format/units';

export const AGE_NAMES: Record<AgeStage, string> = {
  'pup-under-4-months': 'pup under four months',
  pup: 'pup',
  adult: 'grown',
  senior: 'old',
};
export const ACTIVITY_NAMES: Record<Activity, string> = {
  couch: 'rests most of the day',
  usual: 'walks every day',
  'light-work': 'works',
  'hard-work': 'works hard',
};
export const MAY_NAMES: Record<FeedingVerdict['may'], string> = { yes: 'yes', few: 'a few', ask: 'ask first', no: 'no' };

const LIMIT_NAMES: Record<Limit, string> = {
  energy: 'a tenth of its energy',
  'vitamin-a': 'vitamin A',
  liver: 'liver',
  salt: 'salt',
  fat: 'fat',
  fibre: 'fibre',
};
export const limitWord = (limit: Limit): string => LIMIT_NAMES[limit];

/** "3 a day", "half a piece a day", "none". */
export function perDay({ pieces }: Pick<Allowance, 'pieces'>): string {
  if (pieces === 0) return 'none';
  if (pieces >= 1) return `${pieces} a day`;
  return `${{ 0.25: 'a quarter', 0.5: 'half', 0.75: 'three quarters' }[pieces] ?? String(pieces)} of one a day`;
}

/** One reason in a sentence. */
export function reasonWords(reason: Reason, nameOf: (ingredient: string) => string): string {
  switch (reason.kind) {
    case 'blocked':
      return 'A stop caution stands: for no dog until it is mended.';
    case 'reacts':
    case 'may-react': {
      const list = reason.objections.map(({ ingredient, allergen }) => `${allergen}, in ${nameOf(ingredient).toLowerCase()}`);
      return `${reason.kind === 'reacts' ? 'Reacts to' : 'Might react to'} ${[...new Set(list)].join('; ')}.`;
    }
    case 'hard':
    case 'too-hard':
      return `${reason.kind === 'hard' ? 'Hard for its teeth' : 'Too hard for its teeth'}: about ${Math.round(reason.force_N)} N to snap, ${Math.round(reason.most_N)} N is plenty.`;
    case 'throat':
      return `As wide as its throat (${length(reason.throat_mm)}): break it, or watch it eat.`;
    case 'limit':
      return `${capital(LIMIT_NAMES[reason.limit])} runs out first.`;
  }
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
