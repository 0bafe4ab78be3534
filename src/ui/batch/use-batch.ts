'use client';
import { useCallback, useEffect, useReducer, useRef, useState } from 'react';
import type { BatchDocument, Path, Prediction } from '@/core/batch';
import type { Failure } from '@/core/failure';
import type { Ingredient } from '@/core/pantry';
import { Predictor } from '@/workers/predictor';
import type { Likely } from '@/workers/protocol';
import { begin, edit, redo, undo, type History } from './history';

type Action =
  | { readonly do: 'edit'; readonly path: Path; readonly after: unknown; readonly now_ms: number }
  | { readonly do: 'undo' }
  | { readonly do: 'redo' }
  | { readonly do: 'begin'; readonly document: BatchDocument };

function step(history: History, action: Action): History {
  switch (action.do) {
    case 'edit':
      return edit(history, action.path, action.after, action.now_ms);
    case 'undo':
      return undo(history);
    case 'redo':
      return redo(history);
    case 'begin':
      return begin(action.document);
  }
}

export type Edits = {
  readonly set: (path: Path, after: unknown) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  /** Starts over from another version. */
  readonly begin: (document: BatchDocument) => void;
};

export type BatchState = {
  readonly document: BatchDocument;
  readonly edits: Edits;
  /** The newest run that worked; while a document cannot be predicted, the one before stays in view. */
  readonly likely: Likely | null;
  /** Bands of the newest document whose bands are known. */
  readonly banded: Prediction | null;
  /** The bands belong to an older document: new ones are being drawn. */
  readonly bandIsOld: boolean;
  readonly failure: Failure | null;
};

/** A batch being edited, predicted on every change. */
export function useBatch(first: BatchDocument, pantry: readonly Ingredient[]): BatchState {
  const [history, dispatch] = useReducer(step, first, begin);
  const [likely, setLikely] = useState<Likely | null>(null);
  const [failure, setFailure] = useState<Failure | null>(null);
  const [banded, setBanded] = useState<{ document: BatchDocument; prediction: Prediction } | null>(null);
  const predictor = useRef<Predictor | null>(null);

  useEffect(() => {
    const opened = new Predictor(pantry, {
      onLikely: (_, answer) => {
        if (answer.ok) setLikely(answer.value);
        setFailure(answer.ok ? null : answer);
      },
      onBanded: (document, answer) => {
        if (answer.ok) setBanded({ document, prediction: answer.value });
      },
    });
    predictor.current = opened;
    return () => opened.close();
  }, [pantry]);

  useEffect(() => predictor.current?.ask(history.document), [history.document, pantry]);

  const set = useCallback((path: Path, after: unknown) => dispatch({ do: 'edit', path, after, now_ms: Date.now() }), []);
  const edits: Edits = {
    set,
    undo: useCallback(() => dispatch({ do: 'undo' }), []),
    redo: useCallback(() => dispatch({ do: 'redo' }), []),
    begin: useCallback((document: BatchDocument) => dispatch({ do: 'begin', document }), []),
    canUndo: history.done.length > 0,
    canRedo: history.undone.length > 0,
  };
  return {
    document: history.document,
    edits,
    likely,
    banded: banded?.prediction ?? null,
    bandIsOld: banded?.document !== history.document,
    failure,
  };
}
