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

/**
 * Questions that the workers answer beside the drawing of the batch: a failure where a worker broke, null where they were
 * stopped or the page is left.
 */
export type Questions = {
  /** Every swap of an ingredient line. */
  readonly swaps: (document: BatchDocument, line: number) => Promise<Result<readonly TriedSwap[]> | null>;
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
  /** How the finished batch cools; a value of null for what ends frozen. */
  readonly cooling: (document: BatchDocument) => Promise<Result<Cooling | null> | null>;
  /** The finished treats of another batch as a line of this recipe. */
  readonly treats: (name: string, document: BatchDocument) => Promise<Result<RecipeLine> | null>;
  /** What would buy one of its packs the most days. */
  readonly gains: (document: BatchDocument, pack: number) => Promise<Result<readonly KeepGain[]> | null>;
  /** The programme with the heat before it that raw food calls for; a value of null where nothing tried is enough. */
  readonly heatedThrough: (document: BatchDocument, oven: Appliance) => Promise<Result<Heat | null> | null>;
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
  const waiting = useRef<Array<() => void>>([]);
  useEffect(() => {
    store.connect((answers) => (predictor.current = new Predictor(kitchen, answers, (signal) => handNear(window, signal))));
    for (const come of waiting.current.splice(0)) come();
    return () => {
      predictor.current = null;
      store.disconnect();
    };
  }, [store, kitchen]);
  const questions = useMemo<Questions>(() => {
    const asked = async <T>(question: (of: Predictor) => Promise<T | null>): Promise<T | null> => {
      // A bench that is drawn together with its page asks before the page has its workers.
      if (!predictor.current) await new Promise<void>((come) => waiting.current.push(come));
      return predictor.current && question(predictor.current);
    };
    return {
      swaps: (document, line) => asked((of) => of.swaps(document, line)),
      handGap: (document, cut) => asked((of) => of.handGap(document, cut)),
      programmes: (document, onShare, signal) => asked((of) => of.programmes(document, onShare, signal)),
      whole: (document) => asked((of) => of.whole(document)),
      cooling: (document) => asked((of) => of.cooling(document)),
      treats: (name, document) => asked((of) => of.treats(name, document)),
      gains: (document, pack) => asked((of) => of.gains(document, pack)),
      heatedThrough: (document, oven) => asked((of) => of.heatedThrough(document, oven)),
      other: (document) => asked((of) => of.other(document)),
    };
  }, []);
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
