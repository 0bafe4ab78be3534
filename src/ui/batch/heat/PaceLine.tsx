import type { KitAppliance } from '@/contract/batch';
import type { ReactNode } from 'react';
import { asMeasured, measuredAnew, ownAppliance, type Appliance, type HeatStep } from '@/core/catalogue';
import { namedAppliances } from '@/core/programme';
import { Button } from '../../kit/Button';
import type { Edits } from '../use-batch';

type PaceLineProps = {
  readonly heat: { readonly appliance?: Appliance; readonly steps: readonly HeatStep[] };
  readonly appliances: readonly KitAppliance[];
  readonly edits: Pick<Edits, 'change'>;
};

/**
 * What the prediction knows of each appliance of a programme: whether the kit says otherwise by now, and its own pace, what
 * that rests on, and the other choice.
 */
export function PaceLine({ heat, appliances, edits }: PaceLineProps): ReactNode {
  const lines = namedAppliances(heat).flatMap(({ path, appliance }) => {
    const own = ownAppliance(appliances, appliance);
    const change = (next: (now: Appliance) => Appliance): void =>
      edits.change<Appliance | undefined>(path, (now) => next(now ?? {}));
    const setPace = (pace: number | null): void =>
      change(({ pace: _before, ...rest }) => (pace === null ? rest : { ...rest, pace }));
    const key = path.join('.');
    return [
      ...(own && own.id === appliance.id && measuredAnew(appliance, own.appliance)
        ? [<MeasuredAnew key={`${key} anew`} name={own.name} onTake={() => change((now) => asMeasured(now, own.appliance))} />]
        : []),
      ...(appliance.pace !== undefined || own?.known
        ? [<OnePace key={key} pace={appliance.pace} own={own} onPace={setPace} />]
        : []),
    ];
  });
  return lines.length === 0 ? null : <div className="flex flex-wrap gap-x-6 text-[14px]">{lines}</div>;
}

type MeasuredAnewProps = { readonly name: string; readonly onTake: () => void };

const MeasuredAnew = ({ name, onTake }: MeasuredAnewProps): ReactNode => (
  <p role="status" className="flex flex-wrap items-center gap-x-2 text-mind">
    {name}: measured anew since this was planned.
    <Button look="quiet" className="min-h-[24px] pointer-coarse:min-h-[44px] underline" onClick={onTake}>
      Plan with what it is now
    </Button>
  </p>
);

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
          <Button look="quiet" className="min-h-[24px] pointer-coarse:min-h-[44px] underline" onClick={() => onPace(null)}>
            Leave it out
          </Button>
        </>
      ) : (
        <>
          <span className="text-soft">
            {name}: {rests} say it works at {known?.pace.toFixed(2)} of the model’s pace.
          </span>
          <Button
            look="quiet"
            className="min-h-[24px] pointer-coarse:min-h-[44px] underline"
            onClick={() => onPace(known?.pace ?? null)}
          >
            Predict with it
          </Button>
        </>
      )}
    </p>
  );
}
