'use client';
import { Radio, RadioGroup } from '@headlessui/react';
import { useState, type ReactNode } from 'react';
import type { Scale } from '@/core/batch';
import { FEEL_WORDS } from '@/core/dough';
import type { UNITS } from '@/core/quantities';
import { Choice } from '../../kit/Choice';
import { NumberField } from '../../kit/NumberField';
import { mass } from '../../format/units';
import { FEEL_NAMES } from '../../format/words';
import { BenchHead } from '../BenchHead';
import { nameOf, type BenchProps } from '../bench-props';
import { FeelGauge } from './FeelGauge';
import { kitchenMeasure, type CupSet } from './kitchen-measure';

type By = 'factor' | 'dough_mass' | 'pieces' | 'trays' | 'loads';
const WAYS: ReadonlyArray<{ readonly by: By; readonly name: string }> = [
  { by: 'factor', name: 'times the recipe' },
  { by: 'dough_mass', name: 'dough weight' },
  { by: 'pieces', name: 'pieces' },
  { by: 'trays', name: 'full trays' },
  { by: 'loads', name: 'oven loads' },
];
const CUP_SETS = [
  { value: 'us', name: 'US cups' },
  { value: 'metric', name: 'metric cups' },
] as const;

/** The weigh station: how much is made, and what goes on the scale. */
export function WeighBench({ document, edits, likely, pantry }: BenchProps): ReactNode {
  const [cups, setCups] = useState<CupSet>('metric');
  const { dough } = likely.prediction;
  const { ingredients } = document.recipe;
  return (
    <div className="flex flex-col gap-3">
      <BenchHead title="Weigh" about={`${mass(dough.mass_g)} of dough · ${dough.water_pct.toFixed(0)} % water`}>
        <Choice label="Measures" shown={false} value={cups} options={CUP_SETS} onChange={setCups} />
      </BenchHead>
      <HowMuch document={document} edits={edits} likely={likely} pantry={pantry} />
      <table className="w-full border-collapse text-[15px]">
        <thead>
          <tr className="text-left text-[14px] text-soft">
            <th className="py-1.5 font-normal">Ingredient</th>
            <th className="font-normal">Recipe says</th>
            <th className="w-28 text-right font-normal">Weigh</th>
            <th className="w-64 pl-6 font-normal">or about</th>
          </tr>
        </thead>
        <tbody>
          {ingredients.map((line, i) => {
            const weighed = dough.ingredients[i];
            const row = pantry.get(line.ingredient);
            const measure = row && weighed ? kitchenMeasure(row, weighed.mass_g, cups) : null;
            return (
              <tr key={`${line.ingredient}-${i}`} className="border-t border-hair">
                <td className="py-1.5 pr-3 font-semibold">{nameOf(pantry, line.ingredient)}</td>
                <td>
                  <NumberField
                    label={`Amount of ${nameOf(pantry, line.ingredient)} in the recipe`}
                    shown={false}
                    width="w-14"
                    value={line.amount}
                    min={0}
                    max={100000}
                    step={line.unit === 'g' || line.unit === 'ml' ? 5 : 0.5}
                    onChange={(amount) => edits.set(['recipe', 'ingredients', i, 'amount'], amount)}
                  />{' '}
                  <span className="text-soft">{unitWord(line.unit)}</span>
                </td>
                <td className="text-right font-display text-[18px] font-semibold">{weighed ? mass(weighed.mass_g) : ''}</td>
                <td className="pl-6">
                  {measure ? (
                    <>
                      {measure.words}{' '}
                      <span className="text-[13px] text-soft">± {Math.max(1, Math.round(measure.scatter_g))} g</span>
                    </>
                  ) : (
                    <span className="text-soft">weigh it</span>
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className="text-[14px] text-soft">
        The scale is right; a cup of flour filled by hand lies within its ± nine times in ten.
      </p>
      <div className="rounded-2xl border border-hair bg-enamel px-5 pt-2.5 pb-2">
        <p>
          It will be <strong>{FEEL_NAMES[dough.feel].toLowerCase()}</strong>{' '}
          <span className="text-soft">after standing: {FEEL_WORDS[dough.feel]}</span>
        </p>
        <FeelGauge
          index={dough.feel_index}
          low={dough.feel_index_low}
          high={dough.feel_index_high}
          crumbleEdge={likely.drawing.feel.crumbleEdge}
        />
      </div>
      <KitchenAir document={document} edits={edits} />
    </div>
  );
}

const unitWord = (unit: (typeof UNITS)[number]): string =>
  ({ 'cup-us': 'US cups', 'cup-metric': 'metric cups', 'cup-uk': 'UK cups', each: 'of them', pack: 'packs' })[unit as string] ??
  unit;

type HowMuchProps = Pick<BenchProps, 'document' | 'edits' | 'likely' | 'pantry'>;

/** Scales by whatever the baker fixes; changing the way keeps the amount. */
function HowMuch({ document, edits, likely, pantry }: HowMuchProps): ReactNode {
  const scale: Scale = document.scale ?? { by: 'factor', factor: 1 };
  const { dough, yield: out } = likely.prediction;
  const now: Record<By, Scale> = {
    factor: { by: 'factor', factor: Number(dough.factor.toFixed(3)) },
    dough_mass: { by: 'dough_mass', dough_g: Math.round(dough.mass_g) },
    pieces: { by: 'pieces', pieces: out.pieces },
    trays: { by: 'trays', trays: out.trays },
    loads: { by: 'loads', loads: likely.prediction.heat.loads },
  };
  const set = (next: Scale): void => edits.set(['scale'], next);
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2 rounded-2xl border border-hair bg-enamel px-4 py-2">
      <RadioGroup
        value={scale.by}
        onChange={(by) => by !== 'ingredient' && by !== 'fixed' && set(now[by])}
        aria-label="How much to make"
        className="flex flex-wrap gap-1"
      >
        {WAYS.map(({ by, name }) => (
          <Radio
            key={by}
            value={by}
            className="cursor-pointer rounded-full px-3 py-0.5 data-[checked]:bg-ink data-[checked]:font-semibold data-[checked]:text-face"
          >
            {name}
          </Radio>
        ))}
        {scale.by === 'ingredient' && (
          <Radio
            value="ingredient"
            className="cursor-pointer rounded-full px-3 py-0.5 data-[checked]:bg-ink data-[checked]:font-semibold data-[checked]:text-face"
          >
            all the {nameOf(pantry, scale.ingredient).toLowerCase()}
          </Radio>
        )}
      </RadioGroup>
      <span className="flex-1" />
      {scale.by !== 'fixed' && <NumberField key={scale.by} {...amountField(scale, set)} />}
    </div>
  );
}

type FieldProps = Parameters<typeof NumberField>[0];

/** The number that fixes how much, whichever way it is fixed. */
function amountField(scale: Exclude<Scale, { by: 'fixed' }>, set: (next: Scale) => void): FieldProps {
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
        unit: 'trays',
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
    case 'ingredient':
      return {
        label: 'Use',
        unit: scale.unit,
        value: scale.amount,
        min: 1,
        max: 100000,
        step: 10,
        onChange: (amount) => set({ ...scale, amount }),
      };
  }
}

const AIR = [
  { key: 'altitude_m', label: 'Above the sea', unit: 'm', min: -420, max: 5000, step: 10 },
  { key: 'room_c', label: 'Kitchen', unit: '°C', min: -5, max: 45 },
  { key: 'room_rh_pct', label: 'Humidity', unit: '%', min: 5, max: 98 },
] as const;

/** The kitchen's air: it decides the boil, the drying and the jar. */
function KitchenAir({ document, edits }: Pick<BenchProps, 'document' | 'edits'>): ReactNode {
  const air = { altitude_m: 0, room_c: 20, room_rh_pct: 50, ...document.kitchen };
  return (
    <fieldset className="flex flex-wrap items-center gap-x-5 gap-y-2 text-[14px]">
      <legend className="sr-only">The kitchen today</legend>
      {AIR.map(({ key, ...field }) => (
        <NumberField
          key={key}
          {...field}
          width="w-10"
          value={air[key]}
          onChange={(value) => edits.set(['kitchen', key], value)}
        />
      ))}
    </fieldset>
  );
}
