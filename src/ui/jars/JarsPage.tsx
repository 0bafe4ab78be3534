'use client';
import { counted } from '@/core/quantities';
import type { JarView, JarsView, ShelfView } from '@/contract/jars';
import { Link } from '../kit/Link';
import { useRouter } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import { mass } from '../format/units';
import { money } from '../format/money';
import { PACK_NAMES } from '../format/words';
import { DeleteChosen } from '../bin/DeleteChosen';
import { Tick } from '../bin/Tick';
import { call, wrongWith } from '../kit/api';
import { useChosen } from '../kit/use-chosen';
import { Alert } from '../kit/Alert';
import { buttonClass } from '../kit/Button';
import { PageHead } from '../kit/PageHead';
import { Panel } from '../kit/Panel';
import { SearchField } from '../kit/SearchField';
import { JarPicture } from './JarPicture';
import { JarSheet } from './JarSheet';
import { JarsPrint } from './JarsPrint';
import { StoreTimeline } from './StoreTimeline';
import { SHELVES, freshness, untilWords, type Freshness } from './jar-view';
import { PageTitle } from '../shell/PageTitle';

/** The store room: every pack on its shelf, how full it is, and what will end it first. */
export function JarsPage({
  today,
  currency,
  find,
  shelves,
  totals,
  totals_days,
  wanted = null,
}: JarsView & { readonly wanted?: ReactNode }): ReactNode {
  const jars = shelves.flatMap((shelf) => shelf.jars);
  const router = useRouter();
  const [chosen, setChosen] = useState<string | null>(null);
  const ticked = useChosen();
  const [trouble, setTrouble] = useState<string | null>(null);
  const jar = jars.find(({ id }) => id === chosen) ?? null;
  const work = async (what: object): Promise<void> => {
    if (!jar) return;
    const wrong = wrongWith(await call(`/api/jars/${jar.id}`, { method: 'POST', body: what }));
    setTrouble(wrong);
    if (wrong === null) router.refresh();
  };
  return (
    <main className="mx-auto max-w-[1232px] px-6 py-4">
      <PageTitle>Jars</PageTitle>
      <PageHead title="Jars" says={storeWords(shelves)}>
        <Totals totals={totals} days={totals_days} currency={currency} />
        <DeleteChosen kind="jar" chosen={ticked.chosen} onGone={ticked.clear} />
      </PageHead>
      <Alert className="mb-3">{trouble}</Alert>
      <JarsPrint shelves={shelves} today={today} />
      <div className="grid items-start gap-3 lg:grid-cols-[minmax(0,1fr)_22rem] print:hidden">
        <div className="flex flex-col gap-3">
          <FindPack find={find} shelves={shelves} onSearch={(typed) => router.replace(addressOf(typed, {}), { scroll: false })} />
          {shelves.map((shelf) => (
            <JarRack key={shelf.store} {...{ shelf, shelves, find, today, chosen, ticked }} onChoose={setChosen} />
          ))}
          {wanted}
          {jars.length === 0 && (
            <Panel label="Nothing here" className="px-5 py-10 text-center text-soft">
              {find === ''
                ? 'Packs come here when a batch is packed at the oven, or from its page in the log.'
                : 'No pack is called like that.'}
            </Panel>
          )}
        </div>
        {jar ? (
          <JarSheet
            key={`${jar.id} ${jar.left_over} ${jar.store} ${jar.option}`}
            jar={jar}
            today={today}
            currency={currency}
            onWork={(what) => void work(what)}
          />
        ) : (
          jars.length > 0 && <NoneChosen jars={jars} today={today} />
        )}
      </div>
    </main>
  );
}

type FindPackProps = {
  readonly find: string;
  readonly shelves: readonly ShelfView[];
  readonly onSearch: (typed: string) => void;
};

/** Asked for where there are more packs than a page shows. */
const FindPack = ({ find, shelves, onSearch }: FindPackProps): ReactNode =>
  (find !== '' || shelves.some(({ next, goesOn }) => next !== null || goesOn)) && (
    <SearchField label="Find a pack" placeholder="name or lot …" value={find} onSearch={onSearch} />
  );

/** Beside the shelves while no pack is chosen: all of them against the calendar. */
const NoneChosen = ({ jars, today }: { readonly jars: readonly JarView[]; readonly today: string }): ReactNode => (
  <div className="flex flex-col gap-2">
    <p className="px-2 text-soft">Choose a pack to open it, take from it, move it or discard it.</p>
    <StoreTimeline jars={jars} today={today} />
  </div>
);

const MARKS: Record<Freshness, { readonly text: string; readonly shape: string }> = {
  past: { text: 'text-stop', shape: '■' },
  soon: { text: 'text-mind', shape: '◆' },
  good: { text: 'text-keep', shape: '●' },
};
const BY: Record<string, string> = {
  softening: 'softens first',
  mould: 'mould first',
  microbial: 'germs set the limit',
  staling: 'goes stale first',
  rancidity: 'fat goes rancid first',
  'freezer-quality': 'fades in the freezer',
  'drying-out': 'dries out first',
  finish: 'what is on it goes off first',
};

type JarCardProps = {
  readonly jar: JarView;
  readonly today: string;
  readonly chosen: boolean;
  readonly onChoose: () => void;
};

function JarCard({ jar, today, chosen, onChoose }: JarCardProps): ReactNode {
  const { text, shape } = MARKS[freshness(jar, today)];
  return (
    <button
      type="button"
      aria-pressed={chosen}
      onClick={onChoose}
      className={`flex h-full w-full items-start gap-3 rounded-2xl border-[1.4px] bg-enamel px-3 py-2.5 text-left ${chosen ? 'border-rim' : 'border-hair hover:border-rim'}`}
    >
      <JarPicture jar={jar} />
      <span className="min-w-0 text-[14.5px] leading-snug">
        <strong className="block pr-6 text-[15.5px]">{jar.name}</strong>
        {jar.left_over} of {jar.pieces}, {PACK_NAMES[jar.option].toLowerCase()}
        {jar.opened && ', open'}
        <span className={`block ${text}`}>
          <span aria-hidden>{shape} </span>
          {untilWords(jar, today)}
        </span>
        <span className="block text-soft">{BY[jar.limit] ?? ''}</span>
        {jar.is_first && (
          <span className="mt-1 inline-block rounded-full bg-crunch-pale px-2 text-[13px] font-semibold">use this first</span>
        )}
      </span>
    </button>
  );
}

function Totals({
  totals,
  days,
  currency,
}: {
  readonly totals: JarsView['totals'];
  readonly days: number;
  readonly currency: string;
}): ReactNode {
  const of = (act: string): JarsView['totals'][number] | undefined => totals.find((one) => one.act === act);
  const words = [
    ['eaten', 'eaten'],
    ['given', 'given away'],
    ['sold', 'sold'],
    ['discarded', 'discarded'],
  ].flatMap(([act, word]) => {
    const total = of(act);
    if (!total || total.pieces === 0) return [];
    return [
      `${total.pieces} ${word}${act === 'sold' && total.price > 0 ? ` for ${money(total.price, currency)}` : act === 'discarded' ? ` (${mass(total.grams)})` : ''}`,
    ];
  });
  if (words.length === 0) return null;
  return (
    <p className="text-[14px] text-soft" data-totals>
      in {counted(days, 'day')}: {words.join(', ')}
    </p>
  );
}

type JarRackProps = {
  readonly shelf: ShelfView;
  readonly shelves: readonly ShelfView[];
  readonly find: string;
  readonly today: string;
  readonly chosen: string | null;
  readonly ticked: ReturnType<typeof useChosen>;
  readonly onChoose: (id: string) => void;
};

function JarRack({ shelf, shelves, find, today, chosen, ticked, onChoose }: JarRackProps): ReactNode {
  const { store, jars, packs, goesOn, next } = shelf;
  const name = SHELVES[store];
  // The other shelves stay where they are turned to.
  const at = (after: string | null): string =>
    addressOf(find, {
      ...Object.fromEntries(shelves.map((one) => [one.store, one.goesOn ? one.jars[0]?.id : undefined])),
      [store]: after,
    });
  return (
    <Panel label={name} className="px-4 pt-3 pb-4">
      <h2 className="flex flex-wrap items-baseline gap-x-3 pb-2 text-[17px]">
        {name}
        {jars.length < packs && (
          <span className="font-text text-[14px] font-normal text-soft">
            {jars.length} of {packs} packs
          </span>
        )}
      </h2>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(15rem,1fr))] gap-2.5">
        {jars.map((one) => (
          <li key={one.id} className="relative">
            <span className="absolute top-2.5 right-2.5 leading-none">
              <Tick
                name={`${one.name}, lot ${one.lot}`}
                checked={ticked.chosen.includes(one.id)}
                onChange={() => ticked.toggle(one.id)}
              />
            </span>
            <JarCard jar={one} today={today} chosen={one.id === chosen} onChoose={() => onChoose(one.id)} />
          </li>
        ))}
      </ul>
      {(goesOn || next !== null) && (
        <p className="flex gap-3 pt-3">
          {goesOn && (
            <Link className={buttonClass('small')} href={at(null)}>
              To the first of {name.toLowerCase().replace(/^(on|in) /, '')}
            </Link>
          )}
          {next !== null && (
            <Link className={buttonClass('small')} href={at(next)}>
              More packs {name.toLowerCase()}
            </Link>
          )}
        </p>
      )}
    </Panel>
  );
}

function addressOf(find: string, after: Readonly<Record<string, string | null | undefined>>): string {
  const asked = Object.entries({ find, ...after }).filter((one): one is [string, string] => Boolean(one[1]));
  return asked.length > 0 ? `/jars?${new URLSearchParams(asked).toString()}` : '/jars';
}

/** How much there is, and how much of it wants using. */
function storeWords(shelves: readonly ShelfView[]): string {
  const sum = (of: 'packs' | 'soon' | 'past'): number => shelves.reduce((all, shelf) => all + shelf[of], 0);
  return [
    sum('packs') === 0 ? 'nothing in the store room' : counted(sum('packs'), 'pack'),
    ...(sum('soon') > 0 ? [`${sum('soon')} to use within a week`] : []),
    ...(sum('past') > 0 ? [`${sum('past')} past their day`] : []),
  ].join(', ');
}
