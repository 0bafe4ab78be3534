import type { BatchDocument } from '@/core/document';
import type { Pantry } from '@/core/pantry';
import { computeResult } from './compute/compute';
import { memoizeByDocument } from './memoize-by-document';

const MOST = 24;

/** Predicts a document with its bands. The draws take a good part of a second, and forecast, packs, label and run sheet all ask. */
export const predictWithBands = memoizeByDocument(MOST, (document: BatchDocument, pantry: Pantry) =>
  computeResult('banded', { document, pantry }),
);
