import type { ReactNode } from 'react';
import { namedAppliances, sameAppliance, type Appliance, type HeatStep } from '@/core/batch';
import { Button } from '../../kit/Button';
import type { KitAppliance } from '../bench-props';
import type { Edits } from '../use-batch';

type PaceLineProps = {
  readonly heat: { readonly appliance?: Appliance; readonly steps: readonly HeatStep[] };
  readonly appliances: readonly KitAppliance[];
  readonly edits: Pick<Edits, 'change'>;
};

/** Whether the prediction knows each appliance of a programme by its own pace, what that rests on, and the other choice. */
export function PaceLine({ heat, appliances, edits }: PaceLineProps): ReactNode {
  const lines = namedAppliances(heat).flatMap(({ path, appliance }) => {
    const own = appliances.find((one) => sameAppliance(one.appliance, appliance));
    if (appliance.pace === undefined && !own?.known) return [];
    const set = (pace: number | null): void =>
      edits.change<Appliance | undefined>(path, (now) => {
        const { pace: _before, ...rest } = now ?? {};
        return pace === null ? rest : { ...rest, pace };
      });
    return [<OnePace key={path.join('.')} pace={appliance.pace} own={own} onPace={set} />];
  });
  return lines.length === 0 ? null : <div className="flex flex-wrap gap-x-6 text-[14px]">{lines}</div>;
}

type OnePaceProps = {
  readonly pace: number | undefined;
  readonly own: KitAppliance | undefined;
  readonly onPace: (pace: number | null) => void;
};

function OnePace({ pace, own, onPace }: OnePaceProps): ReactNode {
  const known = own?.known ?? null;
  const name = own?.name ?? 'This oven';
  const rests = known && `${known.batches === 1 ? 'one weighed batch' : `${known.batches} weighed batches`}`;
  return (
    <p className="flex flex-wrap items-center gap-x-2" data-pace>
      {pace !== undefined ? (
        <>
          <span>
            {name}: predicted at its own pace, {pace.toFixed(2)} of the model’s{rests && `, from ${rests}`}.
          </span>
          <Button look="quiet" className="min-h-[24px] underline" onClick={() => onPace(null)}>
            Leave it out
          </Button>
        </>
      ) : (
        <>
          <span className="text-soft">
            {name}: {rests} say it works at {known?.pace.toFixed(2)} of the model’s pace.
          </span>
          <Button look="quiet" className="min-h-[24px] underline" onClick={() => onPace(known?.pace ?? null)}>
            Predict with it
          </Button>
        </>
      )}
    </p>
  );
}
