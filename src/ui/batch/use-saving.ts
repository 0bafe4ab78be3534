'use client';
import { useEffect, useRef, useState } from 'react';
import type { BatchDocument } from '@/core/batch';
import { Saver, type SavingState, type Version } from './saver';
import { sendBatch } from './send-batch';

export type Saving = {
  readonly state: SavingState;
  readonly saveNow: () => void;
  readonly keepMine: () => void;
  readonly takeTheirs: () => void;
};

/**
 * Saves the document of a page as it changes.
 *
 * @param begin - starts over from another document: kept changes of an earlier visit, or what someone else saved
 */
export function useSaving(id: string, document: BatchDocument, first: Version, begin: (document: BatchDocument) => void): Saving {
  const [state, setState] = useState<SavingState>({ kind: 'saved', at: first.saved_at });
  const saver = useRef<Saver | null>(null);
  useEffect(() => {
    const made = new Saver(id, first, localStorage, sendBatch, setState);
    saver.current = made;
    return () => made.close();
    // One saver for the life of the page: `first` matters only on arrival.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [id]);
  useEffect(() => {
    const kept = saver.current?.keptChanges();
    if (kept) begin(kept);
  }, [begin]);
  useEffect(() => saver.current?.change(document), [document]);
  return {
    state,
    saveNow: () => void saver.current?.saveNow(),
    keepMine: () => saver.current?.keepMine(),
    takeTheirs: () => {
      const theirs = saver.current?.takeTheirs();
      if (theirs) begin(theirs);
    },
  };
}
