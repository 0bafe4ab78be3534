'use client';
import type { ReactNode } from 'react';
import { APPLIANCE_KINDS, STEPS, type ApplianceKind, type HeatStep } from '@/core/catalogue';
import { applianceName } from '../../format/words';
import { Button } from '../../kit/Button';
import { Choice } from '../../kit/Choice';
import { limits } from '../../kit/limits';
import { NumberField } from '../../kit/NumberField';
import type { Heat } from './types';

type ChangeHeatProps = { readonly heat: Heat; readonly onHeat: (heat: Heat) => void };

/** The programme that was read, its appliance, heat and times to be put right; the batch line has the rest. */
export function ChangeHeat({ heat, onHeat }: ChangeHeatProps): ReactNode {
  const put = (at: number, step: HeatStep): void =>
    onHeat({ ...heat, steps: heat.steps.map((old, i) => (i === at ? step : old)) });
  return (
    <div className="flex flex-col gap-2 pt-1">
      <Choice<ApplianceKind>
        label="in the"
        value={heat.appliance?.kind ?? 'static-oven'}
        options={APPLIANCE_KINDS.map((value) => ({ value, name: applianceName(value) }))}
        onChange={(kind) => onHeat({ ...heat, appliance: { kind } })}
      />
      <ol className="flex flex-col gap-1.5">
        {heat.steps.map((step, i) => (
          <li key={i} className="flex flex-wrap items-center gap-x-3 gap-y-1">
            <span className="w-5 text-right text-[13px] text-soft">{i + 1}</span>
            <StepFields step={step} onStep={(next) => put(i, next)} />
            {heat.steps.length > 1 && (
              <Button
                look="quiet"
                aria-label={`Take step ${i + 1} out`}
                onClick={() => onHeat({ ...heat, steps: heat.steps.filter((_, at) => at !== i) })}
              >
                take out
              </Button>
            )}
          </li>
        ))}
      </ol>
    </div>
  );
}

const NAMES: Readonly<Partial<Record<HeatStep['do'], string>>> = {
  hold: 'hold',
  off: 'oven off',
  freeze: 'freezer',
  'freeze-dry': 'under vacuum',
  chill: 'fridge',
  'snap-apart': 'snap apart',
  'turn-out': 'turn out',
  'rotate-trays': 'swap trays',
};

function StepFields({ step, onStep }: { readonly step: HeatStep; readonly onStep: (step: HeatStep) => void }): ReactNode {
  return (
    <>
      <span className="min-w-20 font-semibold">{NAMES[step.do] ?? step.do}</span>
      {step.do === 'hold' && (
        <NumberField
          label="at"
          unit="°C"
          width="w-12"
          value={step.setpoint_c}
          {...limits(STEPS.hold.fields.setpoint_c)}
          onChange={(setpoint_c) => onStep({ ...step, setpoint_c })}
        />
      )}
      {'minutes' in step && (
        <NumberField
          label="for"
          unit="min"
          width="w-12"
          value={step.minutes}
          {...limits(STEPS.hold.fields.minutes)}
          onChange={(minutes) => onStep({ ...step, minutes })}
        />
      )}
    </>
  );
}
