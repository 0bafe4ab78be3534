'use client';
import { startTransition, useEffect, useMemo, useRef, useState } from 'react';
import type { Appliance } from '@/core/catalogue';
import type { BatchDocument, Heat, RecipeLine } from '@/core/document';
import type { Cooling, Prediction } from '@/core/prediction';
import type { FoundProgrammes } from '@/core/search';
import type { KeepGain } from '@/core/outcomes';
import type { Result } from '@/core/failure';
import { Predictor } from '@/workers/predictor';
import type { FirstLook, KitchenGoods, Nominal, TriedSwap } from '@/workers/prediction-protocol';
import { handNear } from '../kit/hand-near';
import { BatchStore, type BatchSnapshot, type SearchProgress } from './batch-store';

export type Edits = Pick<BatchStore, 'set' | 'change' | 'newest' | 'undo' | 'redo' | 'begin'>;
/** Looks at one part of the batch; `shown` is that part as it stands now. */
export type Looking = Pick<BatchStore, 'look' | 'shown'>;

/** Questions that the workers answer beside the drawing of the batch; null where they are not there yet or were stopped. */
export type Questions = {
  /** Every swap of an ingredient line. */
  readonly swaps: (document: BatchDocument, line: number) => Promise<readonly TriedSwap[]>;
  /** The gap a hand must have left for so many pieces from the first roll [mm]. */
  readonly handGap: (document: BatchDocument, cut: number) => Promise<Result<number> | null>;
  /** Programmes that meet the document's target, telling how far the search is [0..1]; null once the signal gave it up. */
  readonly programmes: (
    document: BatchDocument,
    onShare: (share: number) => void,
    signal: AbortSignal,
  ) => Promise<Result<FoundProgrammes> | null>;
  /** A bowl that is shared out, all portions together. */
  readonly whole: (document: BatchDocument) => Promise<Result<Prediction> | null>;
  /** How the finished batch cools; null for what ends frozen. */
  readonly cooling: (document: BatchDocument) => Promise<Cooling | null>;
  /** The finished treats of another batch as a line of this recipe. */
  readonly treats: (name: string, document: BatchDocument) => Promise<Result<RecipeLine> | null>;
  /** What would buy one of its packs the most days. */
  readonly gains: (document: BatchDocument, pack: number) => Promise<readonly KeepGain[]>;
  readonly heatedThrough: (document: BatchDocument, oven: Appliance) => Promise<Heat | null>;
  /** Another batch, to compare. */
  readonly other: (document: BatchDocument) => Promise<Result<Nominal> | null>;
};

/**
 * A batch being edited, predicted on every change in workers of this page.
 *
 * @param look - what the page was served with; nothing is asked for again that it tells
 * @param later - the same with its bands, where the server still draws them
 */
export function useBatch(
  first: BatchDocument,
  kitchen: KitchenGoods,
  look: FirstLook | null = null,
  later: Promise<FirstLook | null> | null = null,
): BatchSnapshot & {
  readonly edits: Edits;
  readonly looking: Looking;
  readonly questions: Questions;
  readonly search: SearchProgress;
} {
  const predictor = useRef<Predictor | null>(null);
  const [store] = useState(() => new BatchStore(first, () => performance.now(), look, later));
  useEffect(() => {
    store.connect((answers) => (predictor.current = new Predictor(kitchen, answers, (signal) => handNear(window, signal))));
    return () => store.disconnect();
  }, [store, kitchen]);
  const questions = useMemo<Questions>(
    () => ({
      swaps: (document, line) => predictor.current?.swaps(document, line) ?? Promise.resolve([]),
      handGap: (document, cut) => predictor.current?.handGap(document, cut) ?? Promise.resolve(null),
      programmes: (document, onShare, signal) =>
        predictor.current?.programmes(document, onShare, signal) ?? Promise.resolve(null),
      whole: (document) => predictor.current?.whole(document) ?? Promise.resolve(null),
      cooling: (document) => predictor.current?.cooling(document) ?? Promise.resolve(null),
      treats: (name, document) => predictor.current?.treats(name, document) ?? Promise.resolve(null),
      gains: (document, pack) => predictor.current?.gains(document, pack) ?? Promise.resolve([]),
      heatedThrough: (document, oven) => predictor.current?.heatedThrough(document, oven) ?? Promise.resolve(null),
      other: (document) => predictor.current?.other(document) ?? Promise.resolve(null),
    }),
    [],
  );
  const snapshot = useNewest(store);
  return { ...snapshot, edits: store, looking: store, questions, search: store.search };
}

/** The store's snapshot. A band or a better layout, which no hand waits for, is drawn in slices between other work. */
function useNewest(store: BatchStore): BatchSnapshot {
  const [snapshot, setSnapshot] = useState(store.getSnapshot);
  useEffect(() => {
    const take = (handWaits: boolean): void => {
      const newest = store.getSnapshot();
      if (handWaits) setSnapshot(newest);
      else startTransition(() => setSnapshot(newest));
    };
    take(true);
    return store.subscribe(take);
  }, [store]);
  return snapshot;
}
