'use client';
import { Radio, RadioGroup } from '@headlessui/react';
import type { ReactNode } from 'react';
import type { FixedAmount, RecipeLine, Scale } from '@/core/document';
import { type Shape, SHAPES } from '@/core/catalogue';
import { slicedOffBy } from '@/core/catalogue';
import { rowOfLine, startFrom } from '@/core/pantry';
import { Button } from '../../kit/Button';
import { Choice } from '../../kit/Choice';
import { NumberField } from '../../kit/NumberField';
import { mass } from '../../format/units';
import { unitName } from '../../ingredients/unit-options';
import { nameOf, type BenchProps } from '../bench-props';
import { AlsoUsedIn } from './AlsoUsedIn';
import { limits } from '../../kit/limits';

type ScoreSlab = Extract<Shape, { method: 'score-slab' }>;
type By = Exclude<Scale['by'], 'ingredient'>;

type HowMuchProps = Pick<BenchProps, 'document' | 'edits' | 'nominal' | 'pantry' | 'lots' | 'alsoUsedIn'>;

/** Scales by whatever the baker fixes; changing the way keeps the amount. */
export function HowMuch({ document, edits, nominal, pantry, lots, alsoUsedIn }: HowMuchProps): ReactNode {
  const scale: Scale = document.scale ?? { by: 'factor', factor: 1 };
  const { dough, yield: out, heat } = nominal.prediction;
  const slab = document.shape.method === 'score-slab';
  const ways: ReadonlyArray<{ readonly by: By; readonly name: string }> = [
    { by: 'factor', name: 'times the recipe' },
    { by: 'dough_mass', name: 'dough weight' },
    { by: 'pieces', name: 'pieces' },
    { by: 'trays', name: slab ? 'full pans' : 'full trays' },
    { by: 'loads', name: 'oven loads' },
    { by: 'fixed', name: 'what there is' },
  ];
  const main = dough.ingredients.reduce((most, { mass_g }, i) => (mass_g > dough.ingredients[most].mass_g ? i : most), 0);
  const now: Record<By, Scale> = {
    factor: { by: 'factor', factor: Number(dough.factor.toFixed(3)) },
    dough_mass: { by: 'dough_mass', dough_g: Math.round(dough.mass_g) },
    pieces: { by: 'pieces', pieces: out.pieces },
    trays: { by: 'trays', trays: out.trays },
    loads: { by: 'loads', loads: heat.loads },
    fixed: { by: 'fixed', fixed: [planned(document.recipe.ingredients[main], dough.factor)] },
  };
  const set = (next: Scale): void => edits.set(['scale'], next);
  const shown: By = scale.by === 'ingredient' ? 'fixed' : scale.by;
  return (
    <div className="rounded-2xl border border-hair bg-enamel px-4 py-2">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <RadioGroup value={shown} onChange={(by) => set(now[by])} aria-label="How much to make" className="flex flex-wrap gap-1">
          {ways.map(({ by, name }) => (
            <Radio
              key={by}
              value={by}
              className="cursor-pointer rounded-full px-2.5 py-0.5 data-[checked]:bg-ink data-[checked]:font-semibold data-[checked]:text-face"
            >
              {name}
            </Radio>
          ))}
        </RadioGroup>
        <span className="flex-1" />
        {scale.by !== 'fixed' && scale.by !== 'ingredient' && <NumberField key={scale.by} {...amountField(scale, slab, set)} />}
      </div>
      {slab && (scale.by === 'trays' || scale.by === 'loads') && document.shape.method === 'score-slab' && (
        <PanSize shape={document.shape} edits={edits} />
      )}
      {(scale.by === 'fixed' || scale.by === 'ingredient') && (
        <WhatThereIs
          fixed={scale.by === 'fixed' ? scale.fixed : [{ ingredient: scale.ingredient, amount: scale.amount, unit: scale.unit }]}
          onFixed={(fixed) => set(fixed.length > 0 ? { by: 'fixed', fixed } : now.factor)}
          {...{ document, nominal, pantry, lots, alsoUsedIn }}
        />
      )}
    </div>
  );
}

/** Another pan holds another amount at the same thickness: the batch follows. */
function PanSize({ shape, edits }: { readonly shape: ScoreSlab; readonly edits: BenchProps['edits'] }): ReactNode {
  const { width_mm = 330, depth_mm = 230 } = shape.pan ?? {};
  const set = (pan: NonNullable<ScoreSlab['pan']>): void => edits.set(['shape', 'pan'], pan);
  return (
    <p className="flex flex-wrap items-center gap-2 pt-2">
      <NumberField
        label="Pan inside"
        unit="mm"
        value={width_mm}
        {...limits(SHAPES['score-slab'].fields.pan.fields.width_mm)}
        onChange={(width) => set({ width_mm: width, depth_mm })}
      />
      <NumberField
        label="by"
        unit="mm"
        value={depth_mm}
        {...limits(SHAPES['score-slab'].fields.pan.fields.depth_mm)}
        onChange={(depth) => set({ width_mm, depth_mm: depth })}
      />
      <span className="text-[14px] text-soft">the dough follows the pan at the same thickness</span>
    </p>
  );
}

type WhatThereIsProps = Pick<BenchProps, 'document' | 'nominal' | 'pantry' | 'lots' | 'alsoUsedIn'> & {
  readonly fixed: readonly FixedAmount[];
  readonly onFixed: (fixed: readonly FixedAmount[]) => void;
};

/** Things there is only so much of: the scarcest limits the batch, of the rest some is left over. */
function WhatThereIs({ fixed, onFixed, document, nominal, pantry, lots, alsoUsedIn }: WhatThereIsProps): ReactNode {
  const { left_over } = nominal.prediction.dough;
  const free = [...new Set(document.recipe.ingredients.map(({ ingredient }) => ingredient))].filter(
    (id) => !fixed.some(({ ingredient }) => ingredient === id),
  );
  const inHouse = lots.filter(({ ingredient_id }) => free.includes(ingredient_id));
  return (
    <ul className="flex flex-col gap-1.5 pt-2">
      {fixed.map((one, i) => {
        const rest = left_over.find(({ ingredient }) => ingredient === one.ingredient);
        const name = nameOf(pantry, one.ingredient);
        return (
          <li key={one.ingredient} className="flex flex-wrap items-center gap-x-3 gap-y-1">
            <NumberField
              label={`Use all the ${name.toLowerCase()}:`}
              unit={unitName(one)}
              value={one.amount}
              min={0.1}
              max={100000}
              step={one.unit === 'each' ? 1 : 10}
              onChange={(amount) => onFixed(fixed.map((old, at) => (at === i ? { ...old, amount } : old)))}
            />
            {rest?.limits && fixed.length > 1 && <strong className="text-dough">limits the batch</strong>}
            {rest && !rest.limits && (
              <span className="text-soft">
                {mass(rest.mass_g)} left over
                <AlsoUsedIn recipes={alsoUsedIn.get(one.ingredient) ?? []} />
              </span>
            )}
            <Button look="quiet" onClick={() => onFixed(fixed.filter((_, at) => at !== i))}>
              no limit
            </Button>
          </li>
        );
      })}
      <li className="flex flex-wrap items-center gap-2">
        {free.length > 0 && (
          <Choice
            label="There is also only so much"
            value=""
            options={[{ value: '', name: 'choose …' }, ...free.map((id) => ({ value: id, name: nameOf(pantry, id) }))]}
            onChange={(id) => {
              const line = document.recipe.ingredients.find(({ ingredient }) => ingredient === id);
              if (line) onFixed([...fixed, planned(line, nominal.prediction.dough.factor)]);
            }}
          />
        )}
        {inHouse.slice(0, 3).map((lot) => (
          <Button key={lot.id} look="small" onClick={() => onFixed([...fixed, allOf({ pantry, document }, lot)])}>
            use the {mass(lot.left_g)} of {nameOf(pantry, lot.ingredient_id).toLowerCase()} in the house
          </Button>
        ))}
      </li>
    </ul>
  );
}

/** What the plan takes of a line, in the recipe's own unit: eggs are counted, flour is weighed. */
const planned = ({ ingredient, amount, unit }: RecipeLine, factor: number): FixedAmount => ({
  ingredient,
  amount: Math.max(0.1, Math.round(amount * factor * 10) / 10),
  unit,
});

/** All that a lot gives once it is peeled, drained or cracked. */
function allOf(
  { pantry, document }: Pick<BenchProps, 'pantry' | 'document'>,
  { ingredient_id, left_g }: BenchProps['lots'][number],
): FixedAmount {
  const row = rowOfLine({ ingredient: ingredient_id }, pantry, slicedOffBy(document.shape));
  return { ingredient: ingredient_id, amount: Math.floor(row ? left_g / startFrom(row, 1) : left_g), unit: 'g' };
}

type FieldProps = Parameters<typeof NumberField>[0];

/** The number that fixes how much, whichever way it is fixed. */
function amountField(
  scale: Exclude<Scale, { by: 'fixed' | 'ingredient' }>,
  slab: boolean,
  set: (next: Scale) => void,
): FieldProps {
  switch (scale.by) {
    case 'factor':
      return {
        label: 'Make',
        unit: 'times',
        value: scale.factor,
        min: 0.05,
        max: 100,
        step: 0.25,
        onChange: (factor) => set({ ...scale, factor }),
      };
    case 'dough_mass':
      return {
        label: 'Make',
        unit: 'g',
        value: scale.dough_g,
        min: 20,
        max: 200000,
        step: 50,
        onChange: (dough_g) => set({ ...scale, dough_g }),
      };
    case 'pieces':
      return {
        label: 'Make',
        unit: 'pieces',
        value: scale.pieces,
        min: 1,
        max: 20000,
        onChange: (pieces) => set({ ...scale, pieces: Math.round(pieces) }),
      };
    case 'trays':
      return {
        label: 'Fill',
        unit: slab ? 'pans' : 'trays',
        value: scale.trays,
        min: 1,
        max: 200,
        onChange: (trays) => set({ ...scale, trays: Math.round(trays) }),
      };
    case 'loads':
      return {
        label: 'Fill',
        unit: 'oven loads',
        value: scale.loads,
        min: 1,
        max: 50,
        onChange: (loads) => set({ ...scale, loads: Math.round(loads) }),
      };
  }
}
