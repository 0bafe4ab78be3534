'use client';
import dynamic from 'next/dynamic';
import { Repeat2 } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { slicedOffBy } from '@/core/catalogue';
import { withRecipe, type BatchDocument } from '@/core/document';
import { swapIdeas, type Pantry } from '@/core/pantry';
import { isVolumeUnit } from '@/core/quantities';
import type { Nominal } from '@/workers/prediction-protocol';
import { mass, packMass } from '../../format/units';
import { money } from '../../format/money';
import { feelName, feelWords, withoutWords } from '../../format/words';
import { IngredientTable, type ChangeLines } from '../../ingredients/IngredientTable';
import { intoPart } from '../../ingredients/parts/change-parts';
import { FILL_NAMES, MEASURE_NAMES, type Habits } from '../../ingredients/habits';
import { useEver } from '../../kit/use-ever';
import { Button } from '../../kit/Button';
import { CautionsOf } from '../../kit/CautionMark';
import { Choice } from '../../kit/Choice';
import { FeelGauge } from '../../kit/FeelGauge';
import { NumberField } from '../../kit/NumberField';
import { BenchHead } from '../BenchHead';
import { nameOf, type BenchProps } from '../bench-props';
import { HowMuch } from './HowMuch';
import { TreatsOfAnother } from './TreatsOfAnother';
import { WeighedWater } from './WeighedWater';
import { WholeAndLeft } from './WholeAndLeft';

/** Loaded once it is opened. */
const SwapDialog = dynamic(() => import('./SwapDialog').then((dialog) => dialog.SwapDialog), { ssr: false });

/** The weigh station: how much is made, and what goes on the scale. */
export function WeighBench(props: BenchProps): ReactNode {
  const { document, edits, nominal, pantry, habits, onHabits, questions, costs } = props;
  const [swapping, setSwapping] = useState<number | null>(null);
  const swapped = useEver(swapping !== null);
  const { cautions } = nominal.prediction;
  const onLines: ChangeLines = (next) => edits.change(['recipe', 'ingredients'], next);
  return (
    <div className="flex flex-col gap-3">
      <BenchHead title="Weigh" about={aboutBowl(nominal.prediction, pantry)}>
        <MeasuresOf habits={habits} onHabits={onHabits} />
      </BenchHead>
      <HowMuch {...props} />
      <AskCups {...props} />
      <CautionsOf cautions={cautions.filter(({ severity }) => severity === 'stop')} steps={['mix']} />
      <IngredientTable
        recipe={document.recipe}
        told={nominal.prediction}
        pantry={pantry}
        habits={habits}
        slicedOff={slicedOffBy(document.shape)}
        onAmount={(i, amount) => edits.set(['recipe', 'ingredients', i, 'amount'], amount)}
        onLines={onLines}
        onRecipe={(next) => edits.change<BatchDocument>([], (now) => withRecipe(now, next(now.recipe)))}
        adds={(part) => (
          <TreatsOfAnother
            {...{ document, questions }}
            into={part ?? 'dough'}
            onLine={(line) => onLines((now) => [...now, intoPart(line, part)])}
          />
        )}
        more={(i) => <WeighedWater {...props} line={i} />}
        tools={(i) => (
          <SwapButton pantry={pantry} ingredient={document.recipe.ingredients[i].ingredient} onSwap={() => setSwapping(i)} />
        )}
      />
      <WholeAndLeft {...props} />
      <Feel nominal={nominal} />
      <KitchenAir document={document} edits={edits} />
      {swapped && (
        <SwapDialog
          {...{ document, nominal, pantry, questions, costs }}
          line={swapping}
          onClose={() => setSwapping(null)}
          onSwap={(lines) => {
            edits.set(['recipe', 'ingredients'], lines);
            setSwapping(null);
          }}
        />
      )}
    </div>
  );
}

type SwapButtonProps = { readonly pantry: Pantry; readonly ingredient: string; readonly onSwap: () => void };

/** Nothing where nothing else would do. */
function SwapButton({ pantry, ingredient, onSwap }: SwapButtonProps): ReactNode {
  const row = pantry.get(ingredient);
  if (!row || swapIdeas(row, pantry).length === 0) return null;
  return (
    <Button look="quiet" aria-label={`Swap ${nameOf(pantry, ingredient)}`} title="Swap it for something else" onClick={onSwap}>
      <Repeat2 aria-hidden size={17} />
    </Button>
  );
}

/** What lies in the bowl, and what its ingredients cost. */
function aboutBowl({ dough, cost }: Nominal['prediction'], pantry: Pantry): string {
  const bowl = `${mass(dough.mass_g)} of dough · ${dough.water_pct.toFixed(0)} % water`;
  if (!cost) return bowl;
  const price = `${money(cost.ingredients, cost.currency)} of ingredients`;
  return [`${bowl} · ${price}`, withoutWords(cost.missing, pantry)].filter(Boolean).join(', ');
}

/** Which cups are meant, and what the scale can show. */
function MeasuresOf({ habits, onHabits }: { readonly habits: Habits; readonly onHabits: (habits: Habits) => void }): ReactNode {
  return (
    <>
      <Choice
        label="Measures"
        shown={false}
        value={habits.measures}
        options={MEASURE_NAMES}
        onChange={(measures) => onHabits({ ...habits, measures })}
      />
      <Choice
        label="Scale shows"
        value={String(habits.scale_step_g)}
        options={[
          { value: '1', name: packMass(1) },
          { value: '5', name: packMass(5) },
        ]}
        onChange={(step) => onHabits({ ...habits, scale_step_g: step === '5' ? 5 : 1 })}
      />
    </>
  );
}

/** A cup of flour weighs a sixth more when it is scooped: how it is filled is asked once, and can be changed. */
function AskCups({ document, edits, habits, onHabits }: BenchProps): ReactNode {
  const cups = document.recipe.ingredients.some(({ unit }) => isVolumeUnit(unit));
  const fill = document.kitchen?.cup_fill ?? habits.cup_fill ?? 'unknown';
  if (!cups && fill === 'unknown') return null;
  return (
    <div className="flex flex-wrap items-center gap-2 text-[14px]">
      <Choice
        label="How do you fill a cup?"
        value={fill}
        options={FILL_NAMES}
        onChange={(value) => {
          const cup_fill = value === 'unknown' ? null : value;
          onHabits({ ...habits, cup_fill });
          edits.set(['kitchen', 'cup_fill'], cup_fill ?? undefined);
        }}
      />
      <span className="text-soft">
        {fill === 'unknown'
          ? 'A scooped cup of flour holds a sixth more than a spooned one; until you say, both are allowed for.'
          : 'Remembered for this kitchen. A cup lies within its ± nine times in ten; the scale is right.'}
      </span>
    </div>
  );
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

type FeelProps = { readonly nominal: Nominal };

function Feel({ nominal }: FeelProps): ReactNode {
  const { dough } = nominal.prediction;
  return (
    <div className="rounded-2xl border border-hair bg-enamel px-5 pt-2.5 pb-2">
      <p>
        {dough.feel === null ? 'It is ' : 'It will be '}
        <strong>{feelName(dough.feel).toLowerCase()}</strong>{' '}
        <span className="text-soft">
          {dough.feel !== null && 'after standing: '}
          {feelWords(dough.feel)}
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
  );
}
