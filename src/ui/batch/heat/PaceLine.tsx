import type { ReactNode } from 'react';
import { sameAppliance, type Appliance } from '@/core/batch';
import { Button } from '../../kit/Button';
import type { Edits } from '../use-batch';
import type { KitAppliance } from '../bench-props';

type PaceLineProps = {
  readonly appliance: Appliance | undefined;
  readonly appliances: readonly KitAppliance[];
  readonly edits: Pick<Edits, 'change'>;
};

/** Whether the prediction knows this oven by its own pace, what that rests on, and the other choice. */
export function PaceLine({ appliance, appliances, edits }: PaceLineProps): ReactNode {
  const own = appliances.find((one) => sameAppliance(one.appliance, appliance ?? {}));
  const pace = appliance?.pace;
  const known = own?.known ?? null;
  const rests = known && `${known.batches === 1 ? 'one weighed batch' : `${known.batches} weighed batches`}`;
  const set = (next: number | null): void =>
    edits.change<Appliance | undefined>(['heat', 'appliance'], (now) => {
      const { pace: _before, ...rest } = now ?? {};
      return next === null ? rest : { ...rest, pace: next };
    });
  if (pace === undefined && !known) return null;
  return (
    <p className="flex flex-wrap items-center gap-x-2 gap-y-1 text-[14px]" data-pace>
      {pace !== undefined ? (
        <>
          <span>
            Predicted at this oven’s own pace, {pace.toFixed(2)} of the model’s{rests && `, from ${rests}`}.
          </span>
          <Button look="quiet" className="min-h-[24px] underline" onClick={() => set(null)}>
            Leave it out
          </Button>
        </>
      ) : (
        <>
          <span className="text-soft">
            {rests} say this oven works at {known?.pace.toFixed(2)} of the model’s pace.
          </span>
          <Button look="quiet" className="min-h-[24px] underline" onClick={() => set(known?.pace ?? null)}>
            Predict with it
          </Button>
        </>
      )}
    </p>
  );
}
