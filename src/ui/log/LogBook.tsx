'use client';
import type { LogEntryView } from '@/contract/log';
import Link from 'next/link';
import { Suspense, lazy, useState, type ReactNode } from 'react';
import { day } from '../format/units';
import { PageHead } from '../kit/PageHead';
import { Panel } from '../kit/Panel';
import { Choice } from '../kit/Choice';
import { buttonClass } from '../kit/Button';
import { MeasuredBeside } from './MeasuredBeside';
import { EVERYTHING, filtered, namesIn, type LogFilter } from './log-row';

/** Charts measure the page, which no server has: this one is loaded when it is asked for. */
const LogChart = lazy(() => import('./LogChart').then(({ LogChart: chart }) => ({ default: chart })));

type LogBookProps = { readonly entries: readonly LogEntryView[]; readonly learned?: ReactNode; readonly tables?: ReactNode };

/** Every batch: what was predicted, and what scale and eye said. */
export function LogBook({ entries, learned = null, tables = null }: LogBookProps): ReactNode {
  const [filter, setFilter] = useState(EVERYTHING);
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const [drawn, setDrawn] = useState(false);
  const shown = filtered(entries, filter);
  return (
    <main className="mx-auto max-w-[1232px] px-6 py-5">
      <PageHead title="Log" says={tallyWords(entries)}>
        {tables}
      </PageHead>
      {learned}
      {entries.length > 0 && (
        <Wishes
          entries={entries}
          filter={filter}
          onFilter={setFilter}
          chosen={chosen}
          drawn={drawn}
          onDrawn={() => setDrawn(!drawn)}
        />
      )}
      {drawn && (
        <Suspense fallback={null}>
          <LogChart rows={shown} />
        </Suspense>
      )}
      <Panel label="Batches" className="overflow-x-auto">
        {shown.length === 0 ? (
          <p className="px-5 py-10 text-center text-soft">
            {entries.length === 0
              ? 'Nothing here yet. Start a batch from Recipes; it appears here as soon as it is saved.'
              : 'No batch is like that. Ask for less.'}
          </p>
        ) : (
          <Table shown={shown} chosen={chosen} setChosen={setChosen} />
        )}
      </Panel>
      <p className="pt-3 text-[14px] text-soft">
        Bold is measured, the line under it was predicted before. Water left follows from the two tray weights, since the dry part
        of the dough cannot leave; it is as sure as the water in the dough was.
      </p>
    </main>
  );
}

const STATES = [
  { value: 'all', name: 'all batches' },
  { value: 'planned', name: 'planned ones' },
  { value: 'baked', name: 'baked ones' },
  { value: 'outside', name: 'those outside their band' },
] as const;

type WishesProps = {
  readonly entries: readonly LogEntryView[];
  readonly filter: LogFilter;
  readonly onFilter: (filter: LogFilter) => void;
  readonly chosen: readonly string[];
  readonly drawn: boolean;
  readonly onDrawn: () => void;
};

/** Which batches are shown, and what is done with those that are ticked. */
function Wishes({ entries, filter, onFilter, chosen, drawn, onDrawn }: WishesProps): ReactNode {
  const named = (key: 'recipe' | 'oven', all: string): Array<{ value: string; name: string }> => [
    { value: '', name: all },
    ...namesIn(entries, key).map((name) => ({ value: name, name })),
  ];
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-2 pb-3 text-[15px]">
      <input
        type="search"
        aria-label="Search the log"
        placeholder="name, note, dog …"
        value={filter.words}
        onChange={({ target }) => onFilter({ ...filter, words: target.value })}
        className="w-56 rounded-[10px] border-[1.4px] border-rim/55 bg-face px-2.5 py-1"
      />
      <Choice
        label="Shown"
        shown={false}
        value={filter.state}
        options={STATES}
        onChange={(state) => onFilter({ ...filter, state })}
      />
      <Choice
        label="Of recipe"
        shown={false}
        value={filter.recipe}
        options={named('recipe', 'any recipe')}
        onChange={(recipe) => onFilter({ ...filter, recipe })}
      />
      <Choice
        label="In oven"
        shown={false}
        value={filter.oven}
        options={named('oven', 'any oven')}
        onChange={(oven) => onFilter({ ...filter, oven })}
      />
      <span className="flex-1" />
      <button type="button" aria-pressed={drawn} className={buttonClass('small')} onClick={onDrawn}>
        {drawn ? 'Hide the chart' : 'Draw predicted against measured'}
      </button>
      {chosen.length >= 2 ? (
        <Link className={buttonClass('main')} href={`/log/compare?${chosen.map((id) => `batch=${id}`).join('&')}`}>
          Compare {chosen.length}
        </Link>
      ) : (
        <span className="text-soft">tick two to compare</span>
      )}
    </div>
  );
}

/** How many weighed batches fell inside their band; nothing where none was weighed. */
function tallyWords(entries: readonly LogEntryView[]): string | undefined {
  const weighed = entries.filter(({ comparison }) => comparison?.loss_pct);
  if (weighed.length === 0) return undefined;
  const inside = weighed.filter(({ comparison }) => comparison?.loss_pct?.inside).length;
  return `${inside} of ${weighed.length} weighed batches lost what their band of weight said${shiftWords(weighed)}`;
}

const Only = ({ value }: { readonly value: string }): ReactNode => (
  <span className="text-soft">
    {value} <span className="block text-[14px]">predicted</span>
  </span>
);

/** Points by which the kitchen differs from the forecasts before it is worth a word [% of raw mass]. */
const WORTH_A_WORD = 0.3;

/** Whether this kitchen dries more or less than predicted, batch after batch. */
function shiftWords(weighed: readonly LogEntryView[]): string {
  const shifts = weighed.flatMap(({ comparison }) =>
    comparison?.loss_pct ? [comparison.loss_pct.measured - comparison.loss_pct.likely] : [],
  );
  const mean = shifts.reduce((sum, shift) => sum + shift, 0) / shifts.length;
  if (Math.abs(mean) < WORTH_A_WORD) return '';
  return `; on average they lost ${Math.abs(mean).toFixed(1)} points ${mean < 0 ? 'less' : 'more'} water than the likely value`;
}

type RowProps = { readonly entry: LogEntryView; readonly chosen: boolean; readonly onChoose: () => void };

/** One batch: what was predicted, and what was measured where something was. */
function Row({ entry, chosen, onChoose }: RowProps): ReactNode {
  const { id, name, recipe, oven, baked_on, changed_at, forecast, comparison } = entry;
  return (
    <tr className="border-t border-hair align-top [&>td]:px-4 [&>td]:py-2.5">
      <td>
        <input
          type="checkbox"
          className="size-5 accent-current"
          aria-label={`Compare ${name}`}
          checked={chosen}
          onChange={onChoose}
        />
      </td>
      <td>
        <Link href={`/batch/${id}`} className="font-display text-[17px] font-semibold hover:underline">
          {name}
        </Link>
        <p className="text-[14px] text-soft">
          {baked_on ? `baked ${day(baked_on)}` : `planned · changed ${day(changed_at)}`}
          {recipe && recipe !== name && ` · ${recipe}`}
          {oven && ` · ${oven}`}
        </p>
      </td>
      <td>
        <Value of={comparison?.pieces} unit="" digits={0} forecast={String(forecast.pieces)} />
      </td>
      <td>
        <Value of={comparison?.loss_pct} unit=" %" digits={1} forecast={`${forecast.mass_loss_pct.toFixed(1)} %`} />
      </td>
      <td>
        <Value of={comparison?.moisture_pct} unit=" %" digits={1} forecast={`${forecast.moisture_pct.toFixed(1)} %`} />
      </td>
      <td>
        {comparison?.texture ? (
          <>
            <strong>{comparison.texture.measured}</strong>
            <span className="block text-[14px] text-soft">
              {comparison.texture.same ? 'as predicted' : `predicted: ${comparison.texture.predicted}`}
            </span>
          </>
        ) : (
          <Only value={forecast.texture} />
        )}
      </td>
      <td className="text-right">
        <Link
          href={`/log/${id}`}
          className="rounded-full border-[1.4px] border-hair bg-enamel px-3 py-0.5 text-[14px] font-semibold whitespace-nowrap hover:border-rim"
        >
          {comparison ? 'Open' : 'Enter weights'}
        </Link>
      </td>
    </tr>
  );
}

type ValueProps = Omit<Parameters<typeof MeasuredBeside>[0], 'of'> & {
  readonly of: Parameters<typeof MeasuredBeside>[0]['of'] | null | undefined;
  readonly forecast: string;
};

const Value = ({ of, forecast, ...words }: ValueProps): ReactNode =>
  of ? <MeasuredBeside of={of} {...words} /> : <Only value={forecast} />;

type TableProps = {
  readonly shown: readonly LogEntryView[];
  readonly chosen: readonly string[];
  readonly setChosen: (chosen: readonly string[]) => void;
};

function Table({ shown, chosen, setChosen }: TableProps): ReactNode {
  return (
    <table className="w-full border-collapse">
      <thead>
        <tr className="text-left text-[14px] text-soft [&>th]:px-4 [&>th]:py-2 [&>th]:font-normal">
          <th>
            <span className="sr-only">Compare</span>
          </th>
          <th>Batch</th>
          <th>Pieces</th>
          <th>Lost in the heat</th>
          <th>Water left</th>
          <th>Texture</th>
          <th />
        </tr>
      </thead>
      <tbody>
        {shown.map((entry) => (
          <Row
            key={entry.id}
            entry={entry}
            chosen={chosen.includes(entry.id)}
            onChoose={() =>
              setChosen(chosen.includes(entry.id) ? chosen.filter((one) => one !== entry.id) : [...chosen, entry.id])
            }
          />
        ))}
      </tbody>
    </table>
  );
}
