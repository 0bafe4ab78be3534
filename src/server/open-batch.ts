import type { BatchDocument } from '@/core/document';
import type { KitchenCosts } from '@/core/outcomes';
import { SENTENCES, fail, succeed, type Result } from '@/core/failure';
import type { Ingredient, Pantry } from '@/core/pantry';
import { maybeBatch } from '@/db/batches';
import type { Queryable } from '@/db/client';
import { dogsOf, type DogRow } from '@/db/dogs';
import { appliancesOf, type ApplianceRow, type HabitsRow, type KitchenRow } from '@/db/kitchen';
import { learnedOf, type LearnedRow } from '@/db/learned';
import { lotsOf, type LotRow } from '@/db/pantry';
import { recipesUsing } from '@/db/recipes';
import { carriesOwn } from './exchange-recipe';
import { usedPace } from './oven/learn';
import type { FirstLook } from '@/workers/prediction-protocol';
import { computeResult } from './compute/compute';
import { fullLook } from './full-look';
import { kitchenCosts } from './kitchen-costs';
import { loadPantry, loadPrices } from './pantry';
import { Remembered } from './remembered';
import { plainPrices, type PlainPrices } from './view-recipe';
import { kitchenOf } from './view-kitchen';
import { withDatabase } from './with-database';

export type BatchView = {
  readonly id: string;
  readonly name: string;
  readonly revision: number;
  readonly document: BatchDocument;
  readonly baked_on: string | null;
  readonly saved_at: string;
};

/** A batch with everything its page needs to work without asking again. */
export type OpenBatch = {
  readonly batch: BatchView;
  /** What its page shows first; null where it cannot be worked out. */
  readonly look: FirstLook | null;
  /** The same with its bands where those are still being drawn; of null where they cannot be. */
  readonly later: Promise<FirstLook | null> | null;
  readonly pantry: readonly Ingredient[];
  readonly appliances: ReadonlyArray<
    ApplianceRow & { readonly known: { readonly pace: number; readonly batches: number } | null }
  >;
  readonly recipeId: string | null;
  readonly habits: HabitsRow;
  readonly habitsRevision: number;
  readonly prices: PlainPrices;
  readonly dogs: readonly DogRow[];
  readonly costs: KitchenCosts;
  readonly lots: readonly LotRow[];
  /** Recipes that use up what is left of an ingredient, by ingredient id. */
  readonly alsoUsedIn: ReadonlyArray<
    readonly [ingredient: string, recipes: ReadonlyArray<{ readonly id: string; readonly name: string }>]
  >;
};

export async function openBatch(id: string): Promise<Result<OpenBatch>> {
  const opened = await readBatch(id);
  if (!opened.ok) return opened;
  const { known, ...open } = opened.value;
  // Worked out once the database is free for others; a batch that cannot be is told so by its page.
  const { document } = open.batch;
  const { settled, later } = fullLook(document, known, open.prices);
  if (settled) return succeed({ ...open, look: settled, later: null });
  const look = await computeResult('firstLook', { document, pantry: known, prices: open.prices });
  return succeed({ ...open, look: look.ok ? look.value : null, later });
}

/** Begins to draw a batch that is likely to be opened next, so that it is known once it is. */
export async function drawAhead(
  db: Queryable,
  kitchen: KitchenRow,
  { id, revision }: { id: string; revision: number },
): Promise<void> {
  if (ahead.get(id) === revision) return;
  ahead.set(id, revision);
  const row = await maybeBatch(db, id);
  if (row) fullLook(row.document, await loadPantry(db), plainPrices(await loadPrices(db, kitchen)));
}

/** Batches that were drawn ahead, and at which revision. */
const ahead = new Remembered<number>(50);

const readBatch = (id: string): Promise<Result<Omit<OpenBatch, 'look' | 'later'> & { readonly known: Pantry }>> =>
  withDatabase('guest', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const row = await maybeBatch(db, id);
    if (!row) return fail('NOT_FOUND', SENTENCES.noSuchBatch);
    const { id: kitchenId, measures, cup_fill, scale_step_g, cut_gaps_mm, revisions } = kitchen.value;
    const learned = await learnedOf(db, kitchenId);
    const known = await loadPantry(db);
    const used = [...new Set(row.document.recipe.ingredients.map(({ ingredient }) => ingredient))];
    return succeed({
      batch: viewOf(row),
      recipeId: row.recipe_id,
      known,
      pantry: [...known.values()],
      appliances: (await appliancesOf(db, kitchenId)).map((row) => ({ ...row, known: knownPace(learned.get(row.id)) })),
      habits: { measures, cup_fill, scale_step_g, cut_gaps_mm },
      habitsRevision: revisions.habits,
      prices: plainPrices(await loadPrices(db, kitchen.value)),
      dogs: await dogsOf(db, kitchenId),
      costs: await kitchenCosts(db, kitchen.value),
      lots: await lotsOf(db, kitchenId),
      alsoUsedIn: [...(await recipesUsing(db, kitchenId, used, row.recipe_id))],
    });
  });

/** What an appliance has taught, as far as predictions use it. */
function knownPace(row: LearnedRow | undefined): { pace: number; batches: number } | null {
  const pace = usedPace(row);
  return row && pace !== null ? { pace, batches: row.knowledge.belief.batches } : null;
}

/** The document alone, for a *.batch.json. */
export const batchFile = (id: string): Promise<Result<{ name: string; document: BatchDocument }>> =>
  withDatabase('guest', async (db) => {
    const row = await maybeBatch(db, id);
    return row
      ? succeed({ name: row.name, document: carriesOwn(row.document, await loadPantry(db)) })
      : fail('NOT_FOUND', SENTENCES.noSuchBatch);
  });

export const viewOf = (row: NonNullable<Awaited<ReturnType<typeof maybeBatch>>>): BatchView => ({
  id: row.id,
  name: row.name,
  revision: row.revision,
  document: row.document,
  baked_on: row.baked_on,
  saved_at: row.updated_at.toISOString(),
});
