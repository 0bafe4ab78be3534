import { counted } from '@/core/quantities';
import type { ReactNode } from 'react';
import type { Prediction } from '@/core/prediction';
import type { SheetDrawing } from '@/core/yield';
import { PiecesOnSheet } from './PiecesOnSheet';
import { TrayPicture } from './TrayPicture';
import { SPACE_PX, TALLEST_PX } from './picture-sizes';
import { across } from '../../format/units';

type SheetPicturesProps = {
  readonly drawn: SheetDrawing;
  readonly prediction: Prediction;
  readonly width: number;
};

/** Narrower than this the words under a picture cannot be read [px]. */
const NARROWEST_PX = 96;
/** Sheets and tray side by side from this width on [px]. */
const BESIDE_PX = 560;

/** The largest scale at which pictures stand side by side, none narrower than its words [px/mm]. */
function scaleFor(widths_mm: readonly number[], width: number): number {
  const room = width - SPACE_PX * (widths_mm.length - 1);
  const all = widths_mm.reduce((sum, mm) => sum + mm, 0);
  const scale = Math.max(0.02, room / all);
  const narrow = widths_mm.filter((mm) => mm * scale < NARROWEST_PX);
  const wide_mm = all - narrow.reduce((sum, mm) => sum + mm, 0);
  return wide_mm > 0 ? Math.max(0.02, (room - narrow.length * NARROWEST_PX) / wide_mm) : scale;
}

/** The rolled sheets with their cut-outs, each re-roll, and one tray, all to one scale. */
export function SheetPictures({ drawn, prediction, width }: SheetPicturesProps): ReactNode {
  const shown = drawn.rolls.slice(0, 3);
  // The tray stands beside the sheets where there is room for both, else under them.
  const beside = width >= BESIDE_PX;
  const widths_mm = [...shown.map(({ width_mm }) => width_mm), ...(beside ? [drawn.tray.width_mm] : [])];
  const tallest_mm = Math.max(drawn.tray.depth_mm, ...shown.map(({ length_mm }) => length_mm));
  const pxPerMm = Math.min(scaleFor(widths_mm, width), TALLEST_PX / tallest_mm);
  return (
    <div className={`flex items-start ${beside ? '' : 'flex-wrap'}`} style={{ gap: SPACE_PX }}>
      {shown.map((roll, i) => (
        <figure key={i} className="shrink-0" style={{ width: Math.max(roll.width_mm * pxPerMm, NARROWEST_PX) }}>
          <figcaption className="pb-1 text-[13.5px]">
            <strong className="text-dough">{i === 0 ? 'First roll' : `Re-roll ${i}`}</strong>{' '}
            <span className="whitespace-nowrap">{counted(roll.pieces, 'piece')}</span>
          </figcaption>
          <PiecesOnSheet
            width_mm={roll.width_mm}
            height_mm={roll.length_mm}
            rim_mm={drawn.edge_mm}
            pieces={[
              { outline: drawn.outline, placed: roll.placed, count: Math.ceil(roll.pieces / roll.sheets) },
              ...(drawn.miniOutline
                ? [
                    {
                      outline: drawn.miniOutline,
                      placed: roll.minisPlaced,
                      count: Math.ceil(roll.minis / roll.sheets),
                      mini: true,
                    },
                  ]
                : []),
            ]}
            ground="dough"
            pxPerMm={pxPerMm}
            title={`${i === 0 ? 'First roll' : `Re-roll ${i}`}: ${counted(roll.pieces, 'piece')}`}
          />
          <p className="pt-1 text-[13px] text-soft">
            {roll.sheets > 1 ? `${roll.sheets} sheets of ` : ''}
            {across(roll.width_mm, roll.length_mm)}
          </p>
        </figure>
      ))}
      <div className="shrink-0 sm:ml-auto" style={{ width: Math.max(drawn.tray.width_mm * pxPerMm, NARROWEST_PX) }}>
        <TrayPicture drawn={drawn.tray} out={prediction.yield} loads={prediction.heat.loads} pxPerMm={pxPerMm} />
      </div>
    </div>
  );
}
