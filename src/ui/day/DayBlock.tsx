import type { ReactNode } from 'react';
import type { Day } from '@/core/bakeday';
import type { DragHandlers } from '../kit/use-drag';
import type { DayNames } from './day-names';
import { momentOf } from './day-words';
import type { Block, Lane } from './lanes';
import { wrapped } from './wrapped';
import { clock } from '../format/units';

type DayBlockProps = {
  readonly iso: string;
  readonly day: Day;
  readonly lane: Lane;
  readonly block: Block;
  /** Of a block of hands: which call of the day it is. */
  readonly number: number | null;
  readonly names: DayNames;
  readonly picked: { readonly b: number; readonly j: number } | null;
  readonly onPick: (picked: { b: number; j: number }) => void;
  readonly x: number;
  readonly y: number;
  readonly width_px: number;
  readonly height_px: number;
  readonly handlers: DragHandlers;
};

/** One block of a lane: it is dragged, or moved by arrow keys, to pin its step. */
export function DayBlock({ day, lane, block, number, names, picked, onPick, handlers, ...place }: DayBlockProps): ReactNode {
  const { b, j, s, e, visit } = block;
  const step = day.batches[b]?.steps[j];
  if (!step) return null;
  const batch = names.nameOf(b);
  const what = visit ? names.visitName(b, j, visit.at, visit.of) : names.stepName(b, j);
  const label = lane.kind === 'hands' ? `${what}, ${batch}` : lane.kind === 'store' ? batch : `${batch}: ${what}`;
  const pinned = step.pin !== undefined;
  const chosen = picked?.b !== b ? null : picked.j === j ? 'step' : 'batch';
  const at = `translate(${place.x} ${place.y})`;
  return (
    <>
      {/* What is seen lies under what is pressed, whose name says all of it. */}
      <g aria-hidden transform={at} className="pointer-events-none">
        <BlockFace kind={lane.kind} heat_c={block.heat_c} {...{ label, number, pinned, chosen }} {...place} />
      </g>
      <g
        role="button"
        tabIndex={0}
        aria-pressed={chosen === 'step'}
        aria-label={`${batch}: ${what}, ${momentOf(place.iso, s)} to ${momentOf(place.iso, e)}${pinned ? ', pinned' : ''}`}
        data-block={`${lane.kind} ${b}/${j}`}
        transform={at}
        className="cursor-grab outline-offset-1 active:cursor-grabbing"
        onFocus={() => onPick({ b, j })}
        {...handlers}
        onPointerDown={(pointer) => {
          onPick({ b, j });
          handlers.onPointerDown(pointer);
        }}
      >
        <rect width={place.width_px} height={place.height_px} rx={5} className="fill-transparent" />
        <title>{`${number === null ? '' : `${number}. `}${label}, ${clock(s)} – ${clock(e)}`}</title>
      </g>
    </>
  );
}

const LINE_PX = 15;
const PX_PER_LETTER = 6.6;
/** Above this share of heat the ground is dark, and letters are light [%]. */
const DARK = 58;
const EDGES = { step: 'stroke-rim stroke-2', batch: 'stroke-rim', none: 'stroke-hair' };

type BlockFaceProps = Pick<DayBlockProps, 'width_px' | 'height_px'> & {
  readonly kind: Lane['kind'];
  readonly heat_c: number | null;
  readonly label: string;
  readonly number: number | null;
  readonly pinned: boolean;
  readonly chosen: 'step' | 'batch' | null;
};

/** As much of its label as there is room for, on a ground that tells how hot it is. */
function BlockFace({ kind, heat_c, label, number, pinned, chosen, width_px, height_px }: BlockFaceProps): ReactNode {
  const heat = heat_c === null ? null : heatShare(heat_c);
  const ground = heat !== null ? '' : kind === 'hands' ? 'fill-dough-pale' : 'fill-water-pale';
  const letters = Math.floor((width_px - 8) / PX_PER_LETTER);
  // A block of hands is told by its number on the list; where that has no room either, the list alone tells it.
  const numbered = number === null || width_px < String(number).length * PX_PER_LETTER + 2 ? '' : String(number);
  const lines = number === null ? wrapped(label, letters, Math.floor((height_px - 6) / LINE_PX)) : [];
  return (
    <>
      <rect
        width={width_px}
        height={height_px}
        rx={5}
        style={heat === null ? undefined : { fill: `color-mix(in srgb, var(--heat) ${heat}%, var(--face))` }}
        className={`${ground} ${EDGES[chosen ?? 'none']}`}
      />
      {pinned && <circle cx={width_px - 7} cy={8} r={3.5} className="fill-rim" />}
      <text className={`pointer-events-none text-[12px] ${heat !== null && heat > DARK ? 'fill-face' : 'fill-ink'}`}>
        {numbered && (
          <tspan x={width_px / 2} y={height_px / 2 + 4} textAnchor="middle">
            {numbered}
          </tspan>
        )}
        {lines.map((line, i) => (
          <tspan key={i} x={5} y={16 + i * LINE_PX}>
            {line}
          </tspan>
        ))}
      </text>
    </>
  );
}

/** The hotter, the redder. */
const heatShare = (c: number): number => Math.round(Math.min(90, Math.max(14, ((c - 30) / 170) * 90)));
