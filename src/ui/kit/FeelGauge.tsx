import type { ReactNode } from 'react';
import { FEEL_STARTS } from '@/core/dough';

type FeelGaugeProps = { readonly index: number; readonly low: number; readonly high: number; readonly crumbleEdge: number };

const LAST = 2.4;
/** Names of narrow bands: on a small gauge they would run into each other. */
const NARROW = new Set(['falls apart', 'sticky']);

/** How the dough will handle, from crumbs to batter, with the band that measuring leaves open. */
export function FeelGauge({ index, low, high, crumbleEdge }: FeelGaugeProps): ReactNode {
  const bands = [
    { name: 'falls apart', from: 0.2, to: crumbleEdge, look: 'bg-dough-pale' },
    { name: 'stiff', from: crumbleEdge, to: FEEL_STARTS.rollable, look: 'bg-dough/35' },
    { name: 'rollable', from: FEEL_STARTS.rollable, to: FEEL_STARTS['soft-sticky'], look: 'bg-dough/75' },
    { name: 'sticky', from: FEEL_STARTS['soft-sticky'], to: FEEL_STARTS.scoopable, look: 'bg-water-pale' },
    { name: 'scoop', from: FEEL_STARTS.scoopable, to: FEEL_STARTS.batter, look: 'bg-water/55' },
    { name: 'pour', from: FEEL_STARTS.batter, to: LAST, look: 'bg-water' },
  ];
  const at = (value: number): number => (100 * (Math.min(LAST, Math.max(0.2, value)) - 0.2)) / (LAST - 0.2);
  return (
    <div
      role="img"
      aria-label={`Feel of the dough: ${index.toFixed(2)}, between ${low.toFixed(2)} and ${high.toFixed(2)}; ${FEEL_STARTS.rollable} to ${FEEL_STARTS['soft-sticky']} rolls`}
      className="@container relative pt-3 pb-6"
    >
      <div className="flex gap-[3px]">
        {bands.map(({ name, from, to, look }) => (
          <div key={name} className="relative" style={{ width: `${at(to) - at(from)}%` }}>
            <div className={`h-6 rounded-[5px] ${look}`} />
            <span
              className={`absolute top-full left-1/2 mt-1 -translate-x-1/2 text-[13px] whitespace-nowrap text-soft ${NARROW.has(name) ? '@max-[24rem]:hidden' : ''}`}
            >
              {name}
            </span>
          </div>
        ))}
      </div>
      <span
        className="absolute top-1 h-10 rounded-[10px] border-[1.6px] border-dashed border-ink"
        style={{ left: `${at(low)}%`, width: `${Math.max(1, at(high) - at(low))}%` }}
      />
      <span className="absolute top-0 h-11 w-[3px] rounded bg-ink" style={{ left: `calc(${at(index)}% - 1.5px)` }} />
    </div>
  );
}
