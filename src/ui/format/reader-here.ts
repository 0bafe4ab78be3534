import { METRIC_READER, readerOf, type Reader } from '@/core/said';

/** Set by the server, which knows for whom it draws. */
const shared = globalThis as { ovenReader?: () => Reader | undefined };

let last: { readonly word: string; readonly reader: Reader } | null = null;

/**
 * In what the page is read that is drawn: an ambient choice like a language, so that no number needs to be told. The page carries
 * it on its root; a change of it loads the page again.
 */
export function readerHere(): Reader {
  if (typeof document === 'undefined') return shared.ovenReader?.() ?? METRIC_READER;
  const word = document.documentElement.dataset.reader ?? '';
  if (last?.word !== word) last = { word, reader: readerOf(word) };
  return last.reader;
}
