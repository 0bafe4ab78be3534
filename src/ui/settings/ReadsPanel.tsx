'use client';
import type { SettingsView } from '@/contract/kitchens';
import { useState, type ReactNode } from 'react';
import { METRIC_READER, READINGS, US_READER, dayIn, clockIn, type Reader } from '@/core/said';
import { MEASURE_NAMES } from '../ingredients/habits';
import { Alert } from '../kit/Alert';
import { Button } from '../kit/Button';
import { Choice } from '../kit/Choice';
import { Needs } from '../kit/Needs';
import { Panel } from '../kit/Panel';
import { call } from '../kit/api';
import { SavingNote } from '../kit/autosave/SavingNote';
import { useAutosaved } from '../kit/autosave/use-autosaved';
import { Setting } from './Setting';

const A_DAY = '2026-11-14';
const AN_HOUR_MIN = 14 * 60 + 5;

/** What each choice is called. */
const NAMES: { readonly [K in keyof Reader]: (choice: Reader[K]) => string } = {
  heat: (heat) => ({ c: '°C', f: '°F', gas: 'gas marks, and °C where there is none' })[heat],
  length: (length) => ({ mm: 'millimetres', in: 'inches' })[length],
  mass: (mass) => ({ g: 'grams, millilitres', oz: 'ounces and pounds, fluid ounces' })[mass],
  clock: (clock) => clockIn({ ...METRIC_READER, clock }, AN_HOUR_MIN),
  date: (date) => dayIn({ ...METRIC_READER, date }, A_DAY),
  keys: (keys) => (keys === 'alone' ? 'do what pages say of them' : 'do nothing'),
  week: (week) => week.charAt(0).toUpperCase() + week.slice(1),
};
const WHOSE = [
  { value: 'mine', name: 'mine, on every device that I am signed in on' },
  { value: 'kitchen', name: 'everybody’s in this kitchen' },
] as const;
const SETTINGS: ReadonlyArray<readonly [key: keyof Reader, name: string, says?: string]> = [
  ['heat', 'Heat'],
  ['length', 'Length', 'also feet or metres above the sea'],
  ['mass', 'Weight and volume'],
  ['clock', 'Clock'],
  ['date', 'Dates'],
  ['week', 'A week begins on'],
  ['keys', 'Single keys', 'figures open benches, space means done at the oven'],
];

type ReaderFieldsProps = { readonly reads: Reader; readonly change: (next: Partial<Reader>) => void };

/** Each choice of how numbers are read, and all of them at once. */
const ReaderFields = ({ reads, change }: ReaderFieldsProps): ReactNode => (
  <>
    <Setting name="All of it" says="or one by one, below">
      <Button look="small" onClick={() => change({ ...METRIC_READER, keys: reads.keys })}>
        Metric
      </Button>
      <Button look="small" onClick={() => change({ ...US_READER, keys: reads.keys })}>
        US
      </Button>
    </Setting>
    {SETTINGS.map(([key, name, says]) => (
      <Setting key={key} name={name} {...(says === undefined ? {} : { says })}>
        <Choice
          label={name}
          shown={false}
          value={reads[key]}
          options={READINGS[key].map((value) => ({ value, name: (NAMES[key] as (choice: string) => string)(value) }))}
          onChange={(value) => change({ [key]: value })}
        />
      </Setting>
    ))}
  </>
);

/** In what one reads oneself, whatever the rest of the kitchen does. */
function OwnReads({ kitchen, own }: { readonly kitchen: Reader; readonly own: Partial<Reader> }): ReactNode {
  const [wrong, setWrong] = useState<string | null>(null);
  const save = async (reads: Partial<Reader>): Promise<void> => {
    const answer = await call('/api/me/reads', { method: 'PUT', body: reads });
    // Every number of the page is said anew.
    if (answer.ok) window.location.reload();
    else setWrong(answer.message);
  };
  return (
    <>
      <Alert look="line">{wrong}</Alert>
      <ReaderFields reads={{ ...kitchen, ...own }} change={(next) => void save({ ...own, ...next })} />
      <Setting name="Yours alone" says="others read as the kitchen does, or as they chose">
        <Button look="small" onClick={() => void save({})}>
          As the kitchen does again
        </Button>
      </Setting>
    </>
  );
}

/** In what numbers are read, on every page, label and print. Nothing that was saved changes. */
export function ReadsPanel({ view }: { readonly view: SettingsView }): ReactNode {
  const [whose, setWhose] = useState<'mine' | 'kitchen'>(view.me === null ? 'kitchen' : 'mine');
  const { document, change, saving } = useAutosaved(
    { key: `settings:${view.kitchen.id}:reads`, route: '/api/settings/reads', first: view.reads },
    // Every number of the page is said anew.
    () => window.location.reload(),
  );
  return (
    <Panel label="Units and dates" className="px-5 py-3">
      <h2 className="text-[19px]">Units and dates</h2>
      <p className="text-[14px] text-soft">
        Every page, label and print is in these. Typing understands any unit, whichever stands here; files to open elsewhere keep
        their own.
      </p>
      <SavingNote saving={saving} what="in what numbers are read" />
      {view.me && (
        <Setting name="These are">
          <Choice
            label="These are"
            shown={false}
            value={whose}
            options={WHOSE.filter(({ value }) => value === 'mine' || view.me?.role === 'owner')}
            onChange={setWhose}
          />
        </Setting>
      )}
      {view.me && whose === 'mine' ? (
        <OwnReads kitchen={document} own={view.me.reads} />
      ) : (
        <ReaderFields reads={document} change={change} />
      )}
      <Needs role="baker">
        <Cups view={view} />
      </Needs>
    </Panel>
  );
}

/** Which cups and spoons recipes mean, where they do not say. */
function Cups({ view }: { readonly view: SettingsView }): ReactNode {
  const { document, change, saving } = useAutosaved(
    { key: `settings:${view.kitchen.id}:habits`, route: '/api/kitchen', first: view.habits },
    () => undefined,
  );
  return (
    <Setting name="Cups and spoons" says="where a recipe does not say whose">
      <Choice
        label="Cups and spoons"
        shown={false}
        value={document.measures}
        options={MEASURE_NAMES}
        onChange={(measures) => change({ measures })}
      />
      <SavingNote saving={saving} what="which cups are meant" />
    </Setting>
  );
}
