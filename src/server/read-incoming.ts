import { fail, type Result } from '@/core/failure';
import type { Pantry } from '@/core/pantry';
import type { HabitsRow } from '@/db/kitchen';
import { readAny, type ReadIncoming } from '@/formats/incoming';

/** How a kitchen reads what comes in: its ingredients, its cups, and how they are filled. */
export type ReadingKitchen = { readonly pantry: Pantry } & Pick<HabitsRow, 'measures' | 'cup_fill'>;

/** Whose cups the baker says a recipe means, and which recipe of a page it is. */
export type ReadingWishes = { readonly cups: string | null; readonly recipe: number };

const CUPS = new Map([
  ['us', 'us'],
  ['metric', 'metric'],
  ['uk', 'imperial'],
] as const);

/** Takes in whatever a baker has, told apart by content; nothing is saved. */
export function readIncoming(
  content: string | Uint8Array,
  { pantry, measures, cup_fill }: ReadingKitchen,
  { cups, recipe }: ReadingWishes,
): Result<ReadIncoming> {
  const chosen = cups === null ? undefined : CUPS.get(cups as 'us');
  if (cups !== null && chosen === undefined) return fail('BAD_VALUE', `Cups are us, metric or uk, not "${cups}".`, 'cups');
  return readAny(content, pantry, {
    usual: measures,
    ...(chosen ? { measures: chosen } : {}),
    ...(cup_fill ? { fill: cup_fill } : {}),
    recipe,
  });
}
