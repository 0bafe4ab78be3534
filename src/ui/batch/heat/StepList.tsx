import { DoorClosed, DoorOpen, X } from 'lucide-react';
import type { ReactNode } from 'react';
import type { HeatStep } from '@/core/batch';
import { Button } from '../../kit/Button';
import { NumberField } from '../../kit/NumberField';
import { LIMITS, addHold, isTimed, removeStep } from './programme-edits';

type StepListProps = {
  readonly steps: readonly HeatStep[];
  readonly onSteps: (steps: HeatStep[]) => void;
  /** One value of one step. */
  readonly onValue: (index: number, key: 'setpoint_c' | 'minutes' | 'grams' | 'door', value: number | string) => void;
};

const NAMES: Record<HeatStep['do'], string> = {
  hold: 'hold',
  off: 'oven off',
  cool: 'on the rack',
  freeze: 'in the freezer',
  turn: 'turn',
  stir: 'stir',
  brush: 'brush',
  'snap-apart': 'snap apart',
};

/** The programme in words and numbers: everything that can be dragged can be typed here. */
export function StepList({ steps, onSteps, onValue }: StepListProps): ReactNode {
  const only = steps.filter(isTimed).length === 1;
  const frozen = steps.some((step) => step.do === 'freeze');
  return (
    <ol className="flex flex-wrap items-center gap-x-2 gap-y-1.5 text-[14px]" aria-label="Steps of the programme">
      {steps.map((step, index) => (
        <li
          key={index}
          className="inline-flex items-center gap-0.5 rounded-full border border-hair bg-enamel py-0.5 pr-0.5 pl-2.5"
        >
          <span className="mr-1 font-semibold">{NAMES[step.do]}</span>
          {step.do === 'hold' && (
            <NumberField
              label={`Setpoint of step ${index + 1}`}
              shown={false}
              unit="°C"
              width="w-7"
              value={step.setpoint_c}
              min={LIMITS.setpoint_c[0]}
              max={LIMITS.setpoint_c[1]}
              step={5}
              onChange={(setpoint_c) => onValue(index, 'setpoint_c', setpoint_c)}
            />
          )}
          {isTimed(step) && (
            <NumberField
              label={`Minutes of step ${index + 1}`}
              shown={false}
              unit="min"
              width="w-7"
              value={step.minutes}
              min={LIMITS.minutes[0]}
              max={LIMITS.minutes[1]}
              onChange={(minutes) => onValue(index, 'minutes', minutes)}
            />
          )}
          {step.do === 'brush' && (
            <NumberField
              label={`Grams brushed on in step ${index + 1}`}
              shown={false}
              unit="g"
              width="w-7"
              value={step.grams}
              min={1}
              max={2000}
              onChange={(grams) => onValue(index, 'grams', grams)}
            />
          )}
          {(step.do === 'hold' || step.do === 'off') && (
            <button
              type="button"
              className={`grid size-6 place-items-center rounded-full ${step.door === 'ajar' ? 'bg-heat-pale text-heat' : 'text-soft hover:text-ink'}`}
              aria-pressed={step.door === 'ajar'}
              aria-label={`Door ajar in step ${index + 1}`}
              title={step.door === 'ajar' ? 'The door is ajar; shut it' : 'The door is shut; leave it ajar'}
              onClick={() => onValue(index, 'door', step.door === 'ajar' ? 'shut' : 'ajar')}
            >
              {step.door === 'ajar' ? <DoorOpen aria-hidden size={15} /> : <DoorClosed aria-hidden size={15} />}
            </button>
          )}
          <button
            type="button"
            aria-label={`Take out step ${index + 1}, ${NAMES[step.do]}`}
            disabled={only && isTimed(step)}
            className="grid size-6 place-items-center rounded-full text-soft hover:text-stop disabled:opacity-30"
            onClick={() => onSteps(removeStep(steps, index))}
          >
            <X aria-hidden size={14} />
          </button>
        </li>
      ))}
      {/* A freezer only freezes. */}
      <li className={frozen ? 'hidden' : 'inline-flex gap-1.5'}>
        <Button look="small" onClick={() => onSteps(addHold(steps))}>
          + hold
        </Button>
        {!steps.some((step) => step.do === 'off') && (
          <Button look="small" onClick={() => onSteps([...steps, { do: 'off', minutes: 40 }])}>
            + oven off
          </Button>
        )}
      </li>
    </ol>
  );
}
