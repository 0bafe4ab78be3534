import { findDangers, type DangerCode } from '../../dangers';
import { isWetSpentGrain, type Ingredient } from '../../pantry';
import type { Caution } from '../caution';
import { rawHygiene } from '../raw-hygiene';
import { ifAny, none, rowsOf, type Rule } from './rule';

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

const isGarlic = ({ id }: Ingredient): boolean => id.startsWith('garlic_');

const garlic: Rule = (context) =>
  rowsOf(context).some(isGarlic)
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

const raw: Rule = (context) => ifAny(rawHygiene(rowsOf(context)));

const hops: Rule = (context) =>
  rowsOf(context).some(isWetSpentGrain)
    ? [
        {
          code: 'hops',
          severity: 'note',
          step: 'mix',
          title: 'Only grain that never met hops',
          why: "Hops can raise a dog's temperature until it dies.",
          act: 'Take mash grain before any hops go in, and use it the same day.',
          source: 'Duncan et al. 1997',
        },
      ]
    : none;

/** Whether a weighed row has its own caution for a danger: a ban on its row, the rule on garlic, or its sodium for salt. */
function speaksFor(row: Ingredient, code: DangerCode): boolean {
  if (code === 'garlic') return isGarlic(row);
  return (row.dogFlag === 'avoid' || code === 'salt') && findDangers(row.name).some((named) => named.code === code);
}

/** What the recipe's words say that its rows do not: a jar "with xylitol", a step that dips into chocolate. */
const said: Rule = (context) => {
  const rows = rowsOf(context);
  const found = new Map<string, Caution>();
  for (const text of context.words)
    for (const { code, severity, why, words } of findDangers(text)) {
      if (found.has(code) || rows.some((row) => speaksFor(row, code))) continue;
      found.set(code, {
        code: `says-${code}`,
        severity,
        step: 'mix',
        title: `The recipe says "${words}"`,
        why,
        act: `It stands in "${text.length > LONGEST_QUOTE ? `${text.slice(0, LONGEST_QUOTE)} …` : text}". Take those words out once it is another.`,
        source: 'see docs/model/cautions.md',
      });
    }
  return [...found.values()];
};
const LONGEST_QUOTE = 120;

/** What goes into the bowl. */
export const MIX_RULES: readonly Rule[] = [dangers, said, raw, garlic, hops];
