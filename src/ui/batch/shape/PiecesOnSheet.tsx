import type { ReactNode } from 'react';
import type { TrayDrawing } from '@/core/batch';

type Placed = TrayDrawing['placed'];
type Outline = TrayDrawing['outline'];
/** Pieces of one outline, and where they lie. */
export type PiecesOfOne = {
  readonly outline: Outline;
  readonly placed: Placed;
  /** Only so many are cut, when the dough runs out before the sheet. */
  readonly count: number;
  readonly hole_mm?: number;
  /** Smaller ones from the scraps look paler. */
  readonly mini?: boolean;
};
type PiecesOnSheetProps = {
  readonly width_mm: number;
  readonly height_mm: number;
  /** Free rim that pieces keep off. */
  readonly rim_mm: number;
  readonly pieces: readonly PiecesOfOne[];
  readonly ground: 'dough' | 'tray';
  readonly pxPerMm: number;
  readonly title: string;
};

const FILL = 'fill-[color-mix(in_srgb,var(--crunch-fill)_42%,var(--dough-pale))]';
const MINI_FILL = 'fill-[color-mix(in_srgb,var(--crunch-fill)_75%,var(--dough-pale))]';

/** Cut-outs on a rolled sheet or pieces on a tray, drawn to scale. */
export function PiecesOnSheet({ width_mm, height_mm, rim_mm, pieces, ground, pxPerMm, title }: PiecesOnSheetProps): ReactNode {
  return (
    <svg
      width={width_mm * pxPerMm}
      height={height_mm * pxPerMm}
      viewBox={`0 0 ${width_mm} ${height_mm}`}
      className="block overflow-visible"
      role="img"
      aria-label={title}
    >
      <rect
        width={width_mm}
        height={height_mm}
        rx={ground === 'tray' ? 14 : 5}
        strokeWidth={1.4 / pxPerMm}
        className={ground === 'tray' ? 'fill-enamel stroke-rim' : 'fill-dough-pale stroke-dough'}
      />
      {pieces.map(({ outline, placed, count, hole_mm = 0, mini = false }, kind) => {
        const path = pathOf(outline) + holeOf(hole_mm);
        return placed
          .slice(0, count)
          .map(({ x_mm, y_mm, turn_deg }, i) => (
            <path
              key={`${kind}-${i}`}
              d={path}
              fillRule="evenodd"
              transform={`translate(${(x_mm + rim_mm).toFixed(2)} ${(height_mm - rim_mm - y_mm).toFixed(2)}) rotate(${(-turn_deg).toFixed(2)})`}
              strokeWidth={1 / pxPerMm}
              className={`${mini ? MINI_FILL : FILL} stroke-dough`}
            />
          ));
      })}
    </svg>
  );
}

/** Up in the outline is up on the screen. */
export const pathOf = (outline: Outline): string =>
  `M${outline.map(([x, y]) => `${x.toFixed(2)} ${(-y).toFixed(2)}`).join('L')}Z`;

/** A round hole in the middle. */
export function holeOf(hole_mm: number): string {
  const r = hole_mm / 2;
  return r > 0 ? `M${-r} 0A${r} ${r} 0 1 0 ${r} 0A${r} ${r} 0 1 0 ${-r} 0Z` : '';
}
