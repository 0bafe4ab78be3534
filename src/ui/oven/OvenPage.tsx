'use client';
import type { BakeView, OvenView } from '@/contract/oven';
import { Bell, BellOff } from 'lucide-react';
import { Link } from '../kit/Link';
import { useCallback, useEffect, useState, type ReactNode } from 'react';
import { counted } from '@/core/quantities';
import { dialHere } from '../format/dial-words';
import type { Dial } from '../format/dial-words';
import { Button, buttonClass } from '../kit/Button';
import { callWords, wallClock } from './act-words';
import { BackgroundCalls } from './BackgroundCalls';
import { CallCard } from './CallCard';
import { Nothing } from './Nothing';
import { toCome } from './oven-view';
import { Readings } from './Readings';
import { useNextCall } from './use-next-call';
import { useOven } from './use-oven';
import { ownsKeys } from '../kit/owns-keys';
import { readerHere } from '../format/reader-here';
import { HelpButton } from '../help/HelpButton';
import { PageTitle } from '../shell/PageTitle';

const SHOWN_NEXT = 6;

/** At the oven: one thing at a time, as large as it gets, over all batches that are under way. */
export function OvenPage({ first }: { readonly first: OvenView }): ReactNode {
  const { oven, now, isConnected, waiting, trouble, send } = useOven(first);
  const [chosen, setChosen] = useState<string | null>(null);
  const dial = dialHere();
  const { urgent, title, chime, notice } = useNextCall(oven.bakes, now, dial);
  const shown = oven.bakes.find(({ batch, next }) => batch === chosen && next !== null) ?? urgent;
  const done = useCallback(async (): Promise<void> => {
    if (!shown || shown.next === null) return;
    if (await send(`/api/oven/${shown.batch}`, { do: 'done', position: shown.next })) setChosen(null);
  }, [shown, send]);
  useDoneKey(done);
  const ended = oven.bakes.filter(({ ended_at }) => ended_at !== null);
  return (
    <main className="fixed inset-0 z-30 overflow-y-auto bg-enamel">
      <PageTitle>{title}</PageTitle>
      <div className="mx-auto flex min-h-full max-w-[1180px] flex-col gap-4 px-5 py-4">
        <header className="flex flex-wrap items-center gap-x-3 gap-y-1 text-soft">
          <h1 className="text-[17px] text-ink">At the oven</h1>
          <p className="flex-1 text-[15px]">
            <UnderWay count={oven.bakes.length - ended.length} />
          </p>
          {now !== null && <span className="font-display text-[17px] font-semibold text-ink">{wallClock(now, now)}</span>}
          <Button
            look="small"
            aria-pressed={chime.isOn}
            onClick={chime.toggle}
            className="min-h-[34px] pointer-coarse:min-h-[44px]"
          >
            {chime.isOn ? <Bell aria-hidden size={15} /> : <BellOff aria-hidden size={15} />}
            {chime.isOn ? 'Rings' : 'Silent'}
          </Button>
          <HelpButton className="grid place-items-center rounded-full p-1.5 hover:text-ink" />
          <Link href="/day" className={`${buttonClass('small')} min-h-[34px] pointer-coarse:min-h-[44px]`}>
            Leave
          </Link>
        </header>
        {!isConnected && <NoLine waiting={waiting} />}
        {trouble && (
          <p role="alert" className="rounded-2xl border-[1.6px] border-stop bg-face px-4 py-2 text-stop">
            {trouble}
          </p>
        )}
        {shown ? (
          <div className="grid flex-1 items-start gap-5 lg:grid-cols-[minmax(0,1fr)_minmax(0,23rem)]">
            <CallCard key={shown.batch} bake={shown} now={now} dial={dial} onDone={done} send={send} />
            <div className="flex flex-col gap-4">
              <NextList bakes={oven.bakes} shown={shown} now={now ?? Date.parse(oven.now)} dial={dial} onChoose={setChosen} />
              <Readings bake={shown} now={now} send={send} />
              <BackgroundCalls bakes={oven.bakes} dial={dial} permission={notice.permission} onAsk={notice.ask} />
            </div>
          </div>
        ) : (
          <Nothing waiting={oven.waiting} send={send} />
        )}
        {ended.length > 0 && <Ended bakes={ended} send={send} />}
      </div>
    </main>
  );
}

const NoLine = ({ waiting }: { readonly waiting: number }): ReactNode => (
  <p role="status" className="rounded-2xl border border-hair bg-face px-4 py-2 text-[15px]">
    There is no connection to the kitchen; the clock goes on.{' '}
    {waiting > 0 && `${counted(waiting, 'answer')} wait${waiting === 1 ? 's' : ''} here for it.`}
  </p>
);

type NextListProps = {
  readonly bakes: readonly BakeView[];
  readonly shown: BakeView;
  readonly now: number;
  readonly dial: Dial;
  readonly onChoose: (batch: string) => void;
};

/** What comes after, over all batches; a batch whose call is next can be brought up. */
function NextList({ bakes, shown: at, now, dial, onChoose }: NextListProps): ReactNode {
  const coming = toCome(bakes).filter(({ bake, call }) => !(bake.batch === at.batch && call.position === at.next));
  if (coming.length === 0) return null;
  return (
    <section aria-label="Next">
      <h2 className="pb-1 text-[17px]">Next</h2>
      <ul className="flex flex-col">
        {coming.slice(0, SHOWN_NEXT).map(({ bake, call }) => (
          <li key={`${bake.batch} ${call.position}`}>
            <button
              type="button"
              disabled={call.position !== bake.next}
              onClick={() => onChoose(bake.batch)}
              className="grid w-full grid-cols-[5.2rem_1fr] gap-x-3 rounded-lg px-1 py-1 text-left text-[16px] enabled:hover:bg-face disabled:cursor-default"
            >
              <span className="text-soft" suppressHydrationWarning>
                {wallClock(Date.parse(call.due_at), now)}
              </span>
              <span>
                {callWords(call, dial, bake.pieces).title}
                <span className="block text-[14px] text-soft">{bake.name}</span>
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Ended({
  bakes,
  send,
}: {
  readonly bakes: readonly BakeView[];
  readonly send: (address: string, body: unknown) => Promise<boolean>;
}): ReactNode {
  return (
    <section aria-label="Done" className="flex flex-wrap items-center gap-2 text-[15px]">
      {bakes.map(({ batch, name }) => (
        <span key={batch} className="inline-flex flex-wrap items-center gap-2 rounded-2xl border border-hair bg-face px-3 py-1.5">
          <strong>{name}</strong> is packed.
          <Link className="underline" href={`/log/${batch}`}>
            Enter what came out
          </Link>
          <Button look="small" onClick={() => void send(`/api/oven/${batch}`, { do: 'undo' })}>
            Take that back
          </Button>
        </span>
      ))}
    </section>
  );
}

const UnderWay = ({ count }: { readonly count: number }): ReactNode => (
  <span className="max-sm:hidden">{count > 0 && `${count} under way`}</span>
);

/** Space and enter mean done, unless something else holds the keys. */
function useDoneKey(done: () => Promise<void>): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const held = event.target instanceof HTMLElement && event.target.matches('input, button, a');
      if (
        held ||
        ownsKeys(event.target) ||
        event.repeat ||
        readerHere().keys === 'none' ||
        (event.key !== ' ' && event.key !== 'Enter')
      )
        return;
      event.preventDefault();
      void done();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [done]);
}
