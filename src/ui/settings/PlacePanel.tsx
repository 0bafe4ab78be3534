'use client';
import type { KitchenPlace, SettingsView } from '@/contract/kitchens';
import type { ReactNode } from 'react';
import { SEASONS, type RoomAir, type Season } from '@/core/quantities';
import { Check } from '../kit/Check';
import { FindField } from '../kit/FindField';
import { NumberField } from '../kit/NumberField';
import { Panel } from '../kit/Panel';
import { SavingNote } from '../kit/autosave/SavingNote';
import { useAutosaved } from '../kit/autosave/use-autosaved';
import { Setting } from './Setting';

const SEASON_NAMES: Readonly<Record<Season, string>> = {
  'dec-feb': 'December to February',
  'mar-may': 'March to May',
  'jun-aug': 'June to August',
  'sep-nov': 'September to November',
};
const MACHINE = 'as this machine';

type PlacePanelProps = { readonly view: SettingsView; readonly onSaved: () => void };

/** Where the kitchen stands, what its air is like, and what is paid with. New batches begin with it; old ones keep theirs. */
export function PlacePanel({ view, onSaved }: PlacePanelProps): ReactNode {
  const first = view.place;
  const { document, change, saving } = useAutosaved(
    { key: `settings:${view.kitchen.id}:place`, route: '/api/settings/place', first },
    onSaved,
  );
  return (
    <Panel label="Where it stands" className="px-5 py-3">
      <h2 className="text-[19px]">Where it stands</h2>
      <p className="text-[14px] text-soft">New batches begin with this; what is saved keeps the air that it was planned in.</p>
      <SavingNote saving={saving} what="where the kitchen stands" />
      <Countries view={view} place={document} change={change} />
      <Setting name="Height above the sea" says="water boils cooler higher up">
        <NumberField
          shown={false}
          label="Height above the sea"
          unit="m"
          value={document.altitude_m}
          min={-420}
          max={5000}
          step={10}
          onChange={(altitude_m) => change({ altitude_m })}
        />
      </Setting>
      <Setting name="Air of the room" says="what treats cool in, stand in and are packed in">
        <Air named="the room" air={document} onChange={change} />
      </Setting>
      <Seasons place={document} now={view.season} change={change} />
    </Panel>
  );
}

type PartProps = { readonly place: KitchenPlace; readonly change: (next: Partial<KitchenPlace>) => void };

function Countries({ view, place, change }: PartProps & { readonly view: SettingsView }): ReactNode {
  const { countries, currencies, time_zones, machine_zone } = view;
  const zones = [
    { value: '', name: `${MACHINE} (${machine_zone})` },
    ...time_zones.map((value) => ({ value, name: value.replaceAll('_', ' ') })),
  ];
  return (
    <>
      <Setting name="Country">
        <FindField
          label="Country"
          value={place.country ?? ''}
          options={countries.map(({ code, name }) => ({ value: code, name }))}
          onChange={(country) => change({ country })}
        />
      </Setting>
      <Setting name="Money" says="a code, nothing is converted">
        <FindField
          label="Money"
          value={place.currency}
          options={currencies.map(({ code, name }) => ({ value: code, name: `${name} (${code})` }))}
          onChange={(currency) => change({ currency })}
        />
      </Setting>
      <Setting name="Time zone" says="which day it is, and when a call is due">
        <FindField
          label="Time zone"
          value={place.time_zone ?? ''}
          options={zones}
          onChange={(zone) => change({ time_zone: zone === '' ? null : zone })}
        />
      </Setting>
    </>
  );
}

/** Parts of the year in which the air is another. */
const Seasons = ({ place, now, change }: PartProps & { readonly now: Season }): ReactNode => (
  <>
    {SEASONS.map((season) => {
      const own = place.seasons[season];
      const without = Object.fromEntries(Object.entries(place.seasons).filter(([key]) => key !== season));
      const put = (air: RoomAir): void => change({ seasons: { ...place.seasons, [season]: air } });
      return (
        <Setting key={season} name={SEASON_NAMES[season]} {...(season === now ? { says: 'now' } : {})}>
          <Check
            checked={own !== undefined}
            onChange={(has) =>
              has ? put({ room_c: place.room_c, room_rh_pct: place.room_rh_pct }) : change({ seasons: without })
            }
          >
            has an air of its own
          </Check>
          {own && <Air named={SEASON_NAMES[season]} air={own} onChange={(next) => put({ ...own, ...next })} />}
        </Setting>
      );
    })}
  </>
);

type AirProps = { readonly named: string; readonly air: RoomAir; readonly onChange: (next: Partial<RoomAir>) => void };

const Air = ({ named, air, onChange }: AirProps): ReactNode => (
  <>
    <NumberField
      shown={false}
      label={`Heat of ${named}`}
      unit="°C"
      value={air.room_c}
      min={-5}
      max={45}
      onChange={(room_c) => onChange({ room_c })}
    />
    <NumberField
      shown={false}
      label={`Humidity of ${named}`}
      unit="% humid"
      value={air.room_rh_pct}
      min={5}
      max={98}
      onChange={(room_rh_pct) => onChange({ room_rh_pct })}
    />
  </>
);
