import type { ReactNode } from 'react';
import type { SheetDrawing } from '@/core/batch';

type Placed = SheetDrawing['rolls'][number]['placed'];
type PiecesOnSheetProps = {
  readonly outline: SheetDrawing['outline'];
  readonly width_mm: number;
  readonly height_mm: number;
  /** Free rim that pieces keep off. */
  readonly rim_mm: number;
  readonly placed: Placed;
  /** Only so many are cut, when the dough runs out before the sheet. */
  readonly count: number;
  readonly ground: 'dough' | 'tray';
  readonly pxPerMm: number;
  readonly title: string;
};

/** Cut-outs on a rolled sheet or pieces on a tray, drawn to scale. */
export function PiecesOnSheet({
  outline,
  width_mm,
  height_mm,
  rim_mm,
  placed,
  count,
  ground,
  pxPerMm,
  title,
}: PiecesOnSheetProps): ReactNode {
  const path = `M${outline.map(([x, y]) => `${x.toFixed(2)} ${(-y).toFixed(2)}`).join('L')}Z`;
  const shown = placed.slice(0, count);
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
      {shown.map(({ x_mm, y_mm, turn_deg }, i) => (
        <path
          key={i}
          d={path}
          transform={`translate(${(x_mm + rim_mm).toFixed(2)} ${(height_mm - rim_mm - y_mm).toFixed(2)}) rotate(${-turn_deg})`}
          strokeWidth={1 / pxPerMm}
          className="fill-[color-mix(in_srgb,var(--crunch-fill)_42%,var(--dough-pale))] stroke-dough"
        />
      ))}
    </svg>
  );
}
