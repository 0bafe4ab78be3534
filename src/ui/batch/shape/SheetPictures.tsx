import type { ReactNode } from 'react';
import type { Prediction, SheetDrawing } from '@/core/batch';
import { PiecesOnSheet } from './PiecesOnSheet';
import { SPACE_PX, TALLEST_PX } from './picture-sizes';

/** The rolled sheets with their cut-outs, each re-roll, and one tray, all to one scale. */
export function SheetPictures({
  drawn,
  prediction,
  width,
}: {
  readonly drawn: SheetDrawing;
  readonly prediction: Prediction;
  readonly width: number;
}): ReactNode {
  const shown = drawn.rolls.slice(0, 3);
  const all_mm = shown.reduce((sum, roll) => sum + roll.width_mm, 0) + drawn.tray.width_mm;
  const tallest_mm = Math.max(drawn.tray.depth_mm, ...shown.map(({ length_mm }) => length_mm));
  const pxPerMm = Math.min((width - SPACE_PX * (shown.length + 1)) / all_mm, TALLEST_PX / tallest_mm);
  const later = drawn.rolls.slice(3).reduce((sum, { pieces }) => sum + pieces, 0);
  const { trays, per_tray, scrap_g } = prediction.yield;
  return (
    <>
      <div className="flex flex-wrap items-start" style={{ gap: SPACE_PX }}>
        {shown.map((roll, i) => (
          <figure key={i}>
            <figcaption className="pb-1 text-[13.5px]">
              <strong className="text-dough">{i === 0 ? 'First roll' : `Re-roll ${i}`}</strong>{' '}
              <span className="whitespace-nowrap">{roll.pieces} pieces</span>
            </figcaption>
            <PiecesOnSheet
              outline={drawn.outline}
              width_mm={roll.width_mm}
              height_mm={roll.length_mm}
              rim_mm={drawn.edge_mm}
              placed={roll.placed}
              count={Math.ceil(roll.pieces / roll.sheets)}
              ground="dough"
              pxPerMm={pxPerMm}
              title={`${i === 0 ? 'First roll' : `Re-roll ${i}`}: ${roll.pieces} pieces`}
            />
            <p className="pt-1 text-[13px] text-soft">
              {roll.sheets > 1 ? `${roll.sheets} sheets of ` : ''}
              {Math.round(roll.width_mm)} × {Math.round(roll.length_mm)} mm
            </p>
          </figure>
        ))}
        <figure className="ml-auto">
          <figcaption className="pb-1 text-[13.5px]">
            <strong className="text-heat">One tray</strong> {per_tray} fit
          </figcaption>
          <PiecesOnSheet
            outline={drawn.outline}
            width_mm={drawn.tray.width_mm}
            height_mm={drawn.tray.depth_mm}
            rim_mm={drawn.tray.margin_mm}
            placed={drawn.tray.placed}
            count={per_tray}
            ground="tray"
            pxPerMm={pxPerMm}
            title={`One tray: ${per_tray} pieces fit`}
          />
          <p className="pt-1 text-[13px] text-soft">
            {trays} trays, about {Math.ceil(prediction.yield.pieces / trays)} on each
          </p>
        </figure>
      </div>
      <p className="pt-2 text-[14px]">
        {later > 0 && <>{later} more from later re-rolls, </>}
        {drawn.pressed > 0 && <>{drawn.pressed} pressed by hand from the last scraps, </>}
        {scrap_g.toFixed(0)} g left over. Pieces from re-rolls are a little tougher: they carry bench flour and more kneading.
      </p>
    </>
  );
}
