import type { BatchDocument, RecipeLine } from '@/core/batch';
import type { ReadLine } from '@/formats/recipe-text';

/** What was understood of a recipe that came in: a whole document, or a reading with its questions. */
export type Incoming =
  | { readonly kind: 'document'; readonly document: BatchDocument }
  | {
      readonly kind: 'reading';
      readonly reading: { readonly name: string; readonly ingredients: readonly ReadLine[]; readonly steps: readonly string[] };
      /** Lines that can go into a recipe as they are. */
      readonly draft: readonly RecipeLine[];
    };

/** Where a text that was brought in waits for the editor of this tab. */
export const INCOMING_KEY = 'recipe-brought-in';
