import type pg from 'pg';

/** How much a house holds. */
export type HouseSize = { readonly batches: number; readonly readings: number; readonly jars: number };

/** A bakery of many years. */
export const YEARS: HouseSize = { batches: 20_000, readings: 2_000_000, jars: 5_000 };

/**
 * Fills a demo house with baked, weighed and packed batches: copies of its own, of other days, weights and names. Run it as the owner of the
 * schema: nobody is told of every reading.
 */
export async function fillHouse(db: pg.ClientBase, { batches, readings, jars }: HouseSize): Promise<void> {
  const perBake = Math.ceil(readings / batches);
  for (const table of ['bake', 'reading']) await db.query(`alter table ${table} disable trigger user`);
  await db.query(`create temporary table made as
    select gen_random_uuid() as id, n, (array(select b.id from batch b join measurement m on m.batch_id = b.id where m.after_g is not null
      order by b.id))[1 + n % (select count(*) from measurement where after_g is not null)] as like_id from generate_series(1, ${batches}) n`);
  await db.query(`insert into batch (id, kitchen_id, recipe_id, name, document, forecast, baked_on, created_at, updated_at)
    select made.id, b.kitchen_id, b.recipe_id, b.name || ', tray ' || n, b.document, b.forecast, current_date - n / 8,
      now() - make_interval(hours => 3 * n), now() - make_interval(hours => 3 * n) from made join batch b on b.id = like_id`);
  await db.query(`insert into measurement (batch_id, pieces, tray_g, before_g, after_g, texture, note, forecast)
    select made.id, m.pieces, m.tray_g, m.before_g, m.after_g - n % 5, m.texture, 'Note ' || n, m.forecast
    from made join measurement m on m.batch_id = like_id`);
  await db.query(`insert into bake (batch_id, kitchen_id, starts_at, ended_at)
    select made.id, b.kitchen_id, now() - make_interval(hours => 3 * n), now() - make_interval(hours => 3 * n - 2)
    from made join batch b on b.id = like_id where n > 4`);
  await db.query(`insert into reading (batch_id, kitchen_id, at, kind, value, source)
    select made.id, b.kitchen_id, now() - make_interval(hours => 3 * made.n, mins => -k), 'core_c', 20 + k, 'probe'
    from made join batch b on b.id = like_id, generate_series(1, ${perBake}) k where made.n > 4`);
  await db.query(`insert into jar (id, kitchen_id, batch_id, name, lot, packed_on, pieces, left_over, piece_g, state, slot)
    select gen_random_uuid(), j.kitchen_id, made.id, j.name, 'L' || made.n, current_date - made.n % 60, 40, 1 + made.n % 40, j.piece_g,
      j.state || jsonb_build_object('since', (current_date - made.n % 60)::text), 1
    from made join (select row_number() over (order by id) - 1 as k, * from jar where gone_at is null) j
      on j.k = made.n % (select count(*) from jar where gone_at is null) where made.n <= ${jars}`);
  await db.query(`insert into jar_event (jar_id, at, act, pieces, note)
    select id, now() - make_interval(days => 60), 'packed', pieces, '' from jar where lot like 'L%'
    union all select id, now() - make_interval(days => 2), 'sold', 1, '' from jar where lot like 'L%'`);
  await db.query('drop table made');
  for (const table of ['bake', 'reading']) await db.query(`alter table ${table} enable trigger user`);
  // As the server does by itself within minutes: what is read from an index alone is known to be there.
  await db.query('vacuum analyze');
}
