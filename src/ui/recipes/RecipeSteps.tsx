import type { RecipeView } from '@/contract/recipes';
import type { ReactNode } from 'react';
import { rawHygiene } from '@/core/cautions';
import type { BatchDocument } from '@/core/document';
import { slicedOffBy } from '@/core/catalogue';
import { preparationOf, rowOfLine, startFrom, type Pantry } from '@/core/pantry';
import { duration, mass, sentence } from '../format/units';

export type StepsProps = { readonly document: BatchDocument; readonly recipe: RecipeView; readonly pantry: Pantry };

/** Preparing first, as the ingredients want it; then the baker's own steps. */
export function RecipeSteps({ document, recipe, pantry }: StepsProps): ReactNode {
  const steps = document.recipe.steps ?? [];
  const prepared = document.recipe.ingredients.flatMap((line, i) => {
    const row = rowOfLine(line, pantry, slicedOffBy(document.shape));
    const way = row ? preparationOf(row) : null;
    return row && way && way.minutes >= 3 ? [{ row, way, mass_g: recipe.card.lines[i]?.mass_g ?? 0 }] : [];
  });
  const hygiene = rawHygiene(document.recipe.ingredients.flatMap((line) => rowOfLine(line, pantry) ?? []));
  const minutes = steps.reduce((sum, step) => sum + (step.minutes ?? 0), 0);
  return (
    <>
      <h2 className="text-[17px]">
        Steps
        {minutes > 0 && (
          <span className="text-[14px] font-normal text-soft"> · {duration(minutes)} of work and waiting before the oven</span>
        )}
      </h2>
      {prepared.length > 0 && (
        <ul className="flex flex-wrap gap-x-4 pt-1 text-[14px] text-soft" aria-label="To prepare">
          {prepared.map(({ row, way, mass_g }) => (
            <li key={row.id}>
              {row.name}: {way.verb}, {way.minutes} min, {way.tool}
              {way.yield !== 1 && ` (${mass(startFrom(row, mass_g))} gives ${mass(mass_g)})`}
            </li>
          ))}
        </ul>
      )}
      {hygiene && (
        <p className="pt-1 text-[14px]">
          <strong>{hygiene.title}.</strong> {sentence(hygiene.act)}
        </p>
      )}
      <ol className="pt-1">
        {steps.map(({ text, minutes: takes, tool }, i) => (
          <li key={i} className="flex gap-3 border-t border-hair py-1.5 first:border-0">
            <span className="font-display text-[17px] font-semibold text-dough">{i + 1}</span>
            <span className="flex-1">
              {text} {tool && <span className="text-[13.5px] text-soft">{tool}</span>}
            </span>
            {takes !== undefined && <span className="whitespace-nowrap text-soft">{duration(takes)}</span>}
          </li>
        ))}
      </ol>
      {steps.length === 0 && (
        <p className="pt-1 text-[14.5px] text-soft">No steps are written down yet. Edit the recipe to add them.</p>
      )}
    </>
  );
}
