import type { BatchDocument } from '@/core/document';
import type { Result } from '@/core/failure';
import type { Pantry } from '@/core/pantry';
import { keyOfDocument } from './remembered';
import { workedOnce } from './worked-once';

/**
 * Keeps what was last worked out of documents, as long as neither the document nor its ingredients change. A failure is
 * worked out anew.
 *
 * @param most - how many are kept; the one that was made first is forgotten first
 * @param work - what is worked out; what the batch is called must not matter to it
 */
export function memoizeByDocument<T>(
  most: number,
  work: (document: BatchDocument, pantry: Pantry) => Promise<Result<T>>,
): (document: BatchDocument, pantry: Pantry) => Promise<Result<T>> {
  const once = workedOnce<T>(most);
  return (document, pantry) => once(keyOfDocument(document, pantry), () => work(document, pantry));
}
