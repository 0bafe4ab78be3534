import type { ReactNode } from 'react';
import { isDoughLine, type BatchDocument } from '@/core/document';
import { slicedOffBy } from '@/core/catalogue';
import { preparationOf, rowOfLine, startFrom, type Pantry } from '@/core/pantry';
import type { Prediction } from '@/core/prediction';
import { BOWL_PARTS, bowlOrder } from '../batch/weigh/bowl';
import { duration, mass } from '../format/units';
import { feelName, ROLE_WORDS, WHEN_PUT_ON } from '../format/words';
import { SheetCautions, SheetPart } from './SheetPart';

type SheetBowlProps = { readonly document: BatchDocument; readonly prediction: Prediction; readonly pantry: Pantry };

/** What goes on the scale, part by part, each with a box to tick. */
export function SheetWeigh({ document, prediction: { dough, parts }, pantry }: SheetBowlProps): ReactNode {
  const { recipe } = document;
  const lines = recipe.ingredients.map((_, i) => i);
  const ofDough = lines.filter((i) => isDoughLine(recipe, recipe.ingredients[i]));
  const list = (of: readonly number[]): ReactNode => (
    <ul className="columns-2 gap-8 max-sm:columns-1">
      {of.map((i) => {
        const { ingredient, planned_g } = dough.ingredients[i];
        const row = rowOfLine(recipe.ingredients[i], pantry, slicedOffBy(document.shape));
        const way = row ? preparationOf(row) : null;
        const from = row && way && way.yield !== 1 ? `, ${way.verb} from ${mass(startFrom(row, planned_g))}` : '';
        return (
          <li key={i} className="flex justify-between gap-3 border-b border-hair py-0.5">
            <span>
              <span aria-hidden className="mr-2 inline-block size-3 rounded-sm border border-rim align-middle" />
              {row?.name ?? ingredient}
              <span className="text-soft">{from}</span>
            </span>
            <strong className="whitespace-nowrap">{mass(planned_g)}</strong>
          </li>
        );
      })}
    </ul>
  );
  return (
    <SheetPart title="Weigh" what={`${mass(dough.mass_g)} of dough, ${dough.water_pct.toFixed(0)} % water`}>
      {list(ofDough)}
      {parts
        .filter(({ role }) => role !== 'dough')
        .map(({ name, role, mass_g }) => (
          <div key={name}>
            <h3 className="pt-1.5 text-[15px]">
              {name}{' '}
              <span className="font-text text-[13.5px] font-normal text-soft">
                {ROLE_WORDS[role]}, {mass(mass_g)}
              </span>
            </h3>
            {list(lines.filter((i) => recipe.ingredients[i].part === name))}
          </div>
        ))}
    </SheetPart>
  );
}

/** The order of the bowl, then what else is stirred. */
export function SheetMix({ document, prediction, pantry }: SheetBowlProps): ReactNode {
  const { dough, parts, portions } = prediction;
  const finishes = parts.filter(({ role, mass_g }) => role !== 'dough' && mass_g > 0);
  return (
    <SheetPart title="Mix" what={dough.feel === null ? '' : `should feel ${feelName(dough.feel).toLowerCase()}`}>
      <ol className="list-decimal pl-5">
        {bowlOrder(document, pantry).map(({ part, lines }) => (
          <li key={part}>
            <strong>{BOWL_PARTS.find((known) => known.part === part)?.name}:</strong>{' '}
            {lines
              .map((line) => document.recipe.ingredients[line].ingredient)
              .map((ingredient) => (pantry.get(ingredient)?.name ?? ingredient).toLowerCase())
              .join(', ')}
          </li>
        ))}
        {(document.recipe.rest_minutes ?? 0) > 0 && <li>Let it stand {duration(document.recipe.rest_minutes ?? 0)}.</li>}
        {finishes.map(({ name, when, per_piece_g, on_treat_g }) => (
          <li key={name}>
            <strong>{name}</strong>
            {when && `, goes on ${WHEN_PUT_ON[when]}`}:{' '}
            {portions.length > 0 ? `${mass(on_treat_g)} in all` : `${mass(per_piece_g)} on each`}.
          </li>
        ))}
      </ol>
      <SheetCautions prediction={prediction} steps={['mix']} />
    </SheetPart>
  );
}
