'use client';
import { useEffect, useMemo, useState } from 'react';
import { acceptAssumed, type BatchDocument } from '@/core/document';
import type { Pantry } from '@/core/pantry';
import type { CupFill } from '@/core/quantities';
import type { ReadIncoming } from '@/formats/incoming';
import { draftOf } from '@/formats/recipe-draft';
import { call } from '../../kit/api';
import { EMPTY_DRAFT, fromBase64, keepDraft, keptDraft, type BroughtDraft } from './brought-draft';

/** Reading waits until the hand rests [ms]. */
const REST_MS = 250;

/** A recipe being brought in: the draft as it stands, what was read of it, and the document that it makes. */
export type Bring = {
  readonly draft: BroughtDraft;
  readonly change: (part: Partial<BroughtDraft>) => void;
  readonly incoming: ReadIncoming | null;
  readonly wrong: string | null;
  /** What was read and answered as a document; null until a line of the dough is clear. */
  readonly document: BatchDocument | null;
  /** Numbers of lines that wait for an answer. */
  readonly waiting: readonly number[];
};

export function useBring(pantry: Pantry, fill: CupFill): Bring {
  const [draft, setDraft] = useState<BroughtDraft>(EMPTY_DRAFT);
  useEffect(() => {
    // What was left in this browser is there only once the page runs.
    // oxlint-disable-next-line react/set-state-in-effect
    setDraft(keptDraft());
  }, []);
  const change = (part: Partial<BroughtDraft>): void =>
    setDraft((now) => {
      // Other words are another recipe: what was answered about the old ones does not stand.
      const fresh =
        part.text !== undefined && part.text !== now.text && now.file === null ? { shape: null, heat: null, scale: null } : {};
      const next = { ...now, ...fresh, ...part };
      keepDraft(next);
      return next;
    });
  const { incoming, wrong } = useReading(draft);
  const made = useMemo(() => {
    if (incoming?.kind === 'document') return { document: incoming.document, waiting: [] };
    if (!incoming) return { document: null, waiting: [] };
    const { document, waiting } = draftOf(incoming.reading, draft.answers, pantry, fill);
    if (!document) return { document, waiting };
    const changed = {
      ...document,
      shape: draft.shape ?? document.shape,
      heat: draft.heat ?? document.heat,
      ...(draft.scale ? { scale: draft.scale } : {}),
    };
    return { document: draft.accepted ? acceptAssumed(changed) : changed, waiting };
  }, [incoming, draft.answers, draft.shape, draft.heat, draft.scale, draft.accepted, pantry, fill]);
  return { draft, change, incoming, wrong, ...made };
}

/** What a text or file says, read again a moment after it changed. */
function useReading({ text, file, cups, recipe }: BroughtDraft): Pick<Bring, 'incoming' | 'wrong'> {
  const [incoming, setIncoming] = useState<ReadIncoming | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  useEffect(() => {
    const stop = new AbortController();
    const timer = setTimeout(() => {
      if (text.trim() === '' && file === null) {
        setIncoming(null);
        setWrong(null);
        return;
      }
      const wishes = new URLSearchParams({ ...(cups ? { cups } : {}), ...(recipe > 0 ? { recipe: String(recipe) } : {}) });
      const content = file ? new Blob([fromBase64(file.content) as BlobPart]) : text;
      const asking = { raw: { content, type: 'application/octet-stream' }, signal: stop.signal };
      void call<ReadIncoming>(`/api/recipes/read?${wishes}`, asking).then((answer) => {
        if (stop.signal.aborted) return;
        setWrong(answer.ok ? null : answer.message);
        if (answer.ok) setIncoming(answer.value);
      });
    }, REST_MS);
    return () => {
      clearTimeout(timer);
      stop.abort();
    };
  }, [text, file, cups, recipe]);
  return { incoming, wrong };
}
