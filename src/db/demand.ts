import type { Queryable } from './client';

/** Treats of one recipe that were eaten, given or sold on one day of the kitchen's clock; of packs without a recipe, by their name. */
export type TakenRow = {
  readonly treat: string;
  readonly recipe_id: string | null;
  readonly day: string;
  readonly pieces: number;
};

/** What left the store for a mouth over so many days. */
export async function takenByDay(db: Queryable, kitchenId: string, zone: string, days: number): Promise<TakenRow[]> {
  const { rows } = await db.query<TakenRow>(
    `select coalesce(r.name, j.name) as treat, r.id as recipe_id, (e.at at time zone $2)::date::text as day, sum(e.pieces)::int as pieces
     from jar_event e join jar j on j.id = e.jar_id left join batch b on b.id = j.batch_id left join recipe r on r.id = b.recipe_id
     where j.kitchen_id = $1 and e.at > now() - make_interval(days => $3) and e.act in ('eaten', 'given', 'sold') and e.pieces > 0
     group by 1, 2, 3`,
    [kitchenId, zone, days],
  );
  return rows;
}

/** A pack that is there, by its treat. */
export type StockRow = { readonly treat: string; readonly left_over: number; readonly use_by: string };

/** Everything in the store room that anything is left of. */
export async function stockByTreat(db: Queryable, kitchenId: string): Promise<StockRow[]> {
  const { rows } = await db.query<StockRow>(
    `select coalesce(r.name, j.name) as treat, j.left_over, j.use_by::text as use_by
     from jar j left join batch b on b.id = j.batch_id left join recipe r on r.id = b.recipe_id
     where j.kitchen_id = $1 and j.gone_at is null and j.left_over > 0`,
    [kitchenId],
  );
  return rows;
}

/** Pieces of the newest batch of each of these recipes, as it was forecast. */
export async function batchSizes(db: Queryable, kitchenId: string, recipeIds: readonly string[]): Promise<Map<string, number>> {
  const { rows } = await db.query<{ recipe_id: string; pieces: number }>(
    `select asked.id as recipe_id, newest.pieces from unnest($2::text[]) asked (id), lateral (
       select (forecast ->> 'pieces')::int as pieces from batch b
       where b.kitchen_id = $1 and b.recipe_id = asked.id order by b.created_at desc limit 1) newest`,
    [kitchenId, recipeIds],
  );
  return new Map(rows.map(({ recipe_id, pieces }) => [recipe_id, pieces]));
}

/** What a piece of each of these batches' recipes was sold for over so many days; recipes that were never sold are left out. */
export async function soldPerPiece(
  db: Queryable,
  kitchenId: string,
  batchIds: readonly string[],
  days: number,
): Promise<Map<string, number>> {
  const { rows } = await db.query<{ id: string; per_piece: number }>(
    `select b.id, sold.per_piece from batch b, lateral (
       select (sum(e.price) / nullif(sum(e.pieces), 0))::float as per_piece
       from jar_event e join jar j on j.id = e.jar_id join batch other on other.id = j.batch_id
       where other.recipe_id = b.recipe_id and j.kitchen_id = $1 and e.act = 'sold' and e.price is not null
         and e.at > now() - make_interval(days => $3)
     ) sold where b.kitchen_id = $1 and b.id = any($2::uuid[]) and sold.per_piece is not null`,
    [kitchenId, batchIds, days],
  );
  return new Map(rows.map(({ id, per_piece }) => [id, per_piece]));
}
