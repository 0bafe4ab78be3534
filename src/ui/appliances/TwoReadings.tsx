import { useState, type ReactNode } from 'react';
import { type Appliance, APPLIANCE, applianceRecord, SETPOINT_C } from '@/core/catalogue';
import { Alert } from '../kit/Alert';
import { Button } from '../kit/Button';
import { NumberField } from '../kit/NumberField';
import { OptionalNumber } from '../kit/OptionalNumber';
import { readingsFrom } from './readings';
import { limits } from '../kit/limits';

type TwoReadingsProps = {
  readonly appliance: Appliance;
  readonly onRead: (readings: Partial<Appliance>) => void;
  readonly onForget: () => void;
};

const HEAT_UP = APPLIANCE.fields.heat_up.fields;
const COOL_DOWN = APPLIANCE.fields.cool_down.fields;

type Readings = Parameters<typeof readingsFrom>[0];
type StepProps = { readonly read: Readings; readonly set: (change: Partial<Readings>) => void };

/** Two readings with a thermometer and a clock: one hot, one half an hour after switching off. They give dial, heat-up and cool-down. */
export function TwoReadings({ appliance, onRead, onForget }: TwoReadingsProps): ReactNode {
  const [read, setRead] = useState(() => readingsOf(appliance));
  const set = (change: Partial<Readings>): void => setRead((now) => ({ ...now, ...change }));
  const readings = readingsFrom(read);
  const measured = appliance.heat_up !== undefined || appliance.cool_down !== undefined;
  return (
    <section aria-label="Two readings" className="flex flex-col gap-2 rounded-2xl border border-hair px-4 py-2.5 text-[14.5px]">
      <h2 className="text-[17px]">Two readings</h2>
      <p className="text-soft">
        Empty, with a thermometer in the middle. Hold it for half an hour before you switch it off. It takes an hour once, and
        narrows every band afterwards; a third reading, at 90 or 120 min, tells how slowly its walls cool.
      </p>
      <ol className="flex flex-col gap-1.5">
        <Hot read={read} set={set} />
        <Off read={read} set={set} />
      </ol>
      <div className="flex flex-wrap items-center gap-2">
        <Button look="small" disabled={!readings.ok} onClick={() => readings.ok && onRead(readings.value)}>
          Use these readings
        </Button>
        {measured && (
          <Button look="quiet" onClick={onForget}>
            Forget them
          </Button>
        )}
        <Alert look="line">{readings.ok ? null : readings.message}</Alert>
      </div>
    </section>
  );
}

/** What was read when it was last measured; the usual of its kind where it never was. */
function readingsOf({ kind = 'static-oven', heat_up, cool_down, thermostat_offset_c = 0 }: Appliance): Readings {
  const { usual_c } = applianceRecord(kind);
  const hot_c = heat_up?.to_c ?? usual_c + thermostat_offset_c;
  return {
    hot_c,
    dial_c: hot_c - thermostat_offset_c,
    minutes: heat_up?.minutes ?? 14,
    later_min: cool_down?.minutes ?? 30,
    cool_c: cool_down?.to_c ?? Math.round(usual_c * 0.65),
    late_min: cool_down?.later?.minutes ?? 120,
    late_c: cool_down?.later?.to_c ?? null,
  };
}

const Hot = ({ read, set }: StepProps): ReactNode => (
  <li className="flex flex-wrap items-center gap-2">
    <strong>Hot:</strong>
    <NumberField
      label="dial at"
      unit="°C"
      value={read.dial_c}
      {...limits(SETPOINT_C)}
      width="w-8"
      onChange={(dial_c) => set({ dial_c })}
    />
    <NumberField
      label="thermometer steady at"
      unit="°C"
      value={read.hot_c}
      {...limits(HEAT_UP.to_c)}
      width="w-8"
      onChange={(hot_c) => set({ hot_c })}
    />
    <NumberField
      label="reached from cold after"
      unit="min"
      value={read.minutes}
      {...limits(HEAT_UP.minutes)}
      width="w-8"
      onChange={(minutes) => set({ minutes })}
    />
  </li>
);

const Off = ({ read, set }: StepProps): ReactNode => (
  <li className="flex flex-wrap items-center gap-2">
    <strong>Off, door shut:</strong>
    <NumberField
      label="after"
      unit="min"
      value={read.later_min}
      {...limits(COOL_DOWN.minutes)}
      width="w-8"
      onChange={(later_min) => set({ later_min })}
    />
    <NumberField
      label="thermometer at"
      unit="°C"
      value={read.cool_c}
      {...limits(COOL_DOWN.to_c)}
      width="w-8"
      onChange={(cool_c) => set({ cool_c })}
    />
    <NumberField
      label="and once more after"
      unit="min"
      value={read.late_min}
      {...limits(COOL_DOWN.later.fields.minutes)}
      width="w-8"
      onChange={(late_min) => set({ late_min })}
    />
    <OptionalNumber
      label="Thermometer then at"
      unit="°C"
      value={read.late_c}
      placeholder="not read"
      max={COOL_DOWN.later.fields.to_c.max}
      onChange={(late_c) => set({ late_c })}
    />
  </li>
);
