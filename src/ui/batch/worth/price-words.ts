import type { CostReport } from '@/core/outcomes';
import { moneyPerMass, perMass } from '../../format/units';
import { money } from '../../format/money';

/** What 100 g cost, without the work and with it side by side: "£1.12 per 100 g to make, £2.40 with your time, guessed". */
export function priceWords({ per: { hundred_g }, missing, minutesAreGuessed }: CostReport, currency: string): string {
  const made = `${moneyPerMass(hundred_g.withoutLabour, currency)} to make`;
  if (missing.includes('labour')) return `${made}, your time not counted`;
  return `${made}, ${money(perMass(hundred_g.total), currency)} with your time${minutesAreGuessed ? ', guessed' : ''}`;
}
