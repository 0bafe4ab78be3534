'use client';
import { memo, type ReactNode } from 'react';
import { stillAssumed, type BatchDocument } from '@/core/document';
import type { Keeps, Prediction } from '@/core/prediction';
import type { Nominal } from '@/workers/prediction-protocol';
import { CautionShape, type Severity } from '../kit/CautionMark';
import { BENCHES, type Bench } from './bench-props';
import { Ribbon, UprightRibbon } from './WaterRibbon';
import { firstToEnd } from './shown-keeps';
import { stationsOf } from './stations';

type BatchLineProps = {
  readonly document: BatchDocument;
  readonly nominal: Nominal;
  /** All portions of a bowl that is shared out; null where it is not. */
  readonly whole: Prediction | null;
  /** The portion that the water is of; null where the bowl is not shared out. */
  readonly portion: string | null;
  /** How long the packs keep, as it is shown everywhere. */
  readonly keeps: readonly Keeps[];
  /** Whether that is over many draws of what is shown. */
  readonly drawn: boolean;
  readonly bench: Bench;
  readonly onBench: (bench: Bench) => void;
};
/** A station beside its neighbours; on a phone a row with its name at the left and its result at the right. */
const STATION =
  'relative min-w-0 text-left leading-tight sm:my-2 sm:px-3.5 sm:align-top sm:max-lg:px-2 max-sm:grid max-sm:min-h-12 max-sm:grid-cols-[8.5rem_minmax(0,1fr)] max-sm:content-center max-sm:gap-x-2 max-sm:px-2 max-sm:py-1';

/** The line from bowl to jar: each station with its one result, and the water running through them. */
export const BatchLine = memo(function BatchLine({
  document,
  nominal,
  whole,
  portion,
  keeps,
  drawn,
  bench,
  onBench,
}: BatchLineProps): ReactNode {
  const stations = stationsOf(document, nominal.prediction, whole ?? nominal.prediction, {
    keeps: whole?.keeps ?? keeps,
    drawn: drawn && whole === null,
  });
  const assumed = stillAssumed(document);
  const flowing = { nominal, portion, pack: firstToEnd(keeps), days: keeps[firstToEnd(keeps)]?.days ?? 0 };
  return (
    <nav aria-label="Stations of the batch" className="overflow-hidden rounded-[18px] border-[1.6px] border-rim bg-face">
      <div className="relative">
        <div role="tablist" className="grid grid-cols-7 max-sm:grid-cols-1 max-sm:pl-12">
          {BENCHES.map((key, i) => (
            <button
              key={key}
              type="button"
              role="tab"
              id={`station-${key}`}
              aria-selected={bench === key}
              aria-controls="bench"
              aria-keyshortcuts={String(i + 1)}
              onClick={() => onBench(key)}
              className={`${STATION} ${i > 0 ? 'border-hair sm:border-l-[1.5px] max-sm:border-t' : ''} ${bench === key ? 'max-sm:bg-enamel' : ''}`}
            >
              <span className="flex items-center gap-2 text-[13.5px] whitespace-nowrap max-lg:gap-1 max-sm:row-span-2 max-sm:self-center max-sm:gap-2 max-sm:text-[15px]">
                <span
                  className={`grid size-4 place-items-center rounded-[5px] border-[1.3px] text-[11px] font-semibold ${bench === key ? 'border-heat bg-heat text-face' : 'border-rim'}`}
                >
                  {i + 1}
                </span>
                <span className={bench === key ? 'font-semibold text-heat' : 'text-soft'}>{stations[key].name}</span>
                <StationMark cautions={nominal.prediction.cautions} bench={key} />
              </span>
              <span className="block pt-0.5 font-display text-[18.5px] font-semibold max-lg:text-[16px] max-sm:pt-0">
                <StationFigure isAssumed={assumed.some((path) => path.split('.')[0].startsWith(key))}>
                  {stations[key].figure}
                </StationFigure>
              </span>
              <span className="block text-[13px] text-soft max-sm:col-start-2">{stations[key].small}</span>
            </button>
          ))}
        </div>
        <UprightRibbon {...flowing} />
      </div>
      <Ribbon {...flowing} />
    </nav>
  );
});

type StationFigureProps = { readonly isAssumed: boolean; readonly children: string };

/** What a station gives; dotted where nobody said it. */
const StationFigure = ({ isAssumed, children }: StationFigureProps): ReactNode =>
  isAssumed ? (
    <span
      title="in part assumed: no words of the recipe say it"
      className="underline decoration-mind-fill decoration-dotted decoration-2 underline-offset-4"
    >
      {children}
    </span>
  ) : (
    children
  );

const STEP_OF: Record<Bench, ReadonlyArray<Prediction['cautions'][number]['step']>> = {
  weigh: [],
  mix: ['mix'],
  shape: ['shape'],
  heat: ['heat'],
  cool: [],
  pack: ['pack'],
  keep: ['keep'],
};

/** The gravest caution of a station's step; notes are left to the bench. */
function StationMark({ cautions, bench }: { readonly cautions: Prediction['cautions']; readonly bench: Bench }): ReactNode {
  const here = cautions.filter(({ step, severity }) => STEP_OF[bench].includes(step) && severity !== 'note');
  const gravest: Severity | undefined = here.some(({ severity }) => severity === 'stop') ? 'stop' : here[0]?.severity;
  if (!gravest) return null;
  return (
    <span className="inline-flex" title={`${here.length} caution${here.length > 1 ? 's' : ''} at this step`}>
      <CautionShape severity={gravest} />
      <span className="sr-only">{gravest === 'stop' ? 'has a stop caution' : 'has a caution'}</span>
    </span>
  );
}
