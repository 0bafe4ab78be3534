import type { BatchDocument } from '@/core/batch';
import type { Queryable } from './client';

export type RecipeRow = {
  readonly id: string;
  readonly name: string;
  readonly method: string;
  readonly summary: string;
  readonly document: BatchDocument;
};

export async function recipesOf(db: Queryable, kitchenId: string): Promise<RecipeRow[]> {
  const { rows } = await db.query<RecipeRow>(
    'select id, name, method, summary, document from recipe where kitchen_id = $1 order by created_at, name',
    [kitchenId],
  );
  return rows;
}

export async function maybeRecipe(db: Queryable, id: string): Promise<RecipeRow | null> {
  const { rows } = await db.query<RecipeRow>('select id, name, method, summary, document from recipe where id = $1', [id]);
  return rows[0] ?? null;
}
