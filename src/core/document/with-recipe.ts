import type { HeatStep } from '../catalogue';
import type { BatchDocument, Heat } from './document';
import type { Recipe } from './recipe-fields';

/** New name of each part that the recipe had; null for one that it has no more. */
type Renamed = ReadonlyMap<string, string | null>;

/**
 * The document with another recipe. Steps that put parts on and portions that name them follow: a part under a new name is put on
 * under it, one that is gone is no longer put on.
 */
export function withRecipe(document: BatchDocument, recipe: Recipe): BatchDocument {
  const renamed = renamedParts(document.recipe, recipe);
  if (renamed.size === 0) return { ...document, recipe };
  return {
    ...document,
    recipe,
    heat: followed(document.heat, renamed),
    ...(document.portions
      ? {
          portions: document.portions.map((portion) => ({
            ...portion,
            ...(portion.heat ? { heat: followed(portion.heat, renamed) } : {}),
            ...(portion.parts
              ? { parts: portion.parts.flatMap((name) => renamed.get(name) ?? (renamed.has(name) ? [] : name)) }
              : {}),
          })),
        }
      : {}),
  };
}

/** Parts whose name is gone: the one in its place took it over where as many are left, else it was taken out. */
function renamedParts({ parts: before = [] }: Recipe, { parts: after = [] }: Recipe): Renamed {
  const names = new Set(after.map(({ name }) => name));
  const known = new Set(before.map(({ name }) => name));
  return new Map(
    before.flatMap(({ name }, i) => {
      if (names.has(name)) return [];
      const here = before.length === after.length ? after[i].name : null;
      return [[name, here !== null && !known.has(here) ? here : null] as const];
    }),
  );
}

const followed = (heat: Heat, renamed: Renamed): Heat => ({
  ...heat,
  steps: heat.steps.flatMap((step, i) => followedStep(step, heat.steps[i - 1], renamed)),
});

function followedStep(step: HeatStep, before: HeatStep | undefined, renamed: Renamed): HeatStep[] {
  // A coat that is not put on needs no time to dry.
  if (step.do === 'dry-coat' && before?.do === 'coat' && renamed.get(before.part) === null) return [];
  if (!('part' in step) || step.part === undefined || !renamed.has(step.part)) return [step];
  const name = renamed.get(step.part) ?? null;
  return name === null ? [] : [{ ...step, part: name }];
}
