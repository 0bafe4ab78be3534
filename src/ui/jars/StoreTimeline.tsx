import type { ReactNode } from 'react';
import type { JarView } from '@/contract/jars';
import { counted } from '@/core/quantities';
import { day, dayOfYear } from '../format/units';
import { Panel } from '../kit/Panel';
import { untilWords, type Freshness } from './jar-view';
import { storeTimeline } from './store-timeline';

type StoreTimelineProps = { readonly jars: readonly JarView[]; readonly today: string };

const LOOKS: Record<Freshness, string> = { past: 'bg-stop', soon: 'bg-mind-fill', good: 'bg-keep' };

/** What is in store against the calendar: a bar to the day that a pack can be counted on, paler to the day it is likely good. */
export function StoreTimeline({ jars, today }: StoreTimelineProps): ReactNode {
  const { packs, today: now, marks, more } = storeTimeline(jars, today);
  return (
    <Panel label="Best before" className="px-4 pt-3 pb-3">
      <h2 className="text-[17px]">Best before</h2>
      <p className="pb-2 text-[13.5px] text-soft">
        A full bar from today can be counted on, its pale end is likely; what is left of today is past its day.
      </p>
      <div className="relative">
        <span aria-hidden className="absolute inset-y-0 w-0 border-l-[1.6px] border-ink" style={{ left: `${100 * now}%` }} />
        {marks.map(({ on, at }) => (
          <span key={on} aria-hidden className="absolute inset-y-0 w-0 border-l border-hair" style={{ left: `${100 * at}%` }} />
        ))}
        <ul className="relative">
          {packs.map(({ jar, sure, likely, state }) => (
            <li key={jar.id} className="py-0.5">
              <span className="flex justify-between gap-2 bg-face text-[13.5px] leading-tight">
                <span className="min-w-0">{jar.name}</span>
                <span className="shrink-0 text-soft">{untilWords(jar, today)}</span>
              </span>
              <span aria-hidden className="relative mt-0.5 block h-2">
                <Stretch from={Math.min(now, sure)} to={likely} look={`${LOOKS[state]} opacity-30`} />
                <Stretch from={Math.min(now, sure)} to={Math.max(now, sure)} look={LOOKS[state]} />
              </span>
            </li>
          ))}
        </ul>
        <p aria-hidden className="relative h-5 pt-1 text-[12.5px] text-soft">
          <span className="absolute -translate-x-1/2 font-semibold text-ink" style={{ left: `${100 * Math.max(0.06, now)}%` }}>
            today
          </span>
          {marks.map(({ on, at }) => (
            <span key={on} className="absolute -translate-x-1/2 whitespace-nowrap" style={{ left: `${100 * at}%` }}>
              {dayOfYear(on)}
            </span>
          ))}
        </p>
      </div>
      {packs.length > 0 && (
        <p className="sr-only">
          The first to end is {packs[0].jar.name}, {day(packs[0].jar.use_by)}; the last drawn is{' '}
          {packs[packs.length - 1].jar.name}, {day(packs[packs.length - 1].jar.use_by)}.
        </p>
      )}
      {more > 0 && <p className="pt-1 text-[13.5px] text-soft">{counted(more, 'more pack')} last longer.</p>}
    </Panel>
  );
}

const Stretch = ({ from, to, look }: { readonly from: number; readonly to: number; readonly look: string }): ReactNode => (
  <span
    className={`absolute inset-y-0 rounded-full ${look}`}
    style={{ left: `${100 * from}%`, width: `max(5px, ${100 * (to - from)}%)` }}
  />
);
