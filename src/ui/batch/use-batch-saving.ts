import { useMemo } from 'react';
import type { BatchVersion } from '@/contract/batch';
import type { BatchDocument } from '@/core/document';
import { sendTo } from '../kit/autosave/send';
import { useAutosave, type Autosaved, type Saving } from '../kit/autosave/use-autosave';

/** Saves the document of a batch as it changes, on whichever page it changes. */
export function useBatchSaving(
  { id, ...first }: BatchVersion & { readonly id: string },
  /** As it is drawn. */
  document: BatchDocument,
  { begin, newest }: Pick<Autosaved<BatchDocument>, 'begin' | 'newest'>,
): Saving {
  const send = useMemo(() => sendTo<BatchDocument>(`/api/batches/${id}`, 'PATCH'), [id]);
  return useAutosave({ key: `batch:${id}`, send, first, document, begin, newest });
}
