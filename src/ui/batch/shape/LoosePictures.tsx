import type { ReactNode } from 'react';
import type { LooseDrawing } from '@/core/yield';
import type { Prediction } from '@/core/prediction';
import { length, mass } from '../../format/units';
import { TrayPicture } from './TrayPicture';
import { SPACE_PX, TALLEST_PX } from './picture-sizes';

type LoosePicturesProps = { readonly drawn: LooseDrawing; readonly prediction: Prediction; readonly width: number };

/** Loose pieces on their tray, with the log they are sliced from or what is cut away of the fruit. */
export function LoosePictures({ drawn, prediction, width }: LoosePicturesProps): ReactNode {
  const { tray, log, rollUp, cutAway } = drawn;
  const beside_mm = log ? Math.max(log.log_mm, rollUp?.length_mm ?? 0) : 0;
  const pxPerMm = Math.min((width - 3 * SPACE_PX) / (tray.width_mm + beside_mm), (TALLEST_PX - 20) / tray.depth_mm);
  return (
    <div className="flex flex-wrap items-start" style={{ gap: SPACE_PX }}>
      {log && <LogPicture log={log} rollUp={rollUp} pxPerMm={pxPerMm} />}
      <TrayPicture drawn={tray} out={prediction.yield} loads={prediction.heat.loads} pxPerMm={pxPerMm} />
      {cutAway && (
        <p className="max-w-56 pt-6 text-[14px] leading-snug">
          Of {mass(prediction.dough.mass_g)}:{' '}
          <strong>{mass(prediction.yield.pieces * prediction.yield.piece_raw_g)} in slices</strong>
          {cutAway.peel_g > 0.5 && `, ${mass(cutAway.peel_g)} peel`}
          {cutAway.core_g > 0.5 && `, ${mass(cutAway.core_g)} core`}, {mass(cutAway.ends_g + cutAway.left_g)} ends.
        </p>
      )}
    </div>
  );
}

/** A log seen from the side with its cuts, and the sheet it is rolled up from. */
function LogPicture({
  log,
  rollUp,
  pxPerMm,
}: {
  readonly log: NonNullable<LooseDrawing['log']>;
  readonly rollUp: LooseDrawing['rollUp'];
  readonly pxPerMm: number;
}): ReactNode {
  const { log_mm, diameter_mm, slice_mm, logs } = log;
  const cuts = Array.from({ length: Math.floor(log_mm / slice_mm) }, (_, i) => (i + 1) * slice_mm);
  return (
    <div className="flex flex-col gap-3">
      <figure>
        <figcaption className="pb-1 text-[13.5px]">
          <strong className="text-dough">{logs === 1 ? 'One log' : `${logs} logs`}</strong> {length(log_mm)} long,{' '}
          {length(diameter_mm)} across
        </figcaption>
        <svg
          width={log_mm * pxPerMm}
          height={diameter_mm * pxPerMm}
          viewBox={`0 0 ${log_mm} ${diameter_mm}`}
          role="img"
          aria-label={`A log with a cut every ${length(slice_mm, 1)}`}
        >
          <rect
            width={log_mm}
            height={diameter_mm}
            rx={diameter_mm / 4}
            className="fill-dough-pale stroke-dough"
            strokeWidth={1 / pxPerMm}
          />
          {cuts.map((x) => (
            <line key={x} x1={x} x2={x} y1={0} y2={diameter_mm} className="stroke-dough" strokeWidth={0.8 / pxPerMm} />
          ))}
        </svg>
        <p className="pt-1 text-[13px] text-soft">
          {log.slices} slices{log.fromEnds > 0 && `, ${log.fromEnds} of them from the ends pressed together`}
        </p>
      </figure>
      {rollUp && <SpiralSheet rollUp={rollUp} pxPerMm={pxPerMm} />}
    </div>
  );
}

type SpiralSheetProps = { readonly rollUp: NonNullable<LooseDrawing['rollUp']>; readonly pxPerMm: number };

function SpiralSheet({ rollUp, pxPerMm }: SpiralSheetProps): ReactNode {
  return (
    <figure>
      <figcaption className="pb-1 text-[13.5px]">
        <strong className="text-dough">Sheet for one spiral</strong> {Math.round(rollUp.width_mm)} × {length(rollUp.length_mm)},{' '}
        {length(rollUp.thickness_mm, 1)} thick, about {rollUp.turns.toFixed(1)} turns
      </figcaption>
      <svg
        width={rollUp.width_mm * pxPerMm}
        height={rollUp.length_mm * pxPerMm}
        viewBox={`0 0 ${rollUp.width_mm} ${rollUp.length_mm}`}
        role="img"
        aria-label="The sheet that is rolled up"
      >
        <rect
          width={rollUp.width_mm}
          height={rollUp.length_mm}
          rx={4}
          className="fill-dough-pale stroke-dough"
          strokeWidth={1 / pxPerMm}
        />
      </svg>
    </figure>
  );
}
