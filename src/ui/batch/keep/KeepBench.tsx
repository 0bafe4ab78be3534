'use client';
import { X } from 'lucide-react';
import { Suspense, lazy, useState, type ReactNode } from 'react';
import type { Keeps, PackChoice } from '@/core/batch';
import { Button } from '../../kit/Button';
import { CautionsOf } from '../../kit/CautionMark';
import { Choice } from '../../kit/Choice';
import { span } from '../../format/units';
import { ENDS, PACK_NAMES, STORE_NAMES } from '../../format/words';
import { BenchHead } from '../BenchHead';
import type { BenchProps } from '../bench-props';

const LifeChart = lazy(() => import('./LifeChart').then(({ LifeChart: chart }) => ({ default: chart })));

const PACKS = (['open-bowl', 'zip-bag', 'clip-jar', 'tin', 'foil-pouch', 'foil-pouch-absorber'] as const).map((value) => ({
  value,
  name: PACK_NAMES[value],
}));
const STORES = (['room', 'fridge', 'freezer'] as const).map((value) => ({ value, name: STORE_NAMES[value] }));
const USUAL: PackChoice = { option: 'clip-jar', store: 'room' };

type KeepBenchProps = BenchProps & { readonly about: 'pack' | 'keep' };

/** The pack and keep stations: packs side by side, how long each keeps and what ends it first. */
export function KeepBench({ document, edits, likely, banded, about }: KeepBenchProps): ReactNode {
  const [picked, setPicked] = useState(0);
  const choices = document.pack && document.pack.length > 0 ? document.pack : [USUAL];
  const keeps = likely.prediction.keeps;
  const index = Math.min(picked, keeps.length - 1);
  const longest = Math.max(
    30,
    ...keeps.map(({ days_high }) => days_high),
    ...(banded?.keeps ?? []).map(({ days_high }) => days_high),
  );
  const set = (next: readonly PackChoice[]): void => edits.set(['pack'], next);
  return (
    <div className="flex flex-col gap-3">
      <BenchHead
        title={about === 'pack' ? 'Pack' : 'Keep'}
        about={about === 'pack' ? 'cold, then closed; opened once a day' : 'print the low end of the band as the best-before'}
      >
        <Button
          look="small"
          onClick={() => {
            set([...choices, { option: 'foil-pouch', store: 'room' }]);
            setPicked(choices.length);
          }}
        >
          + another pack
        </Button>
      </BenchHead>
      <ul className="flex flex-col gap-1.5" aria-label="Packs side by side">
        {choices.map((choice, i) => (
          <li
            key={i}
            className={`grid grid-cols-[17.5rem_1fr_auto] items-center gap-x-4 rounded-2xl border-[1.4px] px-3 py-1 ${i === index ? 'border-keep bg-keep-pale/40' : 'border-hair'}`}
          >
            <span className="flex flex-wrap items-center gap-1.5">
              <Choice
                label={`Pack ${i + 1}`}
                shown={false}
                value={choice.option}
                options={PACKS}
                onChange={(option) => set(choices.map((old, j) => (j === i ? { option, store: old.store ?? 'room' } : old)))}
              />
              <Choice
                label={`Place of pack ${i + 1}`}
                shown={false}
                value={choice.store ?? 'room'}
                options={STORES}
                onChange={(store) => set(choices.map((old, j) => (j === i ? { ...old, store } : old)))}
              />
            </span>
            <button
              type="button"
              aria-pressed={i === index}
              className="min-w-0 rounded-lg text-left"
              onClick={() => setPicked(i)}
            >
              {keeps[i] && <LifeBar keeps={banded?.keeps[i] ?? keeps[i]} likely={keeps[i]} longest={longest} />}
            </button>
            <button
              type="button"
              aria-label={`Take out pack ${i + 1}`}
              disabled={choices.length === 1}
              className="rounded-full p-1 text-soft hover:text-stop disabled:opacity-30"
              onClick={() => set(choices.filter((_, j) => j !== i))}
            >
              <X aria-hidden size={15} />
            </button>
          </li>
        ))}
      </ul>
      {keeps[index] && likely.drawing.lifeCurves[index] && (
        <figure className="rounded-2xl border border-hair px-2 pt-2">
          <figcaption className="truncate px-2 text-[14px]">
            <strong>{PACK_NAMES[keeps[index].option]}</strong> {STORE_NAMES[keeps[index].store]}, opened once a day, up to{' '}
            {keeps[index].pieces_per_pack} pieces: {keeps[index].why}
          </figcaption>
          <Suspense fallback={<p className="grid h-[212px] place-items-center text-soft">Drawing the life curve …</p>}>
            <LifeChart curve={likely.drawing.lifeCurves[index]} days={keeps[index].days} height={212} />
          </Suspense>
        </figure>
      )}
      <CautionsOf cautions={likely.prediction.cautions} steps={about === 'pack' ? ['pack'] : ['keep', 'feed']} />
    </div>
  );
}

/** The band of days as a bar with its likely mark, and the reason in words. */
function LifeBar({
  keeps,
  likely,
  longest,
}: {
  readonly keeps: Keeps;
  readonly likely: Keeps;
  readonly longest: number;
}): ReactNode {
  const pct = (days: number): number => (100 * Math.min(days, longest)) / longest;
  return (
    <span className="block">
      <span className="flex items-baseline justify-between gap-3">
        <span>
          <strong className="font-display text-[18px] text-keep">{span(likely.days)}</strong> {ENDS[likely.limit]}
        </span>
        <span className="text-[14px] whitespace-nowrap text-soft">
          {likely.packs === 1 ? 'one pack' : `${likely.packs} packs`} · {keeps.days_low} – {keeps.days_high} days
        </span>
      </span>
      <span aria-hidden className="relative mt-1 block h-2 rounded-full bg-keep-pale">
        <span
          className="absolute inset-y-0 rounded-full bg-keep/55"
          style={{ left: `${pct(keeps.days_low)}%`, width: `${Math.max(0.6, pct(keeps.days_high) - pct(keeps.days_low))}%` }}
        />
        <span className="absolute -inset-y-0.5 w-[3px] rounded bg-keep" style={{ left: `calc(${pct(likely.days)}% - 1.5px)` }} />
      </span>
    </span>
  );
}
