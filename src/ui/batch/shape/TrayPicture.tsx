import { counted } from '@/core/quantities';
import type { ReactNode } from 'react';
import type { Prediction } from '@/core/prediction';
import type { TrayDrawing } from '@/core/yield';
import { PiecesOnSheet } from './PiecesOnSheet';

type TrayPictureProps = {
  readonly drawn: TrayDrawing;
  readonly out: Prediction['yield'];
  readonly loads: number;
  readonly pxPerMm: number;
};

/** One full tray, how many it takes, and how often the oven is filled. */
export function TrayPicture({ drawn, out, loads, pxPerMm }: TrayPictureProps): ReactNode {
  const { per_tray, trays, pieces } = out;
  const shelves = Math.ceil(trays / loads);
  return (
    <figure>
      <figcaption className="pb-1 text-[13.5px]">
        <strong className="text-heat">One tray</strong> {per_tray} fit
      </figcaption>
      <PiecesOnSheet
        width_mm={drawn.width_mm}
        height_mm={drawn.depth_mm}
        rim_mm={drawn.margin_mm}
        pieces={[{ outline: drawn.outline, placed: drawn.placed, count: Math.min(pieces, per_tray), hole_mm: drawn.hole_mm }]}
        ground="tray"
        pxPerMm={pxPerMm}
        title={`One tray: ${counted(per_tray, 'piece')} ${per_tray === 1 ? 'fits' : 'fit'}`}
      />
      <p className="pt-1 text-[13px] text-soft">
        {trays === 1 ? 'one tray' : `${trays} trays, about ${Math.ceil(pieces / trays)} on each`}
        {loads > 1 ? ` · ${loads} oven loads of ${shelves} shelves` : trays > 1 && ` · on ${trays} shelves at once`}
      </p>
    </figure>
  );
}
