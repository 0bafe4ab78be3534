'use client';
import type { LogEntryView, LogView, LogWishes } from '@/contract/log';
import { Link } from '../kit/Link';
import { useRouter } from 'next/navigation';
import { Suspense, lazy, startTransition, useEffect, useOptimistic, useRef, useState, type ReactNode } from 'react';
import { counted } from '@/core/quantities';
import { day } from '../format/units';
import { PageHead } from '../kit/PageHead';
import { Panel } from '../kit/Panel';
import { Choice } from '../kit/Choice';
import { SearchField } from '../kit/SearchField';
import { buttonClass } from '../kit/Button';
import { MeasuredBeside } from './MeasuredBeside';
import { useChosen } from '../kit/use-chosen';
import { mayHere } from '../kit/role-here';
import { DeleteChosen } from '../bin/DeleteChosen';
import { Tick } from '../bin/Tick';
import { PageTitle } from '../shell/PageTitle';

/** Charts measure the page, which no server has: this one is loaded when it is asked for. */
const LogChart = lazy(() => import('./LogChart').then(({ LogChart: chart }) => ({ default: chart })));

type LogBookProps = LogView & { readonly learned?: ReactNode; readonly tables?: ReactNode };

/** Every batch: what was predicted, and what scale and eye said. Pages and wishes stand in the address. */
export function LogBook({
  entries,
  wishes,
  total,
  goesOn,
  next,
  tally,
  learned = null,
  tables = null,
  ...names
}: LogBookProps): ReactNode {
  const { wanted, wish } = useWishes(wishes);
  const { chosen, toggle, clear } = useChosen();
  const [drawn, setDrawn] = useState(false);
  return (
    <main className="mx-auto max-w-[1232px] px-6 py-5">
      <PageTitle>Log</PageTitle>
      <PageHead title="Log" says={tallyWords(tally)}>
        {tables}
      </PageHead>
      {learned}
      {tally.batches > 0 && (
        <Wishes {...{ chosen, drawn, ...names }} wishes={wanted} onWish={wish} onDrawn={() => setDrawn(!drawn)} onGone={clear} />
      )}
      {drawn && (
        <Suspense fallback={null}>
          <LogChart rows={entries} />
        </Suspense>
      )}
      <Panel label="Batches" className="overflow-x-auto">
        {entries.length === 0 ? (
          <p className="px-5 py-10 text-center text-soft">
            {tally.batches === 0
              ? 'Nothing here yet. Start a batch from Recipes; it appears here as soon as it is saved.'
              : 'No batch is like that. Take one of the limits away.'}
          </p>
        ) : (
          <Table shown={entries} chosen={chosen} onChoose={toggle} />
        )}
      </Panel>
      <Pages {...{ wishes, total, goesOn, next }} shown={entries.length} />
      <p className="pt-3 text-[14px] text-soft">
        Bold is measured, the line under it was predicted before. Water left follows from the two tray weights, since the dry part
        of the dough cannot leave; it is as sure as the water in the dough was.
      </p>
    </main>
  );
}

type Wished = { readonly wanted: LogWishes; readonly wish: (change: Partial<LogWishes>) => void };

/**
 * What is wished, as soon as it is wished: its page comes later. A wish stands beside those made just before, and a page of an older
 * wish that comes late takes none of them back.
 */
function useWishes(wishes: LogWishes): Wished {
  const router = useRouter();
  const [wanted, setWanted] = useOptimistic(wishes);
  const latest = useRef(wanted);
  useEffect(() => void (latest.current = wanted), [wanted]);
  const wish = (change: Partial<LogWishes>): void => {
    const all = { ...latest.current, ...change };
    latest.current = all;
    startTransition(() => {
      setWanted(all);
      router.replace(addressOf(all), { scroll: false });
    });
  };
  return { wanted, wish };
}

/** The log's address with these wishes, from a place on. */
function addressOf({ words, recipe, oven, state }: LogWishes, after: string | null = null): string {
  const asked = { words, recipe, oven, state: state === 'all' ? '' : state, after: after ?? '' };
  const said = new URLSearchParams(Object.entries(asked).filter(([, value]) => value !== ''));
  return said.size > 0 ? `/log?${said.toString()}` : '/log';
}

type PagesProps = Pick<LogView, 'wishes' | 'total' | 'goesOn' | 'next'> & { readonly shown: number };

/** How many there are, and the way to those that are not on this page. */
function Pages({ wishes, total, goesOn, next, shown }: PagesProps): ReactNode {
  if (!goesOn && next === null) return null;
  return (
    <p className="flex flex-wrap items-center gap-3 pt-3 text-[15px]">
      <span className="text-soft">
        {shown} of {counted(total, 'batch', 'batches')} on this page
      </span>
      {goesOn && (
        <Link className={buttonClass('small')} href={addressOf(wishes)}>
          To the newest
        </Link>
      )}
      {next !== null && (
        <Link className={buttonClass('small')} href={addressOf(wishes, next)}>
          Earlier ones
        </Link>
      )}
    </p>
  );
}

const STATES = [
  { value: 'all', name: 'all batches' },
  { value: 'planned', name: 'planned ones' },
  { value: 'baked', name: 'baked ones' },
  { value: 'outside', name: 'those outside their band' },
] as const;

type WishesProps = Pick<LogView, 'wishes' | 'recipes' | 'ovens'> & {
  readonly onWish: (change: Partial<LogWishes>) => void;
  readonly chosen: readonly string[];
  readonly drawn: boolean;
  readonly onDrawn: () => void;
  readonly onGone: () => void;
};

/** Which batches are shown, and what is done with those that are ticked. */
function Wishes({ wishes, recipes, ovens, onWish, chosen, drawn, onDrawn, onGone }: WishesProps): ReactNode {
  const named = (names: readonly string[], all: string): Array<{ value: string; name: string }> => [
    { value: '', name: all },
    ...names.map((name) => ({ value: name, name })),
  ];
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-2 pb-3 text-[15px] print:hidden">
      <SearchField
        label="Search the log"
        placeholder="name, note, dog …"
        value={wishes.words}
        onSearch={(words) => onWish({ words })}
      />
      <Choice label="Shown" shown={false} value={wishes.state} options={STATES} onChange={(state) => onWish({ state })} />
      <Choice
        label="Of recipe"
        shown={false}
        value={wishes.recipe}
        options={named(recipes, 'any recipe')}
        onChange={(recipe) => onWish({ recipe })}
      />
      <Choice
        label="In oven"
        shown={false}
        value={wishes.oven}
        options={named(ovens, 'any oven')}
        onChange={(oven) => onWish({ oven })}
      />
      <span className="flex-1" />
      <button type="button" aria-pressed={drawn} className={buttonClass('small')} onClick={onDrawn}>
        {drawn ? 'Hide the chart' : 'Draw predicted against measured'}
      </button>
      <DeleteChosen kind="batch" chosen={chosen} onGone={onGone} />
      {chosen.length >= 2 ? (
        <Link className={buttonClass('main')} href={`/log/compare?${chosen.map((id) => `batch=${id}`).join('&')}`}>
          Compare {chosen.length}
        </Link>
      ) : (
        <span className="text-soft">{mayHere('baker') ? 'tick to delete, two to compare' : 'tick two to compare'}</span>
      )}
    </div>
  );
}

/** Points by which the kitchen differs from the forecasts before it is worth a word [% of raw mass]. */
const WORTH_A_WORD = 0.3;

/**
 * The one tally: how many forecasts that were made before baking came true, by what was measured, beside what their bands promise; and
 * whether this kitchen dries more or less than predicted. Nothing where nothing was weighed.
 */
function tallyWords({ weighed, inside, counted, pieces_inside, shift_pct: shift }: LogView['tally']): string | undefined {
  const told = [weighed > 0 && `weight lost ${inside} of ${weighed}`, counted > 0 && `pieces ${pieces_inside} of ${counted}`];
  const lines = told.filter((line) => line !== false);
  if (lines.length === 0) return undefined;
  const shifted =
    shift === null || Math.abs(shift) < WORTH_A_WORD
      ? ''
      : `. On average batches lost ${Math.abs(shift).toFixed(1)} points ${shift < 0 ? 'less' : 'more'} water than the likely value`;
  return `Forecasts inside their band, which promises 8 of 10: ${lines.join(', ')}${shifted}.`;
}

const Only = ({ value }: { readonly value: string }): ReactNode => (
  <span className="text-soft">
    {value} <span className="block text-[14px] print:inline print:text-[8.5pt]">predicted</span>
  </span>
);

type RowProps = { readonly entry: LogEntryView; readonly chosen: boolean; readonly onChoose: () => void };

/** One batch: what was predicted, and what was measured where something was. */
function Row({ entry, chosen, onChoose }: RowProps): ReactNode {
  const { id, name, recipe, oven, baked_on, changed_at, forecast, comparison } = entry;
  return (
    <tr className="border-t border-hair align-top [&>td]:px-4 max-lg:[&>td]:px-2 [&>td]:py-2.5 max-sm:mx-4 print:text-[10pt] print:[&>td]:py-1 print:[&>td]:pl-0">
      <td className="print:hidden">
        <Tick forAll name={name} checked={chosen} onChange={onChoose} />
      </td>
      <td className="max-sm:min-w-0 max-sm:flex-1 max-sm:basis-3/4">
        <Link href={`/batch/${id}`} className="font-display text-[17px] font-semibold hover:underline print:text-[11pt]">
          {name}
        </Link>
        <p className="text-[14px] text-soft print:text-[8.5pt]">
          {baked_on ? `baked ${day(baked_on)}` : `planned · changed ${day(changed_at)}`}
          {recipe && recipe !== name && ` · ${recipe}`}
          {oven && ` · ${oven}`}
        </p>
      </td>
      <td data-head="pieces">
        <Value of={comparison?.pieces} unit="" digits={0} forecast={String(forecast.pieces)} />
      </td>
      <td data-head="lost">
        <Value of={comparison?.loss_pct} unit=" %" digits={1} forecast={`${forecast.mass_loss_pct.toFixed(1)} %`} />
      </td>
      <td data-head="water left">
        <Value of={comparison?.moisture_pct} unit=" %" digits={1} forecast={`${forecast.moisture_pct.toFixed(1)} %`} />
      </td>
      <td data-head="texture">
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
      <td className="text-right print:hidden">
        <Link
          href={`/log/${id}`}
          className="rounded-full border-[1.4px] border-hair bg-enamel px-3 py-0.5 text-[14px] font-semibold lg:whitespace-nowrap hover:border-rim"
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
  readonly onChoose: (id: string) => void;
};

function Table({ shown, chosen, onChoose }: TableProps): ReactNode {
  return (
    <table className="stacked w-full border-collapse">
      <thead>
        <tr className="text-left text-[14px] text-soft [&>th]:px-4 max-lg:[&>th]:px-2 [&>th]:py-2 [&>th]:font-normal print:[&>th]:pl-0">
          <th className="print:hidden">
            <span className="sr-only">Compare</span>
          </th>
          <th>Batch</th>
          <th>Pieces</th>
          <th>Lost in the heat</th>
          <th>Water left</th>
          <th>Texture</th>
          <th className="print:hidden">
            <span className="sr-only">Open</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {shown.map((entry) => (
          <Row key={entry.id} entry={entry} chosen={chosen.includes(entry.id)} onChoose={() => onChoose(entry.id)} />
        ))}
      </tbody>
    </table>
  );
}
