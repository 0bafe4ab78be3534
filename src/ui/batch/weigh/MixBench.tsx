'use client';
import { useState, type ReactNode } from 'react';
import { shapeRecord } from '@/core/catalogue';
import { crumbleEdge, feelOf, softness } from '@/core/dough';
import type { DoughLine } from '@/core/pantry';
import { FEEL_NAMES, feelName, feelWords } from '../../format/words';
import { CautionsOf } from '../../kit/CautionMark';
import { FeelGauge } from '../../kit/FeelGauge';
import { NumberField } from '../../kit/NumberField';
import { BenchHead } from '../BenchHead';
import { nameOf, type BenchProps } from '../bench-props';
import { FinishMixes } from '../finish/FinishMixes';
import { BowlTable } from './BowlTable';
import { DoctorPanel } from './DoctorPanel';
import { ScalePanel } from './ScalePanel';
import { Steering } from './Steering';
import { linesInBowl } from './bowl';
import { useScale } from './use-scale';
import { limits } from '../../kit/limits';
import { RECIPE, KITCHEN, isDoughLine, type Recipe } from '@/core/document';
import { mass } from '../../format/units';

/** The mix station: what goes into the bowl in which order, how it will handle, and what would put it right. */
export function MixBench({ document, edits, nominal, pantry, habits }: BenchProps): ReactNode {
  const [scaleOn, setScaleOn] = useState(false);
  const scale = useScale(scaleOn);
  const { dough, cautions } = nominal.prediction;
  const rest = document.recipe.rest_minutes ?? RECIPE.fields.rest_minutes.default;
  const kitchen_c = document.kitchen?.room_c ?? KITCHEN.fields.room_c.default;
  const bowl = { standing_min: rest, kitchen_c };
  const lines = linesInBowl(document, dough, pantry);
  const planned = linesInBowl(
    document,
    { ...dough, ingredients: dough.ingredients.map((line) => ({ ...line, mass_g: line.planned_g })) },
    pantry,
  );
  const onAdd = (ingredient: string, mass_g: number): void =>
    edits.change<Recipe>(['recipe'], (now) => ({ ...now, ingredients: addToBowl(now, dough.ingredients, ingredient, mass_g) }));
  return (
    <div className="flex flex-col gap-3">
      <BenchHead title="Mix" about="what goes in, and how it will feel in the hands">
        <ScalePanelButton scale={scale} onOn={setScaleOn} />
      </BenchHead>
      {scaleOn && <ScalePanel scale={scale} onOn={setScaleOn} />}
      <div className="rounded-2xl border border-hair bg-enamel px-5 pt-2 pb-1.5">
        <p className="flex flex-wrap items-baseline gap-x-2">
          <strong className="font-display text-[22px]" data-feel>
            {feelName(dough.feel)}
          </strong>
          <span className="text-soft">
            {feelWords(dough.feel)}
            {dough.feel !== null &&
              ` · softness ${dough.feel_index.toFixed(2)} (${dough.feel_index_low.toFixed(2)} – ${dough.feel_index_high.toFixed(2)})`}
          </span>
        </p>
        {dough.feel !== null && (
          <FeelGauge
            index={dough.feel_index}
            low={dough.feel_index_low}
            high={dough.feel_index_high}
            crumbleEdge={nominal.drawing.feel.crumbleEdge}
          />
        )}
      </div>
      <BowlTable {...{ document, edits, nominal, pantry, habits, scale }} />
      <FinishMixes {...{ document, nominal, pantry, habits }} />
      {dough.feel !== null && (
        <div className="grid gap-3 lg:grid-cols-2">
          <Steering {...{ lines, planned, bowl, pantry, habits, onAdd }} handles={shapeRecord(document.shape.method).handles} />
          <HoldBack {...{ dough, pantry, rest, edits }}>
            <MixingNeeds lines={lines} kitchen_c={kitchen_c} />
          </HoldBack>
        </div>
      )}
      <DoctorPanel {...{ lines, pantry, kitchen_c, onAdd }} />
      <CautionsOf cautions={cautions} steps={['mix']} />
    </div>
  );
}

function ScalePanelButton(props: Parameters<typeof ScalePanel>[0]): ReactNode {
  return props.scale.kind === 'off' ? <ScalePanel {...props} /> : null;
}

const TIMES_MIN = [0, 10, 20, 30, 60];

/** How the same dough feels while oats, coconut and seeds go on drinking. */
function MixingNeeds({ lines, kitchen_c }: { readonly lines: readonly DoughLine[]; readonly kitchen_c: number }): ReactNode {
  const edge = crumbleEdge(lines);
  const at = TIMES_MIN.map((standing_min) => ({ standing_min, index: softness(lines, { standing_min, kitchen_c }).index }));
  if (at.some(({ index }) => !Number.isFinite(index))) return null;
  return (
    <table className="mt-2 w-full text-[14px]" aria-label="Feel after standing">
      <tbody>
        <tr className="text-soft">
          {at.map(({ standing_min }) => (
            <th key={standing_min} scope="col" className="text-left font-normal">
              {standing_min === 0 ? 'fresh' : `${standing_min} min`}
            </th>
          ))}
        </tr>
        <tr>
          {at.map(({ standing_min, index }) => (
            <td key={standing_min}>
              {index.toFixed(2)}{' '}
              <span className="block text-[13px] text-soft">{FEEL_NAMES[feelOf(index, edge)].toLowerCase()}</span>
            </td>
          ))}
        </tr>
      </tbody>
    </table>
  );
}

/** The lines of a recipe with so much more of an ingredient really in the bowl. */
export function addToBowl(
  recipe: Recipe,
  inBowl: ReadonlyArray<{ readonly ingredient: string; readonly mass_g: number }>,
  ingredient: string,
  mass_g: number,
): Recipe['ingredients'] {
  const { ingredients: lines } = recipe;
  const index = lines.findIndex((line) => line.ingredient === ingredient && isDoughLine(recipe, line));
  const tenth = (value: number): number => Math.round(value * 10) / 10;
  if (index < 0) return [...lines, { ingredient, amount: 0, unit: 'g', actual_g: tenth(mass_g) }];
  const now_g = lines[index].actual_g ?? inBowl[index]?.mass_g ?? 0;
  return lines.map((line, i) => (i === index ? { ...line, actual_g: tenth(now_g + mass_g) } : line));
}

type HoldBackProps = {
  readonly dough: BenchProps['nominal']['prediction']['dough'];
  readonly pantry: BenchProps['pantry'];
  readonly rest: number;
  readonly edits: BenchProps['edits'];
  readonly children: ReactNode;
};

function HoldBack({ dough, pantry, rest, edits, children }: HoldBackProps): ReactNode {
  return (
    <section aria-label="Hold back and stand" className="rounded-2xl border border-hair px-4 py-2.5">
      <h3 className="text-[16px]">Hold back, let it stand</h3>
      <p className="pt-1">
        {dough.hold_back ? (
          <>
            Hold back <strong>{mass(dough.hold_back.mass_g, 0)}</strong> of the{' '}
            {nameOf(pantry, dough.hold_back.ingredient).toLowerCase()}; add it by the spoon once the dough has stood.
          </>
        ) : (
          'There is no flour here to hold back.'
        )}
      </p>
      <p className="pt-1.5">
        <NumberField
          label="It stands for"
          unit="min"
          width="w-8"
          value={rest}
          {...limits(RECIPE.fields.rest_minutes)}
          onChange={(minutes) => edits.set(['recipe', 'rest_minutes'], minutes)}
        />
      </p>
      {children}
    </section>
  );
}
