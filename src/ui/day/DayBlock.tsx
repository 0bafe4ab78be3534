import type { KeyboardEventHandler, PointerEventHandler, ReactNode } from 'react';
import type { Block, Lane } from './lanes';
import { wrapped } from './wrapped';

type DayBlockProps = {
  readonly kind: Lane['kind'];
  readonly block: Pick<Block, 'b' | 'j' | 'heat_c'>;
  /** What stands in it, as far as there is room. */
  readonly label: string;
  /** The same with its times, for a pointer that rests on it; and whole, for a page that is read out. */
  readonly title: string;
  readonly said: string;
  readonly x: number;
  readonly y: number;
  readonly width_px: number;
  readonly height_px: number;
  readonly pinned: boolean;
  /** It is the picked step itself, or another of its batch. */
  readonly picked: 'step' | 'batch' | null;
  readonly hands: {
    readonly onPointerDown: PointerEventHandler<SVGGElement>;
    readonly onPointerMove: PointerEventHandler<SVGGElement>;
    readonly onPointerUp: PointerEventHandler<SVGGElement>;
    readonly onPointerCancel: PointerEventHandler<SVGGElement>;
    readonly onKeyDown: KeyboardEventHandler;
    readonly onFocus: () => void;
  };
};

const LINE_PX = 15;
const PX_PER_LETTER = 6.6;
/** Above this share of heat the ground is dark, and letters are light [%]. */
const DARK = 58;

/** One block of a lane: it is dragged, or moved by arrow keys, to pin its step. */
export function DayBlock({ kind, block, label, title, said, x, y, pinned, picked, hands, ...box }: DayBlockProps): ReactNode {
  const { width_px, height_px } = box;
  const { b, j, heat_c } = block;
  const heat = heat_c === null ? null : heatShare(heat_c);
  const ground = heat !== null ? '' : kind === 'hands' ? 'fill-dough-pale' : 'fill-water-pale';
  const edge = picked === 'step' ? 'stroke-rim stroke-2' : picked === 'batch' ? 'stroke-rim' : 'stroke-hair';
  const lines = wrapped(label, Math.floor((width_px - 8) / PX_PER_LETTER), Math.floor((height_px - 6) / LINE_PX));
  return (
    <g
      role="button"
      tabIndex={0}
      aria-pressed={picked === 'step'}
      aria-label={said}
      data-block={`${kind} ${b}/${j}`}
      transform={`translate(${x} ${y})`}
      className="cursor-grab outline-offset-1 active:cursor-grabbing"
      {...hands}
    >
      <rect
        width={width_px}
        height={height_px}
        rx={5}
        style={heat === null ? undefined : { fill: `color-mix(in srgb, var(--heat) ${heat}%, var(--face))` }}
        className={`${ground} ${edge}`}
      />
      {pinned && <circle cx={width_px - 7} cy={8} r={3.5} className="fill-rim" />}
      <text className={`pointer-events-none text-[12px] ${heat !== null && heat > DARK ? 'fill-face' : 'fill-ink'}`}>
        {lines.map((line, i) => (
          <tspan key={i} x={5} y={16 + i * LINE_PX}>
            {line}
          </tspan>
        ))}
      </text>
      <title>{title}</title>
    </g>
  );
}

/** The hotter, the redder. */
const heatShare = (c: number): number => Math.round(Math.min(90, Math.max(14, ((c - 30) / 170) * 90)));
