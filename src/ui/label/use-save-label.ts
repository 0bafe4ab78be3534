import { useEffect, useRef, useState } from 'react';
import type { BatchDocument, LabelWishes } from '@/core/document';

const PAUSE_MS = 600;

/**
 * Keeps what was written with the batch; says in words how that stands.
 *
 * @param onSaved - told after every save; must stay the same function
 */
export function useSaveLabel(
  { id, revision, document }: { readonly id: string; readonly revision: number; readonly document: BatchDocument },
  wishes: LabelWishes,
  onSaved: () => void,
): string {
  const [word, setWord] = useState('saved with the batch');
  const at = useRef({ revision, wishes });
  useEffect(() => {
    if (at.current.wishes === wishes) return;
    setWord('changed');
    const timer = setTimeout(() => {
      void (async () => {
        const body = JSON.stringify({ revision: at.current.revision, document: { ...document, label: wishes } });
        const response = await fetch(`/api/batches/${id}`, {
          method: 'PATCH',
          headers: { 'content-type': 'application/json' },
          body,
        }).catch(() => null);
        if (!response) return setWord('not saved: the kitchen cannot be reached');
        const answer = (await response.json()) as { revision?: number; error?: { message: string } };
        if (!response.ok || answer.revision === undefined) return setWord(`not saved: ${answer.error?.message ?? 'try again'}`);
        at.current = { revision: answer.revision, wishes };
        setWord('saved with the batch');
        onSaved();
      })();
    }, PAUSE_MS);
    return () => clearTimeout(timer);
  }, [id, document, wishes, onSaved]);
  return word;
}
