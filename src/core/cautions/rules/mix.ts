import { isWetSpentGrain } from '../../pantry';
import type { Caution } from '../caution';
import { none, rowsOf, type Rule } from './rule';

const dangers: Rule = (context) =>
  rowsOf(context)
    .filter(({ dogFlag }) => dogFlag === 'avoid')
    .map((row): Caution => ({
      code: `avoid-${row.id}`,
      severity: 'stop',
      step: 'mix',
      title: `${row.name} is not for dogs`,
      why: row.dogReason,
      act: 'Take it out before you bake.',
      source: 'poison-centre lists; see docs/model/cautions.md',
    }));

const garlic: Rule = (context) =>
  rowsOf(context).some(({ id }) => id.startsWith('garlic_'))
    ? [
        {
          code: 'garlic',
          severity: 'mind',
          step: 'mix',
          title: 'Garlic: people disagree',
          why: "It belongs to the onion family, which harms dogs' red blood cells; the dose matters and most poison centres advise none.",
          act: 'We suggest leaving it out. Ask your vet.',
          source: 'Lee et al. 2000; Yamato et al. 2005',
        },
      ]
    : none;

const hops: Rule = (context) =>
  rowsOf(context).some(isWetSpentGrain)
    ? [
        {
          code: 'hops',
          severity: 'note',
          step: 'mix',
          title: 'Only grain that never met hops',
          why: "Hops can drive a dog's temperature to deadly heights.",
          act: 'Take mash grain before any hops go in, and use it the same day.',
          source: 'Duncan et al. 1997',
        },
      ]
    : none;

/** What goes into the bowl. */
export const MIX_RULES: readonly Rule[] = [dangers, garlic, hops];
