'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { BatchDocument } from '@/core/batch';

export type Version = { readonly revision: number; readonly document: BatchDocument; readonly saved_at: string };

export type SavingState =
  | { readonly kind: 'saved'; readonly at: string }
  | { readonly kind: 'waiting' | 'saving' }
  /** Kept in this browser; the sentence says why it could not be saved. */
  | { readonly kind: 'kept'; readonly why: string }
  /** Someone else saved in between. */
  | { readonly kind: 'stale'; readonly theirs: Version };

/** Saves once the hand has rested this long [ms]; tries again after this long when it failed. */
const REST_MS = 1200;
const RETRY_MS = 5000;
const OFFLINE = 'There is no connection to the oven. Your changes are kept in this browser and saved when it is back.';

const keyOf = (id: string): string => `upbeat-oven:batch:${id}`;
type Kept = { readonly revision: number; readonly document: BatchDocument };

/** Changes that an earlier visit could not save, if they still fit the saved revision. */
export function keptChanges(id: string): Kept | null {
  try {
    return JSON.parse(localStorage.getItem(keyOf(id)) ?? 'null') as Kept | null;
  } catch {
    return null;
  }
}

type Answer = {
  readonly revision?: number;
  readonly saved_at?: string;
  readonly error?: { readonly message: string };
  readonly current?: Version;
};

/** Saves a batch by itself after every change, keeps it in the browser until that worked, and tells about conflicts. */
export function useSaving(
  id: string,
  document: BatchDocument,
  first: Version,
): { state: SavingState; saveNow: () => void; takeTheirs: () => Version | null; keepMine: () => void } {
  const [state, setState] = useState<SavingState>({ kind: 'saved', at: first.saved_at });
  const revision = useRef(first.revision);
  const saved = useRef<BatchDocument>(first.document);
  const newest = useRef(document);
  const busy = useRef(false);
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  const conflict = useRef<Version | null>(null);

  const save = useCallback(async (): Promise<void> => {
    clearTimeout(timer.current);
    if (busy.current || conflict.current || newest.current === saved.current) return;
    const sent = newest.current;
    busy.current = true;
    setState({ kind: 'saving' });
    const outcome = await send(id, revision.current, sent);
    busy.current = false;
    if ('theirs' in outcome) {
      conflict.current = outcome.theirs;
      setState({ kind: 'stale', theirs: outcome.theirs });
    } else if ('why' in outcome) {
      setState({ kind: 'kept', why: outcome.why });
      if (outcome.again) timer.current = setTimeout(() => void save(), RETRY_MS);
    } else {
      revision.current = outcome.revision;
      saved.current = sent;
      if (newest.current === sent) {
        localStorage.removeItem(keyOf(id));
        setState({ kind: 'saved', at: outcome.saved_at });
      } else timer.current = setTimeout(() => void save(), REST_MS);
    }
  }, [id]);

  useEffect(() => {
    newest.current = document;
    if (document === saved.current || conflict.current) return;
    localStorage.setItem(keyOf(id), JSON.stringify({ revision: revision.current, document } satisfies Kept));
    setState((now) => (now.kind === 'saving' ? now : { kind: 'waiting' }));
    clearTimeout(timer.current);
    timer.current = setTimeout(() => void save(), REST_MS);
  }, [document, id, save]);
  useEffect(() => () => clearTimeout(timer.current), []);

  return {
    state,
    saveNow: useCallback(() => void save(), [save]),
    takeTheirs: useCallback(() => {
      const theirs = conflict.current;
      if (!theirs) return null;
      conflict.current = null;
      revision.current = theirs.revision;
      saved.current = theirs.document;
      localStorage.removeItem(keyOf(id));
      setState({ kind: 'saved', at: theirs.saved_at });
      return theirs;
    }, [id]),
    keepMine: useCallback(() => {
      if (!conflict.current) return;
      revision.current = conflict.current.revision;
      conflict.current = null;
      void save();
    }, [save]),
  };
}

type Outcome =
  | { readonly revision: number; readonly saved_at: string }
  | { readonly why: string; readonly again: boolean }
  | { readonly theirs: Version };

async function send(id: string, revision: number, document: BatchDocument): Promise<Outcome> {
  try {
    const response = await fetch(`/api/batches/${id}`, {
      method: 'PATCH',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ revision, document }),
    });
    const answer = (await response.json()) as Answer;
    if (response.status === 409 && answer.current) return { theirs: answer.current };
    if (response.ok && answer.revision !== undefined) return { revision: answer.revision, saved_at: answer.saved_at ?? '' };
    // What the server refuses as it stands will not get better by asking again.
    return { why: answer.error?.message ?? OFFLINE, again: response.status >= 500 };
  } catch {
    return { why: OFFLINE, again: true };
  }
}
