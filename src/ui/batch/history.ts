import { applyEdit, editTo, invertEdit, mergeEdits, type BatchDocument, type Edit, type Path } from '@/core/document';

/** A document with the way back and forth. Edits are values, so undo, redo and merging of drags follow from one idea. */
export type History = {
  readonly document: BatchDocument;
  readonly done: readonly Edit[];
  readonly undone: readonly Edit[];
  /** When the last edit was made [ms]. */
  readonly edited_ms: number;
};

/** Edits of the same thing within this time are one step of undo: a drag, a number being typed [ms]. */
const ONE_MOVE_MS = 900;

export const begin = (document: BatchDocument): History => ({ document, done: [], undone: [], edited_ms: -Infinity });

export function edit(history: History, path: Path, after: unknown, now_ms: number): History {
  const made = editTo(history.document, path, after);
  const last = history.done[history.done.length - 1];
  const merged = last && now_ms - history.edited_ms < ONE_MOVE_MS ? mergeEdits(last, made) : null;
  return {
    document: applyEdit(history.document, made),
    done: merged ? [...history.done.slice(0, -1), merged] : [...history.done, made],
    undone: [],
    edited_ms: now_ms,
  };
}

export function undo(history: History): History {
  const last = history.done[history.done.length - 1];
  if (!last) return history;
  return {
    document: applyEdit(history.document, invertEdit(last)),
    done: history.done.slice(0, -1),
    undone: [...history.undone, last],
    edited_ms: -Infinity,
  };
}

export function redo(history: History): History {
  const last = history.undone[history.undone.length - 1];
  if (!last) return history;
  return {
    document: applyEdit(history.document, last),
    done: [...history.done, last],
    undone: history.undone.slice(0, -1),
    edited_ms: -Infinity,
  };
}
