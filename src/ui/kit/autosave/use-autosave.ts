'use client';
import { useEffect, useRef, useState } from 'react';
import type { Version } from '@/contract/version';
import { browserShelf } from './browser-shelf';
import { Saver, type Merge, type SavingState, type Send } from './saver';

export type Saving = {
  readonly state: SavingState;
  /** What is shown was changed in another window and taken over from there. */
  readonly elsewhere: boolean;
  readonly saveNow: () => void;
  readonly keepMine: () => void;
  readonly takeTheirs: () => void;
};

/** What is saved, where, and how the page is told of another version. */
export type Autosaved<T> = {
  /** Names the thing among all that wait in this browser, such as `batch:3f2`. */
  readonly key: string;
  readonly send: Send<T>;
  readonly first: Version<T>;
  /** As it is drawn, which may be a moment behind what was typed. */
  readonly document: T;
  /** As it stands. */
  readonly newest: () => T;
  /** Starts over from another one: kept changes of an earlier visit, or what someone else saved. */
  readonly begin: (document: T) => void;
  readonly merge?: Merge<T>;
  readonly rest_ms?: number;
};

/** Saves what a page shows as it changes; everything that saves by itself does it by this. */
export function useAutosave<T>({ key, send, first, document, newest, begin, merge, rest_ms }: Autosaved<T>): Saving {
  const [state, setState] = useState<SavingState>({ kind: 'saved', at: first.saved_at });
  const [elsewhere, setElsewhere] = useState(false);
  const saver = useRef<Saver<T> | null>(null);
  useEffect(() => {
    const windows = new BroadcastChannel(`upbeat-oven:${key}`);
    const made = new Saver<T>({
      key,
      first,
      shelf: browserShelf(),
      send,
      tell: setState,
      announce: (saved) => windows.postMessage(saved),
      adopt: begin,
      ...(merge === undefined ? {} : { merge }),
      ...(rest_ms === undefined ? {} : { rest_ms }),
    });
    saver.current = made;
    windows.onmessage = ({ data }: MessageEvent<Version<T>>) => {
      const theirs = made.heard(data);
      if (theirs === null) return;
      setElsewhere(true);
      begin(theirs);
    };
    const warn = (event: BeforeUnloadEvent): void => {
      made.leave();
      if (made.atRisk) event.preventDefault();
    };
    window.addEventListener('beforeunload', warn);
    const leave = (): void => made.leave();
    window.addEventListener('pagehide', leave);
    window.document.addEventListener('visibilitychange', leave);
    const kept = made.keptChanges();
    if (kept !== null) begin(kept);
    return () => {
      window.removeEventListener('beforeunload', warn);
      window.removeEventListener('pagehide', leave);
      window.document.removeEventListener('visibilitychange', leave);
      // The channel stays until what is sent now was announced.
      void made.close().finally(() => windows.close());
    };
    // One saver for the life of the page: everything but the key matters only on arrival.
    // oxlint-disable-next-line react/exhaustive-deps
  }, [key]);
  useEffect(() => saver.current?.change(document), [document]);
  return {
    state,
    elsewhere,
    saveNow: () => saver.current?.saveAtOnce(newest()),
    keepMine: () => saver.current?.keepMine(),
    takeTheirs: () => {
      const theirs = saver.current?.takeTheirs() ?? null;
      if (theirs !== null) begin(theirs);
    },
  };
}
