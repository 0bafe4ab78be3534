import type { SavedAppliance } from '@/contract/kit';
import type { ReactNode } from 'react';
import { APPLIANCE_KINDS, type Appliance, applianceRecord, type ApplianceKind, chamberOf } from '@/core/catalogue';
import { cooledTo, preheat, warmest, type Chamber } from '@/core/heat';
import { dialWords } from '../format/dial-words';
import { bareTemperature, duration, temperature } from '../format/units';
import { applianceName } from '../format/words';
import { Button } from '../kit/Button';
import { Choice } from '../kit/Choice';
import { Facts } from '../kit/Facts';
import { Panel } from '../kit/Panel';
import { TextField } from '../kit/TextField';
import { SavingNote } from '../kit/autosave/SavingNote';
import { useAutosaved } from '../kit/autosave/use-autosaved';
import { ApplianceFields } from './ApplianceFields';
import { FirstBake } from './FirstBake';
import { TwoReadings } from './TwoReadings';

type ApplianceSheetProps = {
  readonly own: SavedAppliance;
  readonly room_c: number;
  readonly onSaved: () => void;
  readonly onDrop: () => void;
};

const KINDS = APPLIANCE_KINDS.map((value) => ({ value, name: applianceName(value) }));

/** Everything known of one appliance, and what the model makes of it. */
export function ApplianceSheet({ own: { id, ...first }, room_c, onSaved, onDrop }: ApplianceSheetProps): ReactNode {
  const thing = { key: `appliance:${id}`, route: `/api/kit/appliances/${id}`, first };
  const { document, change, saving } = useAutosaved(thing, onSaved);
  const { name, appliance } = document;
  const kind = appliance.kind ?? 'static-oven';
  const set = (next: Partial<Appliance>): void => change({ appliance: { ...appliance, ...next } });
  const forget = (): void => {
    const { heat_up: _up, cool_down: _down, ...rest } = appliance;
    change({ appliance: rest });
  };
  const chamber = chamberOf(kind, appliance, 1, room_c);
  return (
    <Panel label={name} className="flex flex-col gap-3 px-5 py-4">
      <SavingNote saving={saving} what="this appliance" />
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <TextField
          needed
          label="Name of the appliance"
          look="name"
          className="flex-1 max-sm:basis-full"
          value={name}
          onChange={(next) => change({ name: next })}
        />
        <Choice
          label="a"
          value={kind}
          options={KINDS}
          onChange={(next) => change({ appliance: { kind: next, thermostat_offset_c: 0 } })}
        />
        <Button look="quiet" onClick={onDrop}>
          Take it out of the kit
        </Button>
      </div>
      <ApplianceFields appliance={appliance} kind={kind} chamber={chamber} set={set} />
      {chamber && <TwoReadings key={saving.elsewhere ? 'theirs' : 'mine'} appliance={appliance} onRead={set} onForget={forget} />}
      {applianceRecord(kind).likeAnOven !== null && <FirstBake id={id} />}
      {chamber && <ModelFacts chamber={chamber} kind={kind} room_c={room_c} />}
    </Panel>
  );
}

type ModelFactsProps = { readonly chamber: Chamber; readonly kind: ApplianceKind; readonly room_c: number };

/** What the model makes of the appliance: heating up, cooling down, and the most that it can hold. */
function ModelFacts({ chamber, kind, room_c }: ModelFactsProps): ReactNode {
  const { usual_c } = applianceRecord(kind);
  const most_c = warmest(chamber, room_c);
  const up = preheat(chamber, usual_c, room_c);
  const facts: ReadonlyArray<readonly [string, string]> = [
    [
      `Empty, from ${bareTemperature(room_c)} to ${temperature(usual_c)}`,
      Number.isFinite(up.time_s) ? `${duration(up.time_s / 60)}, ${(up.energy_J / 3.6e6).toFixed(2)} kWh` : 'it never gets there',
    ],
    ['Holds at most', `${temperature(Math.min(most_c, 400))}${most_c > 400 ? ' and more' : ''}`],
    [
      `Off and shut, from ${temperature(usual_c)}`,
      [30, 60, 120]
        .map((minutes) => `${temperature(cooledTo(chamber, usual_c, minutes * 60, room_c))} after ${duration(minutes)}`)
        .join(', '),
    ],
    ['On other dials', dialWords(usual_c, kind)],
  ];
  return <Facts facts={facts} className="rounded-2xl border border-hair bg-enamel px-4 py-2.5" />;
}
