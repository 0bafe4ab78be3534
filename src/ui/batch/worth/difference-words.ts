import type { CostReport } from '@/core/outcomes';
import { cheaper, type CostPart } from '@/core/costing';
import { perMass, perMassWord } from '../../format/units';
import { money } from '../../format/money';

export const PART_NAMES: Record<CostPart, string> = {
  ingredients: 'ingredients',
  energy: 'energy',
  packs: 'packs',
  labels: 'labels',
  equipment: 'wear of machines',
  overhead: 'overhead',
  labour: 'work',
};

/** How the other one compares: "costs £0.12 more per 100 g, mostly for its energy". */
export function differenceWords(one: CostReport, other: CostReport, currency: string): string {
  const { difference, because, share } = cheaper(one, other);
  if (Math.abs(difference) < 0.005) return `costs as much ${perMassWord()}`;
  const mostly = share > 0.5 ? `, mostly for its ${PART_NAMES[because]}` : '';
  return `${difference > 0 ? 'costs' : 'saves'} ${money(perMass(Math.abs(difference)), currency)} ${difference > 0 ? 'more ' : ''}${perMassWord()}${mostly}`;
}
