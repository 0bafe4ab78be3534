import type { BatchDocument } from '@/core/document';
import type { Result } from '@/core/failure';
import type { Pantry } from '@/core/pantry';

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
  const known = new Map<string, Promise<Result<T>>>();
  return (document, pantry) => {
    const { name: _called, ...rest } = document;
    const key = JSON.stringify([rest, rest.recipe.ingredients.map(({ ingredient }) => pantry.get(ingredient))]);
    const before = known.get(key);
    if (before) return before;
    const made = work(document, pantry);
    if (known.size >= most) known.delete(known.keys().next().value ?? key);
    known.set(key, made);
    const forget = (): void => {
      if (known.get(key) === made) known.delete(key);
    };
    made.then((answer) => answer.ok || forget(), forget);
    return made;
  };
}
