import type { ReactNode } from 'react';
import type { SlabDrawing } from '@/core/yield';
import { SPACE_PX, TALLEST_PX } from './picture-sizes';
import { across } from '../../format/units';

/** The pans with their score lines, to scale. */
export function SlabPictures({ drawn, width }: { readonly drawn: SlabDrawing; readonly width: number }): ReactNode {
  const [pan_w, pan_d] = drawn.pan_mm;
  const pxPerMm = Math.min((width - SPACE_PX) / (2 * pan_w), TALLEST_PX / pan_d);
  const full = drawn.lastRows > 0 ? drawn.pans - 1 : drawn.pans;
  const pans = [
    ...(full > 0 ? [{ name: full === 1 ? 'One full pan' : `${full} full pans`, rows: drawn.rows }] : []),
    ...(drawn.lastRows > 0 ? [{ name: 'The last pan', rows: drawn.lastRows }] : []),
  ];
  return (
    <>
      <div className="flex items-start" style={{ gap: SPACE_PX }}>
        {pans.map(({ name, rows }) => (
          <figure key={name}>
            <figcaption className="pb-1 text-[13.5px]">
              <strong className="text-dough">{name}</strong> {drawn.columns} × {rows} pieces
            </figcaption>
            <Slab drawn={drawn} name={name} rows={rows} pxPerMm={pxPerMm} />
          </figure>
        ))}
      </div>
      <p className="pt-2 text-[14px]">
        Score it so that every piece is {across(drawn.piece_mm[0], drawn.piece_mm[1], 1)}: that uses the slab up, and there is
        nothing to re-roll.
      </p>
    </>
  );
}

type SlabProps = { readonly drawn: SlabDrawing; readonly name: string; readonly rows: number; readonly pxPerMm: number };

function Slab({ drawn, name, rows, pxPerMm }: SlabProps): ReactNode {
  const [pan_w, pan_d] = drawn.pan_mm;
  return (
    <svg
      width={pan_w * pxPerMm}
      height={pan_d * pxPerMm}
      viewBox={`0 0 ${pan_w} ${pan_d}`}
      role="img"
      aria-label={`${name}: ${drawn.columns} by ${rows} pieces`}
    >
      <rect width={pan_w} height={pan_d} rx={12} strokeWidth={1.4 / pxPerMm} className="fill-enamel stroke-rim" />
      <rect
        x={2}
        y={Math.max(2, pan_d - rows * drawn.piece_mm[1] - 2 * drawn.trim_mm)}
        width={pan_w - 4}
        height={Math.min(pan_d - 4, rows * drawn.piece_mm[1] + 2 * drawn.trim_mm)}
        rx={8}
        className="fill-dough-pale"
      />
      <ScoreLines drawn={drawn} rows={rows} pxPerMm={pxPerMm} />
    </svg>
  );
}

type ScoreLinesProps = { readonly drawn: SlabDrawing; readonly rows: number; readonly pxPerMm: number };

/** Where the slab is scored. */
function ScoreLines({ drawn, rows, pxPerMm }: ScoreLinesProps): ReactNode {
  const [pan_w, pan_d] = drawn.pan_mm;
  const bottom = pan_d - drawn.trim_mm;
  const top = bottom - rows * drawn.piece_mm[1];
  return (
    <>
      {Array.from({ length: drawn.columns + 1 }, (_, i) => drawn.trim_mm + i * drawn.piece_mm[0]).map((x) => (
        <line
          key={`c${x}`}
          x1={x}
          x2={x}
          y1={top}
          y2={bottom}
          className="stroke-dough"
          strokeWidth={1 / pxPerMm}
          strokeDasharray={`${4 / pxPerMm} ${2 / pxPerMm}`}
        />
      ))}
      {Array.from({ length: rows + 1 }, (_, i) => bottom - i * drawn.piece_mm[1]).map((y) => (
        <line
          key={`r${y}`}
          x1={drawn.trim_mm}
          x2={pan_w - drawn.trim_mm}
          y1={y}
          y2={y}
          className="stroke-dough"
          strokeWidth={1 / pxPerMm}
          strokeDasharray={`${4 / pxPerMm} ${2 / pxPerMm}`}
        />
      ))}
    </>
  );
}
