import type { ReactNode } from 'react';
import type { Miss } from '@/contract/log';
import { counted } from '@/core/quantities';
import { day } from '../format/units';

const STEP = 14;
const HEIGHT = 40;
/** Points of raw mass that the strip reaches up and down at least, so that small differences look small. */
const LEAST_REACH = 4;

/** How the last batches of an appliance lay against their forecasts: the line is the likely one, the pale bars are the bands. */
export function MissStrip({ name, misses }: { readonly name: string; readonly misses: readonly Miss[] }): ReactNode {
  const reach = Math.max(
    LEAST_REACH,
    ...misses.flatMap(({ off_pct, low_pct, high_pct }) => [off_pct, -low_pct, high_pct].map(Math.abs)),
  );
  const y = (points: number): number => HEIGHT / 2 - (points / reach) * (HEIGHT / 2 - 4);
  const width = STEP * misses.length + 6;
  return (
    <svg width={width} height={HEIGHT} role="img" aria-label={`${name}: ${missWords(misses)}`} className="block shrink-0">
      <line x1={0} x2={width} y1={y(0)} y2={y(0)} className="stroke-rim" strokeWidth={1} strokeDasharray="3 3" />
      {misses.map((miss, i) => {
        const { off_pct, low_pct, high_pct } = miss;
        const x = STEP * i + STEP / 2 + 3;
        const inside = isInside(miss);
        return (
          <g key={`${miss.baked_on} ${i}`}>
            <title>{`${miss.name}, ${day(miss.baked_on)}: ${pointsWords(off_pct)}`}</title>
            <rect
              x={x - 4}
              width={8}
              y={y(high_pct)}
              height={Math.max(1, y(low_pct) - y(high_pct))}
              rx={3}
              className="fill-water/20"
            />
            {inside ? (
              <circle cx={x} cy={y(off_pct)} r={3.4} className="fill-water" />
            ) : (
              <path d={`M${x - 4} ${y(off_pct)}l4 -4l4 4l-4 4z`} className="fill-heat" />
            )}
          </g>
        );
      })}
    </svg>
  );
}

const isInside = ({ off_pct, low_pct, high_pct }: Miss): boolean => off_pct >= low_pct && off_pct <= high_pct;

const pointsWords = (points: number): string =>
  `${Math.abs(points).toFixed(1)} points ${points < 0 ? 'less' : 'more'} water lost than likely`;

/** The strip in words. */
export function missWords(misses: readonly Miss[]): string {
  const mean = misses.reduce((sum, { off_pct }) => sum + off_pct, 0) / misses.length;
  return `${misses.filter(isInside).length} of the last ${counted(misses.length, 'batch', 'batches')} inside the band, on average ${pointsWords(mean)}`;
}
