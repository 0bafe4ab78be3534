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

/** The rolled sheets with their cut-outs, each re-roll, and one tray, all to one scale. */
export function SheetPictures({ drawn, prediction, width }: SheetPicturesProps): ReactNode {
  const shown = drawn.rolls.slice(0, 3);
  const all_mm = shown.reduce((sum, roll) => sum + roll.width_mm, 0) + drawn.tray.width_mm;
  const tallest_mm = Math.max(drawn.tray.depth_mm, ...shown.map(({ length_mm }) => length_mm));
  const pxPerMm = Math.min((width - SPACE_PX * (shown.length + 1)) / all_mm, TALLEST_PX / tallest_mm);
  return (
    <div className="flex flex-wrap items-start" style={{ gap: SPACE_PX }}>
      {shown.map((roll, i) => (
        <figure key={i} style={{ width: roll.width_mm * pxPerMm }}>
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
      <div className="ml-auto">
        <TrayPicture drawn={drawn.tray} out={prediction.yield} loads={prediction.heat.loads} pxPerMm={pxPerMm} />
      </div>
    </div>
  );
}
