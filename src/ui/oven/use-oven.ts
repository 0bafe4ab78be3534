'use client';
import type { OvenView } from '@/contract/oven';
import { useCallback, useEffect, useMemo, useRef, useState, type RefObject } from 'react';
import { call } from '../kit/api';
import { listenToOven } from '../kit/oven-stream';
import { keepSeen, newerSeen } from './last-seen';
import { Outbox, type Waiting } from './outbox';
import { withWaiting } from './with-waiting';

/** How long the page waits for more changes before it asks [ms]. */
const GATHER_MS = 60;
const TICK_MS = 250;
/** What waits is tried again so often, if the line does not tell by itself that it is back [ms]. */
const RETRY_MS = 5000;

export type OvenState = {
  readonly oven: OvenView;
  /** Now on the oven's clock [ms since 1970]; null until the page runs. */
  readonly now: number | null;
  readonly isConnected: boolean;
  /** Answers and readings that the kitchen has not heard of, while there is no line to it. */
  readonly waiting: number;
  readonly trouble: string | null;
  /** Sends an answer or a reading, then looks again; true when it was taken, or waits here for the line. */
  readonly send: (address: string, body: unknown) => Promise<boolean>;
};

const kitchenHere = (): string => document.documentElement.dataset.kitchen ?? '';
function storeHere(): Storage | null {
  try {
    return window.localStorage;
  } catch {
    return null; // shut by the browser's settings
  }
}

/** Everything at the oven as it changes, whoever changes it; its clock goes on when the line is cut, and answers wait for it. */
export function useOven(first: OvenView): OvenState {
  const [oven, setOven] = useState(first);
  const [isConnected, setConnected] = useState(true);
  const [waiting, setWaiting] = useState<readonly Waiting[]>([]);
  const [trouble, setTrouble] = useState<string | null>(null);
  // This device's clock may be off, and may be put right meanwhile; the oven's counts, and what runs evenly since it was told.
  const offset = useRef<number | null>(null);
  const outbox = useRef<Outbox | null>(null);
  // What is sent, and how often something was: a look that began before shows an oven that is no more.
  const sends = useRef({ going: false, times: 0 });
  const look = useCallback(async (): Promise<void> => {
    const { times } = sends.current;
    const seen = await call<OvenView>('/api/oven');
    if (!seen.ok || sends.current.going || sends.current.times !== times) return;
    offset.current = Date.parse(seen.value.now) - performance.now();
    keepSeen(kitchenHere(), seen.value);
    setOven(seen.value);
    // What was heard of is in what was seen: both change in one drawing, so that no call comes up again in between.
    setWaiting(outbox.current?.all() ?? []);
  }, []);
  const flush = useCallback(async (): Promise<boolean> => {
    if (!outbox.current) return false;
    sends.current = { going: true, times: sends.current.times + 1 };
    const { times } = sends.current;
    let sent = await outbox.current.send();
    // One that was given as the last was on its way back.
    while (!sent.waits && outbox.current.all().length > 0) sent = await outbox.current.send();
    // Another that began meanwhile waits for the same, and looks at its end.
    if (sends.current.times === times) sends.current.going = false;
    setTrouble(sent.wrong);
    setConnected((connected) => connected && !sent.waits);
    if (!sent.waits) await look();
    return sent.wrong === null;
  }, [look]);
  useEffect(() => {
    outbox.current = new Outbox(`upbeat-oven:outbox:${kitchenHere()}`, storeHere());
    setWaiting(outbox.current.all());
    const seen = newerSeen(kitchenHere(), first);
    // A page that the browser kept tells an old time; this device knows how long ago it saw the oven.
    const then = seen ? Date.parse(seen.view.now) + Date.now() - seen.at_ms : Date.parse(first.now);
    offset.current ??= then - performance.now();
    if (seen) setOven(seen.view);
    else keepSeen(kitchenHere(), first);
    const timer = setInterval(() => {
      if (outbox.current && outbox.current.all().length > 0) void flush();
    }, RETRY_MS);
    return () => clearInterval(timer);
  }, [first, flush]);
  useChanges(look, flush, setConnected);
  const now = useClock(offset);
  const send = useCallback(
    (address: string, body: unknown): Promise<boolean> => {
      outbox.current?.add({ address, body, oven_ms: performance.now() + (offset.current ?? 0) });
      setWaiting((shown) => alsoWaiting(shown, outbox.current?.all() ?? []));
      return flush();
    },
    [flush],
  );
  const shown = useMemo(() => withWaiting(oven, waiting), [oven, waiting]);
  return { oven: shown, now, isConnected, waiting: isConnected ? 0 : waiting.length, trouble, send };
}

/** With what was added since. What was heard of but not seen yet stays as well: its call would come up again until it is. */
const alsoWaiting = (shown: readonly Waiting[], all: readonly Waiting[]): readonly Waiting[] => [
  ...shown,
  ...all.filter(({ key }) => shown.every((one) => one.key !== key)),
];

/** Now on the oven's clock, which is so far from what runs evenly on this device [ms since 1970]; null until that is known. */
function useClock(offset: RefObject<number | null>): number | null {
  const [now, setNow] = useState<number | null>(null);
  useEffect(() => {
    const timer = setInterval(() => {
      if (offset.current !== null) setNow(performance.now() + offset.current);
    }, TICK_MS);
    return () => clearInterval(timer);
  }, [offset]);
  return now;
}

/** Looks again whenever something changed, and when the line or the page comes back. */
function useChanges(look: () => Promise<void>, flush: () => Promise<boolean>, setConnected: (is: boolean) => void): void {
  useEffect(() => {
    let waits: ReturnType<typeof setTimeout> | undefined;
    const soon = (work: () => Promise<unknown> = look): void => {
      clearTimeout(waits);
      waits = setTimeout(() => void work(), GATHER_MS);
    };
    const back = (): void => {
      setConnected(true);
      soon(flush);
    };
    const stop = listenToOven({ onChanged: () => soon(), onOpen: back, onLost: () => setConnected(false) });
    // A phone that slept has missed whatever happened.
    const awake = (): void => {
      if (document.visibilityState === 'visible') soon(flush);
    };
    const lost = (): void => setConnected(false);
    document.addEventListener('visibilitychange', awake);
    window.addEventListener('online', awake);
    window.addEventListener('offline', lost);
    return () => {
      clearTimeout(waits);
      stop();
      document.removeEventListener('visibilitychange', awake);
      window.removeEventListener('online', awake);
      window.removeEventListener('offline', lost);
    };
  }, [look, flush, setConnected]);
}
