import type { BatchDocument } from '@/core/document';
import type { Pantry } from '@/core/pantry';
import { computeResult } from '../compute/compute';
import { memoizeByDocument } from '../memoize-by-document';

const MOST = 64;

/** A batch's trays over time; a quarter of a second's work, asked for at every look at the oven and by every learning. */
export const coursesOf = memoizeByDocument(MOST, (document: BatchDocument, pantry: Pantry) =>
  computeResult('trayCourses', { document, pantry }),
);
