import type { BatchDocument } from '../document';
import { fail, type Failure } from '../failure';

/** A step that puts on a part which the recipe has not, or its dough; null where there is none. */
export function wrongPart({ recipe: { parts = [] }, heat: { steps } }: BatchDocument): (Failure & { readonly ok: false }) | null {
  for (const [index, step] of steps.entries()) {
    if (!('part' in step) || step.part === undefined) continue;
    const named = parts.find(({ name }) => name === step.part);
    const path = `heat.steps[${index}].part`;
    if (named?.role === 'dough')
      return fail('BAD_VALUE', `"${step.part}" is the dough: it cannot be put on its own pieces. Name another part.`, path);
    if (!named) {
      const others = parts.filter(({ role }) => role !== 'dough').map(({ name }) => name);
      const hint = others.length > 0 ? `This recipe has ${others.join(', ')}.` : 'List it under recipe.parts first.';
      return fail('BAD_VALUE', `There is no part "${step.part}" to put on. ${hint}`, path);
    }
  }
  return null;
}
