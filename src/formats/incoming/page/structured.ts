import type { BatchDocument } from '@/core/document';

/** A recipe as a page publishes it: its own parts, steps, times and yield. */
export type StructuredRecipe = {
  readonly name: string;
  /** Lines of the list; headings of parts stand among them as they were published. */
  readonly ingredients: readonly string[];
  readonly steps: readonly string[];
  /** Yield, times, keywords and story, each a sentence of its own. */
  readonly said: readonly string[];
  /** Our own document, where the page carries one. */
  readonly document?: BatchDocument;
};
