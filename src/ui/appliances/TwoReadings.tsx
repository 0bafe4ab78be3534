import { useState, type ReactNode } from 'react';
import { type Appliance, APPLIANCE, applianceRecord, SETPOINT_C } from '@/core/catalogue';
import { Button } from '../kit/Button';
import { NumberField } from '../kit/NumberField';
import { readingsFrom } from './readings';
import { limits } from '../kit/limits';

type TwoReadingsProps = {
  readonly appliance: Appliance;
  readonly onRead: (readings: Partial<Appliance>) => void;
  readonly onForget: () => void;
};

const HEAT_UP = APPLIANCE.fields.heat_up.fields;
const COOL_DOWN = APPLIANCE.fields.cool_down.fields;

/** Two readings with a thermometer and a clock: one hot, one half an hour after switching off. They give dial, heat-up and cool-down. */
export function TwoReadings({ appliance, onRead, onForget }: TwoReadingsProps): ReactNode {
  const usual_c = applianceRecord(appliance.kind ?? 'static-oven').usual_c;
  const offset_c = appliance.thermostat_offset_c ?? 0;
  const [hot_c, setHot] = useState(appliance.heat_up?.to_c ?? usual_c + offset_c);
  const [dial_c, setDial] = useState(hot_c - offset_c);
  const [minutes, setMinutes] = useState(appliance.heat_up?.minutes ?? 14);
  const [later_min, setLater] = useState(appliance.cool_down?.minutes ?? 30);
  const [cool_c, setCool] = useState(appliance.cool_down?.to_c ?? Math.round(usual_c * 0.65));
  const readings = readingsFrom({ dial_c, hot_c, minutes, later_min, cool_c });
  const measured = appliance.heat_up !== undefined || appliance.cool_down !== undefined;
  return (
    <section aria-label="Two readings" className="flex flex-col gap-2 rounded-2xl border border-hair px-4 py-2.5 text-[14.5px]">
      <h2 className="text-[17px]">Two readings</h2>
      <p className="text-soft">
        Empty, with a thermometer in the middle. It takes an hour once, and narrows every band afterwards.
      </p>
      <ol className="flex flex-col gap-1.5">
        <li className="flex flex-wrap items-center gap-2">
          <strong>Hot:</strong>
          <NumberField label="dial at" unit="°C" value={dial_c} {...limits(SETPOINT_C)} width="w-8" onChange={setDial} />
          <NumberField
            label="thermometer steady at"
            unit="°C"
            value={hot_c}
            {...limits(HEAT_UP.to_c)}
            width="w-8"
            onChange={setHot}
          />
          <NumberField
            label="reached from cold after"
            unit="min"
            value={minutes}
            {...limits(HEAT_UP.minutes)}
            width="w-8"
            onChange={setMinutes}
          />
        </li>
        <li className="flex flex-wrap items-center gap-2">
          <strong>Off, door shut:</strong>
          <NumberField
            label="after"
            unit="min"
            value={later_min}
            {...limits(COOL_DOWN.minutes)}
            width="w-8"
            onChange={setLater}
          />
          <NumberField
            label="thermometer at"
            unit="°C"
            value={cool_c}
            {...limits(COOL_DOWN.to_c)}
            width="w-8"
            onChange={setCool}
          />
        </li>
      </ol>
      <p className="flex flex-wrap items-center gap-2">
        <Button look="small" disabled={!readings.ok} onClick={() => readings.ok && onRead(readings.value)}>
          Use these readings
        </Button>
        {measured && (
          <Button look="quiet" onClick={onForget}>
            Forget them
          </Button>
        )}
        {!readings.ok && (
          <span role="alert" className="text-stop">
            {readings.message}
          </span>
        )}
      </p>
    </section>
  );
}
