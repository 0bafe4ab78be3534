'use client';
import { useCallback, useEffect, useRef, useState, useSyncExternalStore } from 'react';
import type { BatchDocument } from '@/core/batch';
import type { Result } from '@/core/failure';
import { Predictor } from '@/workers/predictor';
import type { KitchenGoods, TriedSwap } from '@/workers/protocol';
import { BatchStore, type BatchSnapshot, type SearchProgress } from './batch-store';

export type Edits = Pick<BatchStore, 'set' | 'change' | 'undo' | 'redo' | 'begin'>;

/** Tries every swap of an ingredient line of a document. */
export type TrySwaps = (document: BatchDocument, line: number) => Promise<readonly TriedSwap[]>;

/** The gap a hand must have left for so many pieces from the first roll [mm]; null before the workers are there. */
export type ReadHand = (document: BatchDocument, cut: number) => Promise<Result<number> | null>;

/** A batch being edited, predicted on every change in workers of this page. */
export function useBatch(
  first: BatchDocument,
  kitchen: KitchenGoods,
): BatchSnapshot & {
  readonly edits: Edits;
  readonly trySwaps: TrySwaps;
  readonly readHand: ReadHand;
  readonly search: SearchProgress;
} {
  const predictor = useRef<Predictor | null>(null);
  const [store] = useState(() => new BatchStore(first, () => performance.now()));
  useEffect(() => {
    store.connect((answers) => (predictor.current = new Predictor(kitchen, answers)));
    return () => store.disconnect();
  }, [store, kitchen]);
  const trySwaps = useCallback<TrySwaps>((document, line) => predictor.current?.swaps(document, line) ?? Promise.resolve([]), []);
  const readHand = useCallback<ReadHand>(
    (document, cut) => predictor.current?.gapFromCut(document, cut) ?? Promise.resolve(null),
    [],
  );
  const snapshot = useSyncExternalStore(store.subscribe, store.getSnapshot, store.getSnapshot);
  return { ...snapshot, edits: store, trySwaps, readHand, search: store.search };
}
