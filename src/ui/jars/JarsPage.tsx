'use client';
import { counted } from '@/core/quantities';
import type { JarView } from '@/contract/jars';
import { useRouter } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import type { Keeps } from '@/core/prediction';
import { mass, money } from '../format/units';
import { PACK_NAMES } from '../format/words';
import { call, wrongWith } from '../kit/api';
import { Alert } from '../kit/Alert';
import { PageHead } from '../kit/PageHead';
import { Panel } from '../kit/Panel';
import { JarPicture } from './JarPicture';
import { JarSheet } from './JarSheet';
import { firstOut, freshness, untilWords, type Freshness } from './jar-view';

type JarsPageProps = {
  readonly today: string;
  readonly currency: string;
  readonly jars: readonly JarView[];
  readonly totals: ReadonlyArray<{
    readonly act: string;
    readonly pieces: number;
    readonly grams: number;
    readonly price: number;
  }>;
  readonly totals_days: number;
};

const SHELVES: ReadonlyArray<readonly [store: Keeps['store'], name: string]> = [
  ['room', 'On the shelf'],
  ['fridge', 'In the fridge'],
  ['freezer', 'In the freezer'],
];

/** The store room: every pack on its shelf, how full it is, and what will end it first. */
export function JarsPage({ today, currency, jars, totals, totals_days }: JarsPageProps): ReactNode {
  const router = useRouter();
  const [chosen, setChosen] = useState<string | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const jar = jars.find(({ id }) => id === chosen) ?? null;
  const first = firstOut(jars);
  const work = async (what: object): Promise<void> => {
    if (!jar) return;
    const wrong = wrongWith(await call(`/api/jars/${jar.id}`, { method: 'POST', body: what }));
    setTrouble(wrong);
    if (wrong === null) router.refresh();
  };
  return (
    <main className="mx-auto max-w-[1232px] px-6 py-4">
      <PageHead title="Jars" says={storeWords(jars, today)}>
        <Totals totals={totals} days={totals_days} currency={currency} />
      </PageHead>
      <Alert className="mb-3">{trouble}</Alert>
      <div className="grid items-start gap-3 lg:grid-cols-[minmax(0,1fr)_22rem]">
        <div className="flex flex-col gap-3">
          {SHELVES.map(([store, name]) => (
            <JarRack
              key={store}
              name={name}
              jars={jars.filter((one) => one.store === store)}
              {...{ today, first, chosen }}
              onChoose={setChosen}
            />
          ))}
          {jars.length === 0 && (
            <Panel label="Nothing here" className="px-5 py-10 text-center text-soft">
              Packs come here when a batch is packed at the oven, or from its page in the log.
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
          jars.length > 0 && <p className="px-2 pt-2 text-soft">Choose a pack to open it, take from it, move it or discard it.</p>
        )}
      </div>
    </main>
  );
}

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
  readonly isFirst: boolean;
  readonly chosen: boolean;
  readonly onChoose: () => void;
};

function JarCard({ jar, today, isFirst, chosen, onChoose }: JarCardProps): ReactNode {
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
        <strong className="block text-[15.5px]">{jar.name}</strong>
        {jar.left_over} of {jar.pieces}, {PACK_NAMES[jar.option].toLowerCase()}
        {jar.opened && ', open'}
        <span className={`block ${text}`}>
          <span aria-hidden>{shape} </span>
          {untilWords(jar, today)}
        </span>
        <span className="block text-soft">{BY[jar.limit] ?? ''}</span>
        {isFirst && (
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
  readonly totals: JarsPageProps['totals'];
  readonly days: number;
  readonly currency: string;
}): ReactNode {
  const of = (act: string): JarsPageProps['totals'][number] | undefined => totals.find((one) => one.act === act);
  const words = [
    ['eaten', 'taken'],
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
  readonly name: string;
  readonly jars: readonly JarView[];
  readonly today: string;
  readonly first: ReadonlySet<string>;
  readonly chosen: string | null;
  readonly onChoose: (id: string) => void;
};

function JarRack({ name, jars, today, first, chosen, onChoose }: JarRackProps): ReactNode {
  if (jars.length === 0) return null;
  return (
    <Panel label={name} className="px-4 pt-3 pb-4">
      <h2 className="pb-2 text-[17px]">{name}</h2>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(15rem,1fr))] gap-2.5">
        {jars.map((one) => (
          <li key={one.id}>
            <JarCard
              jar={one}
              today={today}
              isFirst={first.has(one.id)}
              chosen={one.id === chosen}
              onChoose={() => onChoose(one.id)}
            />
          </li>
        ))}
      </ul>
    </Panel>
  );
}

/** How much there is, and how much of it wants using. */
function storeWords(jars: readonly JarView[], today: string): string {
  const count = (of: Freshness): number => jars.filter((one) => freshness(one, today) === of).length;
  return [
    jars.length === 0 ? 'nothing in the store room' : counted(jars.length, 'pack'),
    ...(count('soon') > 0 ? [`${count('soon')} to use within a week`] : []),
    ...(count('past') > 0 ? [`${count('past')} past their day`] : []),
  ].join(', ');
}
