import type { KitAppliance } from '@/contract/batch';
import { useState, type ReactNode } from 'react';
import { APPLIANCE_KINDS, type Appliance, applianceRecord, APPLIANCE, type ApplianceKind, chamberOf } from '@/core/catalogue';
import { USUAL_TRAY } from '@/core/yield';
import { cooledTo, preheat, warmest, type Chamber } from '@/core/heat';
import { dialWords } from '../format/dial-words';
import { duration } from '../format/units';
import { applianceName } from '../format/words';
import { Button } from '../kit/Button';
import { Choice } from '../kit/Choice';
import { NumberField } from '../kit/NumberField';
import { Panel } from '../kit/Panel';
import { TwoReadings } from './TwoReadings';
import { limits } from '../kit/limits';

type ApplianceSheetProps = {
  readonly own: KitAppliance;
  readonly room_c: number;
  readonly onKeep: (own: KitAppliance) => void;
  readonly onDrop: () => void;
};

const KINDS = APPLIANCE_KINDS.map((value) => ({ value, name: applianceName(value) }));

/** Everything known of one appliance, and what the model makes of it. */
export function ApplianceSheet({ own, room_c, onKeep, onDrop }: ApplianceSheetProps): ReactNode {
  const { appliance } = own;
  const kind = appliance.kind ?? 'static-oven';
  const [name, setName] = useState(own.name);
  const set = (change: Partial<Appliance>): void => onKeep({ ...own, appliance: { ...appliance, ...change } });
  const chamber = chamberOf(kind, appliance, 1, room_c);
  return (
    <Panel label={own.name} className="flex flex-col gap-3 px-5 py-4">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <input
          aria-label="Name of the appliance"
          value={name}
          maxLength={80}
          className="min-w-0 flex-1 rounded-lg bg-transparent font-display text-[21px] font-semibold outline-none focus:bg-enamel"
          onChange={({ target }) => setName(target.value)}
          onBlur={() => name.trim() !== '' && name !== own.name && onKeep({ ...own, name: name.trim() })}
        />
        <Choice
          label="a"
          value={kind}
          options={KINDS}
          onChange={(next) => onKeep({ ...own, appliance: { kind: next, thermostat_offset_c: 0 } })}
        />
        <Button look="quiet" onClick={onDrop}>
          Take it out of the kit
        </Button>
      </div>
      <div className="flex flex-wrap gap-x-5 gap-y-2">
        <NumberField
          label={kind === 'freezer' ? 'shelves' : 'trays at once'}
          value={appliance.shelves ?? applianceRecord(kind).shelves}
          {...limits(APPLIANCE.fields.shelves)}
          width="w-8"
          onChange={(shelves) => set({ shelves })}
        />
        {(['width_mm', 'depth_mm'] as const).map((side) => (
          <NumberField
            key={side}
            label={side === 'width_mm' ? 'of' : 'by'}
            unit="mm"
            value={appliance.tray?.[side] ?? USUAL_TRAY[side]}
            {...limits(APPLIANCE.fields.tray.fields[side])}
            width="w-10"
            onChange={(mm) => set({ tray: { ...USUAL_TRAY, ...appliance.tray, [side]: mm } })}
          />
        ))}
        {chamber && (
          <>
            <NumberField
              label="the air is above its dial by"
              unit="°C"
              value={appliance.thermostat_offset_c ?? 0}
              {...limits(APPLIANCE.fields.thermostat_offset_c)}
              width="w-8"
              onChange={(thermostat_offset_c) => set({ thermostat_offset_c })}
            />
            <NumberField
              label="heater"
              unit="W"
              value={appliance.heater_w ?? chamber.heater_W}
              {...limits(APPLIANCE.fields.heater_w)}
              width="w-14"
              onChange={(heater_w) => set({ heater_w })}
            />
            <NumberField
              label="vent open"
              unit="%"
              value={appliance.vent_pct ?? APPLIANCE.fields.vent_pct.default}
              {...limits(APPLIANCE.fields.vent_pct)}
              width="w-10"
              onChange={(vent_pct) => set({ vent_pct })}
            />
          </>
        )}
        {kind === 'freeze-dryer' && (
          <>
            <NumberField
              label="a tray takes"
              unit="g raw"
              value={appliance.tray_g ?? APPLIANCE.fields.tray_g.default}
              {...limits(APPLIANCE.fields.tray_g)}
              width="w-14"
              onChange={(tray_g) => set({ tray_g })}
            />
            <NumberField
              label="thaws between rounds"
              unit="min"
              value={appliance.defrost_minutes ?? APPLIANCE.fields.defrost_minutes.default}
              {...limits(APPLIANCE.fields.defrost_minutes)}
              width="w-10"
              onChange={(defrost_minutes) => set({ defrost_minutes })}
            />
          </>
        )}
      </div>
      {chamber && (
        <>
          <TwoReadings
            appliance={appliance}
            onRead={(readings) => onKeep({ ...own, appliance: { ...appliance, ...readings } })}
            onForget={() => {
              const { heat_up: _up, cool_down: _down, ...rest } = appliance;
              onKeep({ ...own, appliance: rest });
            }}
          />
          <ModelFacts chamber={chamber} kind={kind} room_c={room_c} />
        </>
      )}
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
      `Empty, from ${room_c} to ${usual_c} °C`,
      Number.isFinite(up.time_s) ? `${duration(up.time_s / 60)}, ${(up.energy_J / 3.6e6).toFixed(2)} kWh` : 'it never gets there',
    ],
    ['Holds at most', `${Math.round(Math.min(most_c, 400))}${most_c > 400 ? ' °C and more' : ' °C'}`],
    [
      `Off and shut, from ${usual_c} °C`,
      [30, 60, 120]
        .map((minutes) => `${Math.round(cooledTo(chamber, usual_c, minutes * 60, room_c))} °C after ${duration(minutes)}`)
        .join(', '),
    ],
    ['On other dials', dialWords(usual_c, kind)],
  ];
  return (
    <dl className="grid gap-x-6 gap-y-1.5 rounded-2xl border border-hair bg-enamel px-4 py-2.5 text-[14.5px] sm:grid-cols-[auto_1fr]">
      {facts.map(([name, value]) => (
        <div key={name} className="contents">
          <dt className="text-soft">{name}</dt>
          <dd className="font-semibold">{value}</dd>
        </div>
      ))}
    </dl>
  );
}
