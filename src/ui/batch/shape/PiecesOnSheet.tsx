import { memo, type ReactNode } from 'react';
import type { TrayDrawing } from '@/core/yield';

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
      {pieces.map((kind, i) => (
        <AllOfOne key={i} {...kind} left_mm={rim_mm} floor_mm={height_mm - rim_mm} stroke={1 / pxPerMm} />
      ))}
    </svg>
  );
}

type AllOfOneProps = PiecesOfOne & { readonly left_mm: number; readonly floor_mm: number; readonly stroke: number };

/** Drawn anew only when the pieces lie otherwise, not on every change beside them. */
const AllOfOne = memo(function AllOfOne({ left_mm, floor_mm, stroke, mini = false, ...kind }: AllOfOneProps): ReactNode {
  return (
    <path
      d={allPieces(kind)}
      fillRule="evenodd"
      // Up on the sheet is up on the screen, where y runs down.
      transform={`translate(${left_mm} ${floor_mm}) scale(1 -1)`}
      strokeWidth={stroke}
      className={`${mini ? MINI_FILL : FILL} stroke-dough`}
    />
  );
});

/**
 * All pieces as one path: a page with hundreds of elements would stutter on every move of the hand. An outline is
 * written once for each turn that occurs, in steps from its first corner, and only its place anew for each piece.
 */
function allPieces({ outline, placed, count, hole_mm = 0 }: PiecesOfOne): string {
  const turned = new Map<number, (x_mm: number, y_mm: number) => string>();
  return placed
    .slice(0, count)
    .map(({ x_mm, y_mm, turn_deg }) => {
      let at = turned.get(turn_deg);
      if (!at) turned.set(turn_deg, (at = stepsOf(outline, turn_deg)));
      return `${at(x_mm, y_mm)}${holeOf(hole_mm, x_mm, y_mm)}`;
    })
    .join('');
}

/** An outline turned about its origin, as a path from wherever it is put. */
function stepsOf(outline: Outline, turn_deg: number): (x_mm: number, y_mm: number) => string {
  const [c, s] = [Math.cos((turn_deg * Math.PI) / 180), Math.sin((turn_deg * Math.PI) / 180)];
  // Steps between rounded corners, so that their rounding does not add up.
  const corners = outline.map(([x, y]) => [tenths(c * x - s * y), tenths(s * x + c * y)] as const);
  const [x0, y0] = corners[0] ?? [0, 0];
  const steps = corners
    .slice(1)
    .map(([x, y], i) => `l${tenths(x - (corners[i]?.[0] ?? 0))} ${tenths(y - (corners[i]?.[1] ?? 0))}`);
  const rest = `${steps.join('')}Z`;
  return (x_mm, y_mm) => `M${tenths(x_mm + x0)} ${tenths(y_mm + y0)}${rest}`;
}

const tenths = (mm: number): number => Math.round(mm * 10) / 10;

/** Up in the outline is up on the screen. */
export const pathOf = (outline: Outline): string =>
  `M${outline.map(([x, y]) => `${x.toFixed(2)} ${(-y).toFixed(2)}`).join('L')}Z`;

/** A round hole about a point. */
export function holeOf(hole_mm: number, x = 0, y = 0): string {
  const r = hole_mm / 2;
  return r > 0 ? `M${tenths(x - r)} ${tenths(y)}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0Z` : '';
}
