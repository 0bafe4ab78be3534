'use client';
import type { ReactNode } from 'react';
import { FEEL_TARGETS, FEEL_WORDS } from '@/core/dough';
import { G_PER_MASS_UNIT, isMassUnit } from '@/core/quantities';
import { Button } from '../../kit/Button';
import { CautionsOf } from '../../kit/CautionMark';
import { NumberField } from '../../kit/NumberField';
import { mass } from '../../format/units';
import { FEEL_NAMES } from '../../format/words';
import { BenchHead } from '../BenchHead';
import { nameOf, type BenchProps } from '../bench-props';
import { FeelGauge } from './FeelGauge';

/** The mix station: how the dough will handle before anything is mixed, and what would put it right. */
export function MixBench({ document, edits, likely, pantry }: BenchProps): ReactNode {
  const { dough, cautions } = likely.prediction;
  const { crumbleEdge, fixes } = likely.drawing.feel;
  const rest = document.recipe.rest_minutes ?? 10;
  return (
    <div className="flex flex-col gap-4">
      <BenchHead title="Mix" about="how it will feel in the hands, after standing">
        <NumberField
          label="Stands for"
          unit="min"
          width="w-8"
          value={rest}
          min={0}
          max={1440}
          step={5}
          onChange={(minutes) => edits.set(['recipe', 'rest_minutes'], minutes)}
        />
      </BenchHead>
      <div className="rounded-2xl border border-hair bg-enamel px-5 pt-3 pb-2">
        <p>
          <strong className="font-display text-[22px]">{FEEL_NAMES[dough.feel]}</strong>{' '}
          <span className="text-soft">
            {FEEL_WORDS[dough.feel]} · softness {dough.feel_index.toFixed(2)} ({dough.feel_index_low.toFixed(2)} –{' '}
            {dough.feel_index_high.toFixed(2)})
          </span>
        </p>
        <FeelGauge index={dough.feel_index} low={dough.feel_index_low} high={dough.feel_index_high} crumbleEdge={crumbleEdge} />
      </div>
      <div className="grid gap-3 sm:grid-cols-2">
        <div className="rounded-2xl border border-hair px-4 py-3">
          <h3 className="text-[16px]">Hold back</h3>
          {dough.hold_back ? (
            <p>
              Keep <strong>{Math.round(dough.hold_back.mass_g)} g</strong> of the{' '}
              {nameOf(pantry, dough.hold_back.ingredient).toLowerCase()} aside. Let the dough stand, then add it by the spoon:
              eggs, purees and drained grain are never twice the same.
            </p>
          ) : (
            <p>There is no flour here to hold back.</p>
          )}
        </div>
        <div className="rounded-2xl border border-hair px-4 py-3">
          <h3 className="text-[16px]">To roll cleanly</h3>
          {fixes.length === 0 && <p>It already sits in the middle of the band that rolls; leave it.</p>}
          {fixes.map((fix) => (
            <p key={fix.ingredient} className="flex flex-wrap items-center gap-2">
              <span>
                <strong>{Math.round(fix.mass_g)} g</strong> more {nameOf(pantry, fix.ingredient).toLowerCase()} would bring it to
                softness {FEEL_TARGETS.rollable.toFixed(2)}.
              </span>
              <AddToRecipe
                fix={fix}
                document={document}
                edits={edits}
                factor={dough.factor}
                name={nameOf(pantry, fix.ingredient)}
              />
            </p>
          ))}
        </div>
      </div>
      <ol className="columns-2 gap-8 text-[15px]" aria-label="Into the bowl">
        {dough.ingredients.map(({ ingredient, mass_g }, i) => (
          <li key={`${ingredient}-${i}`} className="flex justify-between border-b border-hair py-1">
            <span>{nameOf(pantry, ingredient)}</span>
            <strong>{mass(mass_g)}</strong>
          </li>
        ))}
      </ol>
      <CautionsOf cautions={cautions} steps={['mix']} />
    </div>
  );
}

type AddProps = Pick<BenchProps, 'document' | 'edits'> & {
  readonly fix: { readonly ingredient: string; readonly mass_g: number };
  readonly factor: number;
  readonly name: string;
};

/** Writes the correction into the recipe, where its line is given by weight. */
function AddToRecipe({ fix, document, edits, factor, name }: AddProps): ReactNode {
  const index = document.recipe.ingredients.findIndex(({ ingredient }) => ingredient === fix.ingredient);
  const line = document.recipe.ingredients[index];
  if (!line || !isMassUnit(line.unit)) return null;
  const perUnit = G_PER_MASS_UNIT[line.unit];
  const amount = Math.round((line.amount + fix.mass_g / factor / perUnit) * 10) / 10;
  return (
    <Button look="small" onClick={() => edits.set(['recipe', 'ingredients', index, 'amount'], amount)}>
      Add {Math.round(fix.mass_g)} g {name.toLowerCase()}
    </Button>
  );
}
