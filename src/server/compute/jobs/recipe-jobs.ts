import type { BatchDocument } from '@/core/document';
import type { Result } from '@/core/failure';
import type { Pantry } from '@/core/pantry';
import type { RecipeFacts } from '@/db/recipes';
import type { ReadIncoming } from '@/formats/incoming';
import type { ReadingKitchen, ReadingWishes } from '../../read-incoming';
import { fingerprint, recipeFacts } from '../../recipe-facts';
import type { Ask, Service } from '@/workers/protocol';

/** What is worked out for the book of recipes. */
export type RecipeJobs = {
  readonly recipeFacts: Ask<
    { readonly document: BatchDocument; readonly pantry: Pantry; readonly cardOf: string },
    Result<RecipeFacts>
  >;
  /** Which models and which shipped table cards are worked out with. */
  readonly fingerprint: Ask<Pantry, string>;
  readonly readIncoming: Ask<
    { readonly content: Uint8Array; readonly kitchen: ReadingKitchen; readonly wishes: ReadingWishes },
    Result<ReadIncoming>
  >;
};

export const RECIPE_JOBS: Service<RecipeJobs> = {
  recipeFacts: ({ document, pantry, cardOf }) => recipeFacts(document, pantry, cardOf),
  fingerprint: (pantry) => fingerprint(pantry),
  // Readers of spreadsheets and pages weigh more than all else here: who only predicts never reads them.
  readIncoming: async ({ content, kitchen, wishes }) =>
    (await import('../../read-incoming')).readIncoming(content, kitchen, wishes),
};
