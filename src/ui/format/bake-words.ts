import type { BatchDocument } from '@/core/document';
import { bakeSentences } from '@/formats/recipe-files';
import { across, length, mass, temperature, volume } from './units';

/** Each is said when it is drawn: the reader is the page's. */
const NUMBERS = { degrees: temperature, length: (mm: number) => length(mm, 1), across, mass, volume };

/** How it is shaped and baked, a sentence a step, in the reader's own degrees and inches. */
export const bakeWords = (document: BatchDocument): string[] => bakeSentences(document, NUMBERS);
