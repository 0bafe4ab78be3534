'use client';
import { useCallback, useEffect, useRef, useState, useSyncExternalStore } from 'react';
import type { BatchDocument } from '@/core/batch';
import { Predictor } from '@/workers/predictor';
import type { KitchenGoods, TriedSwap } from '@/workers/protocol';
import { BatchStore, type BatchSnapshot } from './batch-store';

export type Edits = Pick<BatchStore, 'set' | 'change' | 'undo' | 'redo' | 'begin'>;

/** Tries every swap of an ingredient line of a document. */
export type TrySwaps = (document: BatchDocument, line: number) => Promise<readonly TriedSwap[]>;

/** A batch being edited, predicted on every change in workers of this page. */
export function useBatch(
  first: BatchDocument,
  kitchen: KitchenGoods,
): BatchSnapshot & { readonly edits: Edits; readonly trySwaps: TrySwaps } {
  const predictor = useRef<Predictor | null>(null);
  const [store] = useState(() => new BatchStore(first, () => performance.now()));
  useEffect(() => {
    store.connect((answers) => (predictor.current = new Predictor(kitchen, answers)));
    return () => store.disconnect();
  }, [store, kitchen]);
  const trySwaps = useCallback<TrySwaps>((document, line) => predictor.current?.swaps(document, line) ?? Promise.resolve([]), []);
  const snapshot = useSyncExternalStore(store.subscribe, store.getSnapshot, store.getSnapshot);
  return { ...snapshot, edits: store, trySwaps };
}
