'use client';
import { useEffect, useState } from 'react';
import type { BatchDocument } from '@/core/document';
import type { useBatch } from '../../batch/use-batch';
import { keepEdited, keptDraft } from './brought-draft';

type Pasting = { readonly pasting: boolean; readonly setPasting: (pasting: boolean) => void };

/** A new recipe that is in the editor survives leaving the page: it is kept in the browser until it is saved or read anew. */
export function useEditedDraft(
  { document, edits, canUndo }: Pick<ReturnType<typeof useBatch>, 'document' | 'edits' | 'canUndo'>,
  fresh: boolean,
  { pasting, setPasting }: Pasting,
): void {
  const [looked, setLooked] = useState(false);
  useEffect(() => {
    const kept = fresh ? keptDraft().edited : null;
    if (kept) {
      edits.change<BatchDocument>([], () => kept);
      setPasting(false);
    }
    // What was left in this browser is there only once the page runs.
    // oxlint-disable-next-line react/set-state-in-effect
    setLooked(true);
  }, [fresh, edits, setPasting]);
  useEffect(() => {
    if (!fresh || !looked) return;
    if (pasting) keepEdited(null);
    else if (canUndo) keepEdited(document);
  }, [fresh, looked, pasting, canUndo, document]);
}
