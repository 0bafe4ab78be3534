import { fail, type Failure } from '../failure';
import { applianceRecord, isChamber, type ApplianceKind, type HeatStep } from '../catalogue';
import { finishingFrom, type Heat } from '../document';

const WORDS: Partial<Record<HeatStep['do'], string>> = {
  'freeze-dry': 'Only a freeze dryer freeze-dries. Choose it as the appliance, or move the pieces into it first.',
};

/** What frozen pieces can take. */
const COLD: ReadonlySet<HeatStep['do']> = new Set<HeatStep['do']>(['freeze', 'freeze-dry', 'coat', 'dry-coat']);

/** What cannot be done, and where it stands; null when the programme can be worked. */
export function wrongStep({ appliance, base, steps }: Heat): (Failure & { readonly ok: false }) | null {
  let kind: ApplianceKind = appliance?.kind ?? 'static-oven';
  let frozen = false;
  const wrong = (index: number, message: string): Failure & { readonly ok: false } =>
    fail('BAD_VALUE', message, `heat.steps[${index}].do`);
  const { nothingElse, base: own } = applianceRecord(kind);
  if (nothingElse !== null && base !== undefined && base !== own) return fail('BAD_VALUE', nothingElse, 'heat.base');
  for (const [index, step] of steps.entries()) {
    if (!applianceRecord(kind).does.includes(step.do))
      return wrong(
        index,
        WORDS[step.do] ??
          `${applianceRecord(kind).onlyDoes ?? `"${kind}" cannot do that.`} Take out "${step.do}", or choose another appliance.`,
      );
    if (step.do === 'brush' && step.part === undefined && step.grams === undefined)
      return {
        ...wrong(index, 'Say how many grams of water are brushed on, or which part of the recipe.'),
        path: `heat.steps[${index}].grams`,
      };
    if (step.do === 'move') {
      if (!step.appliance && !step.base) return wrong(index, 'A move needs a place: name an appliance, a base, or both.');
      kind = step.appliance?.kind ?? kind;
      if (frozen && isChamber(kind))
        return wrong(index, 'Thawing is not simulated: what was frozen can only go into a freeze dryer or stay in the freezer.');
    } else if (frozen && !COLD.has(step.do))
      return wrong(index, `Thawing is not simulated. Put "${step.do}" before the freezing, or take it out.`);
    if (step.do === 'freeze') frozen = true;
    if (step.do === 'freeze-dry') frozen = false;
  }
  return nothingHeated(steps) ?? leftWithoutTime(steps);
}

/** What is put on needs something that it is put on. */
function nothingHeated(steps: readonly HeatStep[]): (Failure & { readonly ok: false }) | null {
  const from = finishingFrom(steps);
  return from < steps.length && !steps.slice(0, from).some((step) => 'minutes' in step)
    ? fail(
        'BAD_VALUE',
        'Nothing is heated, dried or chilled before the coat. Say how long the pieces are in the heat.',
        'heat.steps',
      )
    : null;
}

/** A dryer or grill in which nothing is ever held does nothing. */
function leftWithoutTime(steps: readonly HeatStep[]): (Failure & { readonly ok: false }) | null {
  const moved = steps.findLastIndex((step) => step.do === 'move' && step.appliance !== undefined);
  if (moved < 0 || steps.slice(moved).some((step) => 'minutes' in step)) return null;
  return fail('BAD_VALUE', 'Nothing happens after the last move. Say how long the pieces stay there.', `heat.steps[${moved}]`);
}
