'use client';
import type { BatchVersion } from '@/contract/batch';
import { useEffect, useRef, useState } from 'react';
import type { BatchDocument } from '@/core/document';
import type { Edits } from './use-batch';
import { Saver, type SavingState } from './saver';
import { sendBatch } from './send-batch';

export type Saving = {
  readonly state: SavingState;
  /** What is shown was changed in another window and taken over from there. */
  readonly elsewhere: boolean;
  readonly saveNow: () => void;
  readonly keepMine: () => void;
  readonly takeTheirs: () => void;
};

/**
 * Saves the document of a page as it changes.
 *
 * @param document - as it is drawn, which may be a moment behind what was typed
 * @param edits - the document as it stands, and starting over from another one: kept changes of an earlier visit, or what
 *   someone else saved
 */
export function useSaving(
  id: string,
  document: BatchDocument,
  first: BatchVersion,
  edits: Pick<Edits, 'begin' | 'newest'>,
): Saving {
  const { begin, newest } = edits;
  const [state, setState] = useState<SavingState>({ kind: 'saved', at: first.saved_at });
  const [elsewhere, setElsewhere] = useState(false);
  const saver = useRef<Saver | null>(null);
  useEffect(() => {
    const windows = new BroadcastChannel(`upbeat-oven:batch:${id}`);
    const made = new Saver(id, first, localStorage, sendBatch, setState, (saved) => windows.postMessage(saved));
    saver.current = made;
    windows.onmessage = ({ data }: MessageEvent<BatchVersion>) => {
      const theirs = made.heard(data);
      if (!theirs) return;
      setElsewhere(true);
      begin(theirs);
    };
    return () => {
      windows.close();
      made.close();
    };
    // One saver for the life of the page: `first` and `begin` matter only on arrival.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [id]);
  useEffect(() => {
    const kept = saver.current?.keptChanges();
    if (kept) begin(kept);
  }, [begin]);
  useEffect(() => saver.current?.change(document), [document]);
  return {
    state,
    elsewhere,
    saveNow: () => saver.current?.saveAtOnce(newest()),
    keepMine: () => saver.current?.keepMine(),
    takeTheirs: () => {
      const theirs = saver.current?.takeTheirs();
      if (theirs) begin(theirs);
    },
  };
}
