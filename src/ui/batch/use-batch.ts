'use client';
import { useEffect, useState, useSyncExternalStore } from 'react';
import type { BatchDocument } from '@/core/batch';
import type { Ingredient } from '@/core/pantry';
import { Predictor } from '@/workers/predictor';
import { BatchStore, type BatchSnapshot } from './batch-store';

export type Edits = Pick<BatchStore, 'set' | 'change' | 'undo' | 'redo' | 'begin'>;

/** A batch being edited, predicted on every change in workers of this page. */
export function useBatch(first: BatchDocument, pantry: readonly Ingredient[]): BatchSnapshot & { readonly edits: Edits } {
  const [store] = useState(() => new BatchStore(first, () => performance.now()));
  useEffect(() => {
    store.connect((answers) => new Predictor(pantry, answers));
    return () => store.disconnect();
  }, [store, pantry]);
  const snapshot = useSyncExternalStore(store.subscribe, store.getSnapshot, store.getSnapshot);
  return { ...snapshot, edits: store };
}
