import type { BatchDocument } from '@/core/document';
import type { Queryable } from './client';
import { patternOf } from './search-words';
import type { RecipeCardRow } from './recipe-card';

export type RecipeRow = {
  readonly id: string;
  readonly name: string;
  readonly method: string;
  readonly summary: string;
  readonly document: BatchDocument;
  readonly revision: number;
  readonly archived_at: Date | null;
  readonly updated_at: Date;
};
const COLUMNS = 'id, name, method, summary, document, revision, archived_at, updated_at';

export async function maybeRecipe(db: Queryable, id: string): Promise<RecipeRow | null> {
  const { rows } = await db.query<RecipeRow>(`select ${COLUMNS} from recipe where id = $1`, [id]);
  return rows[0] ?? null;
}

/** What narrows the book; every part that is given must hold. */
export type RecipeFilter = {
  /** Words that the recipe's name, summary, ingredients or allergens must begin or contain. */
  readonly words: readonly string[];
  readonly method: string | null;
  /** Allergens that must not be in it, not even perhaps. */
  readonly without: readonly string[];
  readonly archived: boolean;
};

export type RecipeListRow = Pick<RecipeRow, 'id' | 'name' | 'method' | 'summary' | 'archived_at'> & {
  readonly card: RecipeCardRow;
};

/** A page of the book by name, and how many there are in all. */
export async function findRecipes(
  db: Queryable,
  kitchenId: string,
  { words, method, without, archived }: RecipeFilter,
  { limit, offset }: { readonly limit: number; readonly offset: number },
): Promise<{ rows: RecipeListRow[]; total: number }> {
  const like = words.map(patternOf);
  const where = `kitchen_id = $1 and card is not null and (archived_at is not null) = $2 and words like all($3::text[])
    and ($4::text is null or method = $4) and not allergens && $5::text[]`;
  const values = [kitchenId, archived, like, method, without];
  const { rows } = await db.query<RecipeListRow & { total: string }>(
    `with hit as materialized (select id, created_at, name from recipe where ${where}),
       page as (select id from hit order by created_at, name limit $6 offset $7)
     select r.id, r.name, r.method, r.summary, r.archived_at, r.card, (select count(*) from hit) as total
     from page join recipe r using (id) order by r.created_at, r.name`,
    [...values, limit, offset],
  );
  return { rows: rows.map(({ total: _all, ...row }) => row), total: Number(rows[0]?.total ?? 0) };
}

/** Recipes of the book by name, and how many there are in all. */
export async function namesInBook(
  db: Queryable,
  kitchenId: string,
  limit: number,
): Promise<{ readonly recipes: Array<Pick<RecipeRow, 'id' | 'name'>>; readonly total: number }> {
  const { rows } = await db.query<Pick<RecipeRow, 'id' | 'name'> & { total: number }>(
    `select id, name, count(*) over ()::int as total from recipe where kitchen_id = $1 and archived_at is null
     order by name, id limit $2`,
    [kitchenId, limit],
  );
  return { recipes: rows.map(({ id, name }) => ({ id, name })), total: rows[0]?.total ?? 0 };
}

/** What a recipe is saved with, beside its document: what the book shows and what it is found by. */
export type RecipeFacts = {
  readonly name: string;
  readonly method: string;
  readonly summary: string;
  readonly document: BatchDocument;
  readonly ingredientIds: readonly string[];
  readonly allergens: readonly string[];
  readonly words: string;
  readonly card: RecipeCardRow;
  /** Which models and ingredient table the card was worked out with. */
  readonly cardOf: string;
};
const valuesOf = (facts: RecipeFacts): unknown[] => [
  facts.name,
  facts.method,
  facts.summary,
  JSON.stringify(facts.document),
  facts.ingredientIds,
  facts.allergens,
  facts.words,
  JSON.stringify(facts.card),
  facts.cardOf,
];

export async function addRecipe(db: Queryable, kitchenId: string, facts: RecipeFacts, id?: string): Promise<string> {
  const { rows } = await db.query<{ id: string }>(
    `insert into recipe (kitchen_id, id, name, method, summary, document, ingredient_ids, allergens, words, card, card_of, created_at)
     values ($10, coalesce($11, gen_random_uuid()::text), $1, $2, $3, $4, $5, $6, $7, $8, $9, clock_timestamp()) returning id`,
    [...valuesOf(facts), kitchenId, id ?? null],
  );
  return rows[0].id;
}

/** Saves over exactly the revision that was edited, which becomes an old version; null when it is stale or gone. */
export async function replaceRecipe(db: Queryable, id: string, revision: number, facts: RecipeFacts): Promise<number | null> {
  await db.query(
    `insert into recipe_version (recipe_id, revision, name, document, saved_at)
     select id, revision, name, document, updated_at from recipe where id = $1 and revision = $2 on conflict do nothing`,
    [id, revision],
  );
  const { rows } = await db.query<{ revision: number }>(
    `update recipe set name = $1, method = $2, summary = $3, document = $4, ingredient_ids = $5, allergens = $6, words = $7, card = $8,
       card_of = $9, revision = revision + 1, updated_at = now() where id = $10 and revision = $11 returning revision`,
    [...valuesOf(facts), id, revision],
  );
  return rows[0]?.revision ?? null;
}

/** Works out anew what the book shows of a recipe; its revision stays, nobody changed it. */
export async function refreshFacts(db: Queryable, id: string, facts: RecipeFacts): Promise<void> {
  await db.query(
    `update recipe set name = $1, method = $2, summary = $3, document = $4, ingredient_ids = $5, allergens = $6, words = $7, card = $8,
       card_of = $9 where id = $10`,
    [...valuesOf(facts), id],
  );
}

/** Recipes whose card was worked out with other models or another table, or holds one of these ingredients. */
export async function staleRecipes(
  db: Queryable,
  cardOf: string | null,
  ingredientId: string | null = null,
): Promise<RecipeRow[]> {
  const { rows } = await db.query<RecipeRow>(
    `select ${COLUMNS} from recipe where kitchen_id = this_kitchen()
       and (card is null or card_of <> $1 or ($2::text is not null and ingredient_ids @> array[$2::text]))`,
    [cardOf, ingredientId],
  );
  return rows;
}

/** Recipes that somebody wrote or changed in a kitchen that came with a book: all that are not as they came. */
export async function changedRecipes(db: Queryable, kitchenId: string): Promise<RecipeRow[]> {
  const { rows } = await db.query<RecipeRow>(
    `select ${COLUMNS} from recipe where kitchen_id = $1 and (revision > 1 or id ~ '^[0-9a-f]{8}-') order by created_at, id`,
    [kitchenId],
  );
  return rows;
}

/** Puts a recipe away, or back into the book; false when there is none. */
export async function archiveRecipe(db: Queryable, id: string, away: boolean): Promise<boolean> {
  const { rowCount } = await db.query(
    'update recipe set archived_at = case when $2 then coalesce(archived_at, now()) end where id = $1',
    [id, away],
  );
  return rowCount === 1;
}

export type RecipeVersionRow = {
  readonly revision: number;
  readonly name: string;
  readonly document: BatchDocument;
  readonly saved_at: Date;
};

/** Older versions, the newest first. */
export async function versionsOf(db: Queryable, recipeId: string): Promise<RecipeVersionRow[]> {
  const { rows } = await db.query<RecipeVersionRow>(
    'select revision, name, document, saved_at from recipe_version where recipe_id = $1 order by revision desc',
    [recipeId],
  );
  return rows;
}

/** Other recipes of the book that use an ingredient, by ingredient id; a few of each are enough to use up a rest. */
export async function recipesUsing(
  db: Queryable,
  kitchenId: string,
  ingredientIds: readonly string[],
  notId: string | null,
): Promise<Map<string, Array<{ id: string; name: string }>>> {
  const { rows } = await db.query<{ ingredient: string; id: string; name: string }>(
    `select ingredient, id, name from unnest($2::text[]) as ingredient cross join lateral (
       select id, name from recipe where kitchen_id = $1 and archived_at is null and ingredient_ids @> array[ingredient] and id is distinct from $3
       order by name limit 3) as using_it`,
    [kitchenId, ingredientIds, notId],
  );
  const found = new Map<string, Array<{ id: string; name: string }>>();
  for (const { ingredient, id, name } of rows) found.set(ingredient, [...(found.get(ingredient) ?? []), { id, name }]);
  return found;
}
