'use client';
import type { OvenView } from '@/contract/oven';
import { useCallback, useEffect, useRef, useState } from 'react';
import { call, wrongWith } from '../kit/api';
import { listenToOven } from '../kit/oven-stream';

/** How long the page waits for more changes before it asks [ms]. */
const GATHER_MS = 60;
const TICK_MS = 250;

export type OvenState = {
  readonly oven: OvenView;
  /** Now on the oven's clock [ms since 1970]; null until the page runs. */
  readonly now: number | null;
  readonly isConnected: boolean;
  readonly trouble: string | null;
  /** Sends an answer or a reading, then looks again; true when it was taken. */
  readonly send: (address: string, body: unknown) => Promise<boolean>;
};

/** Everything at the oven as it changes, whoever changes it; its clock goes on when the line is cut. */
export function useOven(first: OvenView): OvenState {
  const [oven, setOven] = useState(first);
  const [now, setNow] = useState<number | null>(null);
  const [isConnected, setConnected] = useState(true);
  const [trouble, setTrouble] = useState<string | null>(null);
  const firstNow = first.now;
  // This device's clock may be off, and may be put right meanwhile; the oven's counts, and what runs evenly since it was told.
  const offset = useRef<number | null>(null);
  const look = useCallback(async (): Promise<void> => {
    const seen = await call<OvenView>('/api/oven');
    if (!seen.ok) return;
    offset.current = Date.parse(seen.value.now) - performance.now();
    setOven(seen.value);
  }, []);
  useEffect(() => {
    let waits: ReturnType<typeof setTimeout> | undefined;
    const soon = (): void => {
      clearTimeout(waits);
      waits = setTimeout(() => void look(), GATHER_MS);
    };
    const stop = listenToOven({
      onChanged: soon,
      onOpen: () => {
        setConnected(true);
        soon();
      },
      onLost: () => setConnected(false),
    });
    // A phone that slept has missed whatever happened.
    const awake = (): void => {
      if (document.visibilityState === 'visible') soon();
    };
    document.addEventListener('visibilitychange', awake);
    return () => {
      clearTimeout(waits);
      stop();
      document.removeEventListener('visibilitychange', awake);
    };
  }, [look]);
  useEffect(() => {
    const tick = (): void => {
      offset.current ??= Date.parse(firstNow) - performance.now();
      setNow(performance.now() + offset.current);
    };
    const timer = setInterval(tick, TICK_MS);
    return () => clearInterval(timer);
  }, [firstNow]);
  const send = useCallback(
    async (address: string, body: unknown): Promise<boolean> => {
      const wrong = wrongWith(await call(address, { body }));
      setTrouble(wrong);
      await look();
      return wrong === null;
    },
    [look],
  );
  return { oven, now, isConnected, trouble, send };
}
