import type { ReactNode } from 'react';
import type { Candidate } from '@/core/search';
import { MinuteAxis } from './HeatGrid';
import { chartScale } from './chart-scale';

/** One dash for each place in the table, so that a line is found without its colour. */
export const LINE_LOOKS: ReadonlyArray<string | undefined> = [undefined, '7 4', '2 3', '9 3 2 3'];

const WIDTH = 1080;
const HEIGHT = 132;
const TOP = 8;
const FLOOR = 108;

/** All found programmes on one clock: the water that is left, and Snap. */
export function FoundOverlay({ candidates }: { readonly candidates: readonly Candidate[] }): ReactNode {
  const longest = Math.max(...candidates.map(({ minutes }) => minutes));
  const scale = chartScale(WIDTH, [longest]);
  const wettest = Math.max(...candidates.map(({ prediction }) => prediction.heat.timeline[0]?.moisture_pct ?? 0)) || 1;
  const yWater = (pct: number): number => FLOOR - (pct / wettest) * (FLOOR - TOP);
  const ySnap = (snap: number): number => FLOOR - (snap / 10) * (FLOOR - TOP);
  const path = ({ prediction }: Candidate, y: (point: Candidate['prediction']['heat']['timeline'][number]) => number): string =>
    prediction.heat.timeline.map((p, i) => `${i === 0 ? 'M' : 'L'}${scale.x(p.minute).toFixed(1)} ${y(p).toFixed(1)}`).join('');
  return (
    <figure>
      <figcaption className="text-[13.5px] text-soft">
        <strong className="text-water">water left</strong> falling and <strong className="text-crunch">Snap if cooled</strong>{' '}
        rising, each programme by its dash in the table
      </figcaption>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        className="w-full"
        role="img"
        aria-label="Water left and Snap of the programmes against minutes"
      >
        <line x1={scale.left} x2={scale.right} y1={FLOOR} y2={FLOOR} className="stroke-hair" />
        {candidates.map((candidate, i) => (
          <g key={candidate.strategy} className="fill-none" strokeWidth={2.2} strokeDasharray={LINE_LOOKS[i]}>
            <path d={path(candidate, (p) => yWater(p.moisture_pct))} className="stroke-water" />
            <path d={path(candidate, (p) => ySnap(p.snap))} className="stroke-crunch-fill" />
            <circle cx={scale.x(candidate.minutes)} cy={FLOOR} r={4} className="fill-heat" strokeDasharray="none" />
          </g>
        ))}
        <MinuteAxis scale={scale} y={HEIGHT - 6} />
      </svg>
    </figure>
  );
}
