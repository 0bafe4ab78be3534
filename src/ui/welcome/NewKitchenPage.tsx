'use client';
import type { Country, NewKitchenRequest } from '@/contract/kitchens';
import { useState, type ReactNode } from 'react';
import { APPLIANCE_KINDS } from '@/core/catalogue';
import { applianceName } from '../format/words';
import { MEASURE_NAMES } from '../ingredients/habits';
import { Alert } from '../kit/Alert';
import { Button } from '../kit/Button';
import { Check } from '../kit/Check';
import { Choice } from '../kit/Choice';
import { usualReader } from '@/core/said';
import { FindField } from '../kit/FindField';
import { NumberField } from '../kit/NumberField';
import { PageHead } from '../kit/PageHead';
import { Panel } from '../kit/Panel';
import { TextField } from '../kit/TextField';
import { BringKitchen } from './BringKitchen';
import { BLANK_KITCHEN, setUpKitchen } from './choose';
import { PageTitle } from '../shell/PageTitle';

const BOX = 'w-64 max-w-full';
const USUAL_DOG_KG = 15;

/** Five short questions; none must be answered but the first. */
export function NewKitchenPage({ countries }: { readonly countries: readonly Country[] }): ReactNode {
  const [kitchen, setKitchen] = useState<NewKitchenRequest>(BLANK_KITCHEN);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [going, setGoing] = useState(false);
  const change = (next: Partial<NewKitchenRequest>): void => setKitchen((now) => ({ ...now, ...next }));
  const finish = async (): Promise<void> => {
    setGoing(true);
    const wrong = await setUpKitchen(kitchen);
    setTrouble(wrong);
    if (wrong !== null) setGoing(false);
  };
  return (
    <main className="mx-auto flex max-w-[880px] flex-col gap-3 px-6 py-5">
      <PageTitle>Set up my kitchen</PageTitle>
      <PageHead title="Set up my kitchen" says="everything can be changed later under Settings">
        <BringKitchen />
      </PageHead>
      <Alert>{trouble}</Alert>
      <Question number={1} asks="What is it called?" says="It stands on your labels as the maker.">
        <TextField
          needed
          label="Name of the kitchen"
          look="box"
          className={BOX}
          value={kitchen.name}
          onChange={(name) => change({ name })}
        />
      </Question>
      <Where kitchen={kitchen} countries={countries} change={change} />
      <Question number={3} asks="How do you measure?" says="Grams are always understood; this says what a cup is.">
        <Choice
          label="Cups"
          shown={false}
          value={kitchen.measures}
          options={MEASURE_NAMES}
          onChange={(measures) => change({ measures })}
        />
      </Question>
      <WhatBakes kitchen={kitchen} change={change} />
      <WhoEats kitchen={kitchen} change={change} />
      <p className="flex flex-wrap items-center gap-3 pt-1">
        <Button look="main" disabled={going} onClick={() => void finish()}>
          Open my kitchen
        </Button>
        <span className="text-[14.5px] text-soft">
          It begins with an empty book and a pantry of ingredients that every kitchen knows.
        </span>
      </p>
    </main>
  );
}

type AskProps = { readonly kitchen: NewKitchenRequest; readonly change: (next: Partial<NewKitchenRequest>) => void };

/** The country brings its money and its cups; the height, where water boils. */
const Where = ({ kitchen, countries, change }: AskProps & { readonly countries: readonly Country[] }): ReactNode => {
  const chosen = countries.find(({ code }) => code === kitchen.country);
  return (
    <Question
      number={2}
      asks="Where is it?"
      says={
        chosen
          ? `You pay in ${chosen.currency} there.`
          : 'The country brings its money and its cups; the height, where water boils.'
      }
    >
      <FindField
        label="Country"
        value={kitchen.country ?? ''}
        options={countries.map(({ code, name }) => ({ value: code, name }))}
        onChange={(code) => {
          const country = countries.find((one) => one.code === code);
          if (country) change({ country: country.code, measures: country.measures });
        }}
      />
      <NumberField
        label="height above the sea"
        unit="m"
        reads={usualReader(kitchen.measures)}
        value={kitchen.altitude_m}
        min={-420}
        max={5000}
        step={10}
        onChange={(altitude_m) => change({ altitude_m })}
      />
    </Question>
  );
};

const WhatBakes = ({ kitchen, change }: AskProps): ReactNode => (
  <Question number={4} asks="What bakes?" says="Its dial is believed until you measure it under Kit.">
    <div className="grid w-full grid-cols-2 gap-x-4 md:grid-cols-3">
      {APPLIANCE_KINDS.map((kind) => (
        <Check
          key={kind}
          checked={kitchen.appliances.some((one) => one.kind === kind)}
          onChange={(has) =>
            change({
              appliances: has
                ? [...kitchen.appliances, { kind, name: capital(applianceName(kind)) }]
                : kitchen.appliances.filter((one) => one.kind !== kind),
            })
          }
        >
          {applianceName(kind)}
        </Check>
      ))}
    </div>
  </Question>
);

const WhoEats = ({ kitchen: { dog, measures }, change }: AskProps): ReactNode => (
  <Question number={5} asks="Who eats?" says="The first dog; more, and what each must not have, under Dogs.">
    <TextField
      label="Name of the dog"
      placeholder="nobody yet"
      look="box"
      className={BOX}
      value={dog?.name ?? ''}
      onChange={(name) => change({ dog: name === '' ? null : { weight_kg: USUAL_DOG_KG, ...dog, name } })}
    />
    {dog && (
      <NumberField
        label="weighs"
        unit="kg"
        reads={usualReader(measures)}
        value={dog.weight_kg}
        min={0.5}
        max={120}
        step={0.5}
        onChange={(weight_kg) => change({ dog: { ...dog, weight_kg } })}
      />
    )}
  </Question>
);

type QuestionProps = { readonly number: number; readonly asks: string; readonly says: string; readonly children: ReactNode };

const Question = ({ number, asks, says, children }: QuestionProps): ReactNode => (
  <Panel label={asks} className="grid items-center gap-x-5 gap-y-2 px-5 py-3 sm:grid-cols-[18rem_1fr]">
    <div>
      <h2 className="text-[18px]">
        <span className="text-soft">{number}</span> {asks}
      </h2>
      <p className="text-[14px] text-soft">{says}</p>
    </div>
    <div className="flex min-w-0 flex-wrap items-center gap-x-4 gap-y-2">{children}</div>
  </Panel>
);

const capital = (name: string): string => name.charAt(0).toUpperCase() + name.slice(1);
