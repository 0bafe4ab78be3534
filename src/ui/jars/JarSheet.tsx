'use client';
import { counted } from '@/core/quantities';
import type { JarView } from '@/contract/jars';
import { Link } from '../kit/Link';
import { useState, type ReactNode } from 'react';
import type { Keeps } from '@/core/prediction';
import { day, temperature, mass } from '../format/units';
import { money } from '../format/money';
import { ENDS, PACK_NAMES, STORE_NAMES } from '../format/words';
import { Button } from '../kit/Button';
import { Choice } from '../kit/Choice';
import { Needs } from '../kit/Needs';
import { NumberField } from '../kit/NumberField';
import { OptionalNumber } from '../kit/OptionalNumber';
import { Panel } from '../kit/Panel';
import { untilWords } from './jar-view';
import { ThrowAway } from '../bin/ThrowAway';

type JarSheetProps = {
  readonly jar: JarView;
  readonly today: string;
  readonly currency: string;
  readonly onWork: (work: object) => void;
};

const PACK_OPTIONS = (Object.keys(PACK_NAMES) as Array<Keeps['option']>).map((value) => ({
  value,
  name: PACK_NAMES[value].toLowerCase(),
}));
const PLACES = (Object.keys(STORE_NAMES) as Array<Keeps['store']>).map((value) => ({ value, name: STORE_NAMES[value] }));
const ACT_WORDS: Record<string, string> = {
  packed: 'packed',
  opened: 'opened',
  eaten: 'taken',
  given: 'given away',
  sold: 'sold',
  repacked: 'repacked',
  recrisped: 'made crisp again',
  moved: 'moved',
  discarded: 'discarded',
};
const WHY_DISCARDED = ['past its day', 'mould', 'gone soft', 'smells off', 'broken', 'dog will not have it'];

/** One pack: what is in it, until when, and what can be done with it. */
export function JarSheet({ jar, today, currency, onWork }: JarSheetProps): ReactNode {
  const [pieces, setPieces] = useState(Math.min(10, jar.left_over));
  const [price, setPrice] = useState<number | null>(null);
  const [note, setNote] = useState('');
  const take = (act: 'eat' | 'give' | 'sell'): void => onWork({ do: act, pieces, note, ...(act === 'sell' ? { price } : {}) });
  return (
    <Panel label="The chosen pack" className="flex flex-col gap-3 px-5 py-4 text-[15px]">
      <JarHead jar={jar} today={today} />
      <Needs role="helper" told="packs are opened, taken from and moved by">
        <div className="flex flex-wrap items-center gap-2">
          <NumberField label="pieces" value={pieces} min={1} max={jar.left_over} width="w-12" onChange={setPieces} />
          <Button look="small" onClick={() => setPieces(jar.left_over)}>
            all
          </Button>
          <span className="text-soft">for</span>
          <OptionalNumber
            label="Price of what is sold"
            unit={currency}
            value={price}
            placeholder="?"
            max={100_000}
            onChange={setPrice}
          />
        </div>
        <label className="flex items-center gap-2">
          <span className="text-soft">note</span>
          <input
            value={note}
            maxLength={300}
            onChange={({ target }) => setNote(target.value)}
            className="w-full rounded-[10px] border-[1.4px] border-rim/55 bg-face px-2 py-0.5"
          />
        </label>
        <p className="flex flex-wrap gap-2">
          <Button onClick={() => take('eat')}>Take</Button>
          <Button onClick={() => take('give')}>Give away</Button>
          <Button onClick={() => take('sell')}>Sell</Button>
          {!jar.opened && <Button onClick={() => onWork({ do: 'open', note })}>Open it</Button>}
        </p>
        <MoveOn jar={jar} note={note} onWork={onWork} />
        <Discard jar={jar} note={note} onWork={onWork} />
      </Needs>
      <History jar={jar} currency={currency} />
      <p className="flex flex-wrap items-center gap-2 text-[14px] text-soft">
        Entered by mistake?
        <ThrowAway look="small" words="Delete this pack" things={[{ kind: 'jar', id: jar.id }]} />
      </p>
    </Panel>
  );
}

const moveWord = (jar: JarView, option: JarView['option'], store: JarView['store']): string =>
  option !== jar.option ? 'Repack' : store === 'freezer' ? 'Freeze' : jar.store === 'freezer' ? 'Thaw' : 'Move';

type JarHeadProps = { readonly jar: JarView; readonly today: string };

function JarHead({ jar, today }: JarHeadProps): ReactNode {
  const limit = ENDS[jar.limit as Keeps['limit']] ?? '';
  return (
    <header>
      <h2 className="text-[20px]">{jar.name}</h2>
      <p className="text-soft">
        {PACK_NAMES[jar.option]} {STORE_NAMES[jar.store]}, lot {jar.lot}, packed {day(jar.packed_on)}
        {jar.thawed && ', thawed once'}
      </p>
      <p className="pt-1">
        <strong>{jar.left_over}</strong> of {counted(jar.pieces, 'piece')}, {mass(jar.left_over * jar.piece_g)}. Surely good until{' '}
        <strong>{day(jar.use_by)}</strong>, likely until {day(jar.likely_until)}, {limit}: {untilWords(jar, today)}.
      </p>
      {jar.batch_id && (
        <Link className="underline" href={`/log/${jar.batch_id}`}>
          Its batch in the log
        </Link>
      )}
    </header>
  );
}

type MoveOnProps = { readonly jar: JarView; readonly note: string; readonly onWork: JarSheetProps['onWork'] };

/** Into another pack or place, or made crisp again. */
function MoveOn({ jar, note, onWork }: MoveOnProps): ReactNode {
  const [option, setOption] = useState(jar.option);
  const [store, setStore] = useState(jar.store);
  return (
    <div className="flex flex-wrap items-center gap-2 border-t border-hair pt-3">
      <Choice label="Into" value={option} options={PACK_OPTIONS} onChange={setOption} />
      <Choice label="Place" shown={false} value={store} options={PLACES} onChange={setStore} />
      <Button
        look="small"
        disabled={option === jar.option && store === jar.store}
        onClick={() => onWork({ do: 'move', option, store, note })}
      >
        {moveWord(jar, option, store)}
      </Button>
      {jar.limit === 'softening' && (
        <Button
          look="small"
          onClick={() => onWork({ do: 'recrisp', note })}
          title={`10 to 15 minutes at ${temperature(120)}, fan ${temperature(110)}; its date stays`}
        >
          Made crisp again
        </Button>
      )}
    </div>
  );
}

type DiscardProps = { readonly jar: JarView; readonly note: string; readonly onWork: JarSheetProps['onWork'] };

function Discard({ jar, note, onWork }: DiscardProps): ReactNode {
  const [why, setWhy] = useState(WHY_DISCARDED[0]);
  return (
    <div className="flex flex-wrap items-center gap-2 border-t border-hair pt-3">
      <Choice
        label="Because it is"
        value={why}
        options={WHY_DISCARDED.map((value) => ({ value, name: value }))}
        onChange={setWhy}
      />
      <Button
        look="small"
        onClick={() => onWork({ do: 'discard', pieces: jar.left_over, note: note === '' ? why : `${why}: ${note}` })}
      >
        Discard all of it
      </Button>
    </div>
  );
}

type HistoryProps = { readonly jar: JarView; readonly currency: string };

function History({ jar, currency }: HistoryProps): ReactNode {
  return (
    <>
      {jar.history.length > 0 && (
        <ol className="border-t border-hair pt-2 text-[14px]" aria-label="What was done">
          {jar.history.map(({ on, act, pieces: count, price: paid, note: said }, i) => (
            <li key={i}>
              <span className="text-soft">{day(on)}</span> {ACT_WORDS[act] ?? act}
              {count !== null && ` ${count}`}
              {paid !== null && ` for ${money(paid, currency)}`}
              {said && <span className="text-soft">, {said}</span>}
            </li>
          ))}
        </ol>
      )}
    </>
  );
}
