import type { BatchDocument } from '@/core/document';
import type { Pantry } from '@/core/pantry';
import type { FirstLook } from '@/workers/prediction-protocol';
import { computeResult } from './compute/compute';
import { Remembered, keyOfDocument } from './remembered';
import type { PlainPrices } from './view-recipe';

/** A batch that is baked now and those that were open lately. */
const MOST = 32;

type Look = { settled: FirstLook | null; readonly later: Promise<FirstLook | null> };

const looks = new Remembered<Look>(MOST);

/**
 * What a page shows of a document with its bands, which take a good part of a second: worked out once, for as long as neither the
 * document nor its ingredients and prices change. Tabs, devices and reloads then read it as the page is painted.
 *
 * @returns the look where it is known, and the promise of it; the promise of null where it could not be worked out
 */
export function fullLook(document: BatchDocument, pantry: Pantry, prices: PlainPrices): Look {
  const key = keyOfDocument(document, pantry, prices);
  const before = looks.get(key);
  if (before) return before;
  const look: Look = {
    settled: null,
    later: computeResult('fullLook', { document, pantry, prices }).then(
      (answer) => {
        if (answer.ok) return (look.settled = answer.value);
        looks.forget(key, look);
        return null;
      },
      (error: unknown) => {
        looks.forget(key, look);
        console.error('fullLook', error);
        return null;
      },
    ),
  };
  looks.set(key, look);
  return look;
}
