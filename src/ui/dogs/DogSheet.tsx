'use client';
import type { DogFacts, SavedDog } from '@/contract/dogs';
import type { ReactNode } from 'react';
import { ACTIVITIES, AGE_STAGES, dailyEnergy } from '@/core/feeding';
import { pieceSizes } from '@/core/cautions';
import { Button } from '../kit/Button';
import { Check } from '../kit/Check';
import { Choice } from '../kit/Choice';
import { NumberField } from '../kit/NumberField';
import { Panel } from '../kit/Panel';
import { TextField } from '../kit/TextField';
import { SavingNote } from '../kit/autosave/SavingNote';
import { useAutosaved } from '../kit/autosave/use-autosaved';
import { ACTIVITY_NAMES, AGE_NAMES } from './verdict-words';
import { bareLength, length } from '../format/units';

type DogSheetProps = {
  readonly dog: SavedDog;
  readonly allergens: readonly string[];
  readonly onSaved: () => void;
  readonly onDrop: () => void;
};
/** A dog, and how to change what is known of it. */
type DogFieldsProps = { readonly dog: DogFacts; readonly change: (next: Partial<DogFacts>) => void };

/** Everything about one dog that bears on its treats. */
export function DogSheet({ dog: { id, ...first }, allergens, onSaved, onDrop }: DogSheetProps): ReactNode {
  const { document: dog, change, saving } = useAutosaved({ key: `dog:${id}`, route: `/api/dogs/${id}`, first }, onSaved);
  return (
    <Panel label={dog.name} className="flex flex-col gap-2.5 px-4 py-3 print:hidden">
      <SavingNote saving={saving} what="this dog" />
      <div className="flex flex-wrap items-center gap-2">
        <TextField needed label="Name of the dog" look="name" value={dog.name} onChange={(name) => change({ name })} />
        <TextField
          label="What kind of dog"
          placeholder="what kind of dog"
          className="flex-1"
          value={dog.kind}
          onChange={(kind) => change({ kind })}
        />
        <Button look="quiet" onClick={onDrop}>
          Take off the list
        </Button>
      </div>
      <Traits dog={dog} change={change} />
      <MustNotHave dog={dog} change={change} allergens={allergens} />
      <Allowance dog={dog} />
    </Panel>
  );
}

const AGES = AGE_STAGES.map((value) => ({ value, name: AGE_NAMES[value] }));
const DAYS = ACTIVITIES.map((value) => ({ value, name: ACTIVITY_NAMES[value] }));
const TRAITS = [
  ['neutered', 'neutered'],
  ['overweight', 'too heavy'],
  ['wornTeeth', 'worn or bad teeth'],
  ['upsetByFat', 'fat upsets it'],
] as const;

const Traits = ({ dog, change }: DogFieldsProps): ReactNode => (
  <div className="flex flex-wrap items-center gap-x-4 gap-y-2 text-[14.5px]">
    <NumberField
      label="weighs"
      unit="kg"
      value={dog.weight_kg}
      min={0.5}
      max={120}
      step={0.5}
      width="w-10"
      onChange={(weight_kg) => change({ weight_kg })}
    />
    <Choice label="age" value={dog.age} options={AGES} onChange={(age) => change({ age })} />
    <Choice label="its day" value={dog.activity} options={DAYS} onChange={(activity) => change({ activity })} />
    {TRAITS.map(([trait, words]) => (
      <Check key={trait} checked={dog[trait]} onChange={(is) => change({ [trait]: is })}>
        {words}
      </Check>
    ))}
  </div>
);

type MustNotHaveProps = DogFieldsProps & { readonly allergens: readonly string[] };

const MustNotHave = ({ dog: { avoids }, change, allergens }: MustNotHaveProps): ReactNode => (
  <fieldset className="flex flex-wrap items-center gap-1.5 text-[14px]">
    <legend className="sr-only">Must not have</legend>
    <span className="pr-1 text-soft">must not have</span>
    {[...new Set([...avoids, ...allergens])].sort().map((allergen) => {
      const avoided = avoids.includes(allergen);
      return (
        <button
          key={allergen}
          type="button"
          aria-pressed={avoided}
          className={`rounded-full border-[1.4px] px-2 ${avoided ? 'border-stop font-semibold text-stop' : 'border-hair text-soft hover:border-rim'}`}
          onClick={() => change({ avoids: avoided ? avoids.filter((one) => one !== allergen) : [...avoids, allergen] })}
        >
          {avoided ? '✕ ' : ''}
          {allergen}
        </button>
      );
    })}
  </fieldset>
);

/** How much it eats, and how big a piece suits its throat. */
function Allowance({ dog }: Pick<DogFieldsProps, 'dog'>): ReactNode {
  const { throat_mm, training_mm, chew_mm } = pieceSizes(dog.weight_kg);
  const kcal = dailyEnergy(dog);
  return (
    <p className="text-[14px] text-soft">
      Eats about <strong className="text-ink">{Math.round(kcal)} kcal</strong> a day, of which{' '}
      <strong className="text-ink">{Math.round(kcal / 10)}</strong> may be treats. Bits for training up to{' '}
      {length(Math.floor(training_mm))}; hard pieces {bareLength(Math.floor(training_mm))} – {length(Math.ceil(chew_mm))} are
      about as wide as its throat ({length(throat_mm)}); chews from {length(Math.ceil(chew_mm))}.
    </p>
  );
}
