import type { KitAppliance } from '@/contract/batch';
import type { ReactNode } from 'react';
import type { BatchDocument } from '@/core/document';
import type { HeatStep } from '@/core/catalogue';
import type { Dial } from '../../format/dial-words';
import { AddStep } from './AddStep';
import { StepChip } from './StepChip';
import { isTimed, kindAt, removeStep } from './programme-edits';

type StepListProps = {
  readonly heat: BatchDocument['heat'];
  readonly slab: boolean;
  readonly dial: Dial;
  readonly appliances: readonly KitAppliance[];
  /** Parts of the recipe that can be put on. */
  readonly parts: readonly string[];
  /** Minute at which a new event goes in. */
  readonly minute: number;
  readonly onSteps: (steps: readonly HeatStep[]) => void;
  /** One value of one step. */
  readonly onValue: (index: number, key: string, value: unknown) => void;
};

/** The programme in words and numbers: everything that can be dragged can be typed here. */
export function StepList({ heat, slab, dial, appliances, parts, minute, onSteps, onValue }: StepListProps): ReactNode {
  const { steps } = heat;
  const only = steps.filter(isTimed).length === 1;
  return (
    <div className="flex flex-wrap items-center gap-x-2 gap-y-1.5 text-[14px]">
      <ol className="contents" aria-label="Steps of the programme">
        {steps.map((step, index) => (
          <StepChip
            key={index}
            step={step}
            number={index + 1}
            kind={kindAt(heat, index)}
            dial={dial}
            appliances={appliances}
            parts={parts}
            removable={!(only && isTimed(step))}
            onRemove={() => onSteps(removeStep(steps, index))}
            onValue={(key, value) => onValue(index, key, value)}
          />
        ))}
      </ol>
      <AddStep heat={heat} slab={slab} appliances={appliances} parts={parts} minute={minute} onSteps={onSteps} />
    </div>
  );
}
