'use client';
import type { DogView } from '@/contract/dogs';
import { useState, type ReactNode } from 'react';
import { ACTIVITIES, AGE_STAGES, dailyEnergy } from '@/core/feeding';
import { pieceSizes } from '@/core/cautions';
import { Button } from '../kit/Button';
import { Choice } from '../kit/Choice';
import { NumberField } from '../kit/NumberField';
import { Panel } from '../kit/Panel';
import { ACTIVITY_NAMES, AGE_NAMES } from './verdict-words';

type DogSheetProps = {
  readonly dog: DogView;
  readonly allergens: readonly string[];
  readonly onKeep: (dog: DogView) => void;
  readonly onDrop: () => void;
};

const AGES = AGE_STAGES.map((value) => ({ value, name: AGE_NAMES[value] }));
const DAYS = ACTIVITIES.map((value) => ({ value, name: ACTIVITY_NAMES[value] }));
const TRAITS = [
  ['neutered', 'neutered'],
  ['overweight', 'too heavy'],
  ['wornTeeth', 'worn or bad teeth'],
  ['upsetByFat', 'fat upsets it'],
] as const;

/** Everything about one dog that bears on its treats. */
export function DogSheet({ dog: first, allergens, onKeep: keep, onDrop }: DogSheetProps): ReactNode {
  // What was just changed stands at once, so that the next change builds on it and not on what the kitchen last said.
  const [dog, setDog] = useState(first);
  const onKeep = (next: DogView): void => {
    setDog(next);
    keep(next);
  };
  const [name, setName] = useState(dog.name);
  const [kind, setKind] = useState(dog.kind);
  const { throat_mm, training_mm, chew_mm } = pieceSizes(dog.weight_kg);
  const kcal = dailyEnergy(dog);
  const commit = (): void => {
    const next = { ...dog, name: name.trim() || dog.name, kind: kind.trim() };
    if (next.name !== dog.name || next.kind !== dog.kind) onKeep(next);
  };
  return (
    <Panel label={dog.name} className="flex flex-col gap-2.5 px-4 py-3">
      <div className="flex flex-wrap items-center gap-2">
        <input
          aria-label="Name of the dog"
          value={name}
          maxLength={80}
          size={Math.max(6, name.length)}
          className="rounded-lg bg-transparent font-display text-[21px] font-semibold outline-none focus:bg-enamel"
          onChange={({ target }) => setName(target.value)}
          onBlur={commit}
        />
        <input
          aria-label="What kind of dog"
          value={kind}
          maxLength={80}
          placeholder="what kind of dog"
          className="min-w-0 flex-1 rounded-lg bg-transparent text-soft outline-none placeholder:text-soft focus:bg-enamel"
          onChange={({ target }) => setKind(target.value)}
          onBlur={commit}
        />
        <Button look="quiet" onClick={onDrop}>
          Take off the list
        </Button>
      </div>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2 text-[14.5px]">
        <NumberField
          label="weighs"
          unit="kg"
          value={dog.weight_kg}
          min={0.5}
          max={120}
          step={0.5}
          width="w-10"
          onChange={(weight_kg) => onKeep({ ...dog, weight_kg })}
        />
        <Choice label="age" value={dog.age} options={AGES} onChange={(age) => onKeep({ ...dog, age })} />
        <Choice label="its day" value={dog.activity} options={DAYS} onChange={(activity) => onKeep({ ...dog, activity })} />
        {TRAITS.map(([trait, words]) => (
          <label key={trait} className="inline-flex cursor-pointer items-center gap-1.5">
            <input
              type="checkbox"
              className="size-4 accent-current"
              checked={dog[trait]}
              onChange={() => onKeep({ ...dog, [trait]: !dog[trait] })}
            />
            {words}
          </label>
        ))}
      </div>
      <fieldset className="flex flex-wrap items-center gap-1.5 text-[14px]">
        <legend className="sr-only">Must not have</legend>
        <span className="pr-1 text-soft">must not have</span>
        {[...new Set([...dog.avoids, ...allergens])].sort().map((allergen) => {
          const avoided = dog.avoids.includes(allergen);
          return (
            <button
              key={allergen}
              type="button"
              aria-pressed={avoided}
              className={`rounded-full border-[1.4px] px-2 ${avoided ? 'border-stop font-semibold text-stop' : 'border-hair text-soft hover:border-rim'}`}
              onClick={() =>
                onKeep({
                  ...dog,
                  avoids: avoided ? dog.avoids.filter((one) => one !== allergen) : [...dog.avoids, allergen],
                })
              }
            >
              {avoided ? '✕ ' : ''}
              {allergen}
            </button>
          );
        })}
      </fieldset>
      <p className="text-[14px] text-soft">
        Eats about <strong className="text-ink">{Math.round(kcal)} kcal</strong> a day, of which{' '}
        <strong className="text-ink">{Math.round(kcal / 10)}</strong> may be treats. Bits for training up to{' '}
        {Math.floor(training_mm)} mm; hard pieces {Math.floor(training_mm)} – {Math.ceil(chew_mm)} mm are about as wide as its
        throat ({Math.round(throat_mm)} mm); chews from {Math.ceil(chew_mm)} mm.
      </p>
    </Panel>
  );
}
