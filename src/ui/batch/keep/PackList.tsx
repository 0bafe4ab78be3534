import { X } from 'lucide-react';
import type { ReactNode } from 'react';
import type { Keeps } from '@/core/prediction';
import type { PackChoice } from '@/core/catalogue';
import { counted } from '@/core/quantities';
import { range, span } from '../../format/units';
import { ENDS, PACK_NAMES, STORE_NAMES } from '../../format/words';
import { Choice } from '../../kit/Choice';

const PACKS = (Object.keys(PACK_NAMES) as Array<Keeps['option']>).map((value) => ({ value, name: PACK_NAMES[value] }));
const STORES = (['room', 'fridge', 'freezer'] as const).map((value) => ({ value, name: STORE_NAMES[value] }));

type PackListProps = {
  readonly choices: readonly PackChoice[];
  readonly keeps: readonly Keeps[];
  readonly picked: number;
  readonly onPick: (index: number) => void;
  readonly onChoices: (choices: readonly PackChoice[]) => void;
};

/** Packs side by side: how long each keeps, with its band, and what ends it first. */
export function PackList({ choices, keeps, picked, onPick, onChoices }: PackListProps): ReactNode {
  const longest = Math.max(30, ...keeps.map(({ days_high }) => days_high));
  const change = (at: number, next: Partial<PackChoice>): void =>
    onChoices(choices.map((old, i) => (i === at ? { ...old, ...next } : old)));
  return (
    <ul className="flex flex-col gap-1.5" aria-label="Packs side by side">
      {choices.map((choice, i) => (
        <li
          key={i}
          className={`grid grid-cols-[17.5rem_1fr_auto] items-center gap-x-4 max-sm:grid-cols-[1fr_auto] max-sm:[&>button:first-of-type]:order-last max-sm:[&>button:first-of-type]:col-span-2 rounded-2xl border-[1.4px] px-3 py-1 ${i === picked ? 'border-keep bg-keep-pale/40' : 'border-hair'}`}
        >
          <span className="flex flex-wrap items-center gap-1.5">
            <Choice
              label={`Pack ${i + 1}`}
              shown={false}
              value={choice.option}
              options={PACKS}
              onChange={(option) => onChoices(choices.map((old, j) => (j === i ? ofKind(old, option) : old)))}
            />
            <Choice
              label={`Place of pack ${i + 1}`}
              shown={false}
              value={choice.store ?? 'room'}
              options={STORES}
              onChange={(store) => change(i, { store })}
            />
          </span>
          <button type="button" aria-pressed={i === picked} className="min-w-0 rounded-lg text-left" onClick={() => onPick(i)}>
            {keeps[i] && <LifeBar keeps={keeps[i]} longest={longest} />}
          </button>
          <button
            type="button"
            aria-label={`Take out pack ${i + 1}`}
            disabled={choices.length === 1}
            className="rounded-full p-1 text-soft hover:text-stop disabled:opacity-30"
            onClick={() => onChoices(choices.filter((_, j) => j !== i))}
          >
            <X aria-hidden size={15} />
          </button>
        </li>
      ))}
    </ul>
  );
}

/** Another kind of pack keeps its place and its counts; its size and closure were those of the old one. */
function ofKind({ volume_ml: _volume, own: _own, ...rest }: PackChoice, option: PackChoice['option']): PackChoice {
  return { store: 'room', ...rest, option };
}

/** The band of days as a bar with its likely mark, and the reason in words. */
function LifeBar({ keeps, longest }: { readonly keeps: Keeps; readonly longest: number }): ReactNode {
  const pct = (days: number): number => (100 * Math.min(days, longest)) / longest;
  return (
    <span className="block">
      <span className="flex flex-wrap items-baseline justify-between gap-x-3">
        <span>
          <strong className="font-display text-[18px] text-keep">{span(keeps.days_low)}</strong>{' '}
          {keeps.days_low < 1 ? '' : 'at least, '}
          {ENDS[keeps.limit]}
          {keeps.crisp_days !== null && keeps.crisp_days < keeps.fit_days && (
            <span className="text-[14px] text-soft">
              {' '}
              · {crispWords(keeps.crisp_days)}, fit to feed for {keeps.fit_days}
            </span>
          )}
        </span>
        <span className="text-[14px] text-soft sm:whitespace-nowrap">
          {keeps.packs === 0
            ? 'instead of the others'
            : `${keeps.pieces} in ${keeps.packs === 1 ? 'one pack' : `${keeps.packs} packs`}`}{' '}
          · likely {keeps.days < 1 ? span(keeps.days) : counted(keeps.days, 'day')}, {range(keeps.days_low, keeps.days_high)}
        </span>
      </span>
      <span aria-hidden className="relative mt-1 block h-2 rounded-full bg-keep-pale">
        <span
          className="absolute inset-y-0 rounded-full bg-keep/55"
          style={{ left: `${pct(keeps.days_low)}%`, width: `${Math.max(0.6, pct(keeps.days_high) - pct(keeps.days_low))}%` }}
        />
        <span className="absolute -inset-y-0.5 w-[3px] rounded bg-keep" style={{ left: `calc(${pct(keeps.days)}% - 1.5px)` }} />
      </span>
    </span>
  );
}

const crispWords = (days: number): string =>
  days === 0 ? 'soft within a day' : days === 1 ? 'crisp for a day' : `crisp for ${days} days`;
