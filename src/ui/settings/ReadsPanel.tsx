'use client';
import type { SettingsView } from '@/contract/kitchens';
import type { ReactNode } from 'react';
import { METRIC_READER, READINGS, US_READER, dayIn, clockIn, type Reader } from '@/core/said';
import { MEASURE_NAMES } from '../ingredients/habits';
import { Button } from '../kit/Button';
import { Choice } from '../kit/Choice';
import { Panel } from '../kit/Panel';
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
const SETTINGS: ReadonlyArray<readonly [key: keyof Reader, name: string, says?: string]> = [
  ['heat', 'Heat'],
  ['length', 'Length', 'also feet or metres above the sea'],
  ['mass', 'Weight and volume'],
  ['clock', 'Clock'],
  ['date', 'Dates'],
  ['week', 'A week begins on'],
  ['keys', 'Single keys', 'figures open benches, space means done at the oven'],
];

/** In what numbers are read, on every page, label and print. Nothing that was saved changes. */
export function ReadsPanel({ view }: { readonly view: SettingsView }): ReactNode {
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
      <Setting name="All of it" says="or one by one, below">
        <Button look="small" onClick={() => change({ ...METRIC_READER, keys: document.keys })}>
          Metric
        </Button>
        <Button look="small" onClick={() => change({ ...US_READER, keys: document.keys })}>
          US
        </Button>
      </Setting>
      {SETTINGS.map(([key, name, says]) => (
        <Setting key={key} name={name} {...(says === undefined ? {} : { says })}>
          <Choice
            label={name}
            shown={false}
            value={document[key]}
            options={READINGS[key].map((value) => ({ value, name: (NAMES[key] as (choice: string) => string)(value) }))}
            onChange={(value) => change({ [key]: value })}
          />
        </Setting>
      ))}
      <Cups view={view} />
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
