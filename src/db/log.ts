import type { Appliance } from '@/core/catalogue';
import type { BatchRow } from './batches';
import type { Queryable } from './client';
import type { DogVerdict, MeasurementRow } from './measurements';
import { patternsOf } from './search-words';

/** A batch as the log lists it: of its document only what it is baked in, beside what was measured of it. */
export type LogRow = Omit<BatchRow, 'document'> & {
  /** When it was changed last, and when it was made, to the microsecond, which dates of the language do not hold. */
  readonly changed_place: string;
  readonly made_place: string;
  readonly appliance: Appliance | null;
  readonly recipe: string | null;
  readonly measured: MeasurementRow | null;
};

/** Which batches are asked for. Words must all stand in the name, the recipe's, the note, the colour or what the dogs said. */
export type LogFilter = {
  readonly words: string;
  readonly recipe: string;
  readonly state: 'all' | 'planned' | 'baked' | 'outside';
  /** Keys of what a batch is baked in; null for whatever it is. */
  readonly appliances: readonly string[] | null;
};

/** A place in the list: the last row of the page before. */
export type LogPlace = { readonly at: string; readonly id: string };

const BESIDE = 'left join recipe r on r.id = b.recipe_id left join measurement m on m.batch_id = b.id';
const FROM = `from batch b ${BESIDE} where b.kitchen_id = $1`;
const SHOWN = `b.id, b.recipe_id, b.name, b.revision, b.forecast, b.baked_on, b.updated_at, b.appliance,
  b.updated_at::text as changed_place, b.created_at::text as made_place,
  r.name as recipe, to_jsonb(m) as measured`;

/** What a filter lets through: conditions, with their values from `$2` on. */
function letThrough({ words, recipe, appliances, state }: LogFilter): { readonly sql: string; readonly values: unknown[] } {
  const values: unknown[] = [];
  const parameter = (value: unknown): string => `$${values.push(value) + 1}`;
  const patterns = patternsOf(words);
  const conditions = [
    patterns.length > 0 && `concat_ws(' ', b.name_small, r.name_small, m.said) like all(${parameter(patterns)}::text[])`,
    recipe !== '' && `r.name = ${parameter(recipe)}`,
    appliances !== null && `b.appliance_key = any(${parameter(appliances)}::text[])`,
    state === 'planned' && 'b.baked_on is null',
    state === 'baked' && 'b.baked_on is not null',
    state === 'outside' && '(m.loss_pct not between m.loss_low_pct and m.loss_high_pct or not m.pieces_inside)',
  ].filter((one) => one !== false);
  return { sql: conditions.map((one) => ` and ${one}`).join(''), values };
}

/** A page of the log after a place, the batch changed last first; and how many batches the filter lets through in all. */
export async function logPage(
  db: Queryable,
  kitchenId: string,
  filter: LogFilter,
  { after, limit }: { readonly after: LogPlace | null; readonly limit: number },
): Promise<{ readonly rows: LogRow[]; readonly total: number }> {
  const { sql, values } = letThrough(filter);
  const at = values.length + 2;
  if (sql === '') return newestPage(db, kitchenId, after, limit);
  // Everything is looked through once: for the count, and for the page in it.
  const { rows } = await db.query<LogRow & { readonly total: number }>(
    `with hit as materialized (select b.id, b.updated_at ${FROM}${sql}),
       page as (select id from hit where $${at}::timestamptz is null or (updated_at, id) < ($${at}, $${at + 1}::uuid)
         order by updated_at desc, id desc limit $${at + 2})
     select ${SHOWN}, (select count(*)::int from hit) as total
     from page join batch b using (id) ${BESIDE}
     order by b.updated_at desc, b.id desc`,
    [kitchenId, ...values, after?.at ?? null, after?.id ?? null, limit],
  );
  return { rows, total: rows[0]?.total ?? 0 };
}

/** The same where every wish is left open: straight from the index. */
async function newestPage(
  db: Queryable,
  kitchenId: string,
  after: LogPlace | null,
  limit: number,
): Promise<{ readonly rows: LogRow[]; readonly total: number }> {
  const { rows } = await db.query<LogRow>(
    `select ${SHOWN} ${FROM} and ($2::timestamptz is null or (b.updated_at, b.id) < ($2, $3::uuid))
     order by b.updated_at desc, b.id desc limit $4`,
    [kitchenId, after?.at ?? null, after?.id ?? null, limit],
  );
  const counted = await db.query<{ total: number }>('select count(*)::int as total from batch where kitchen_id = $1', [
    kitchenId,
  ]);
  return { rows, total: counted.rows[0].total };
}

/** How batches did, all of them: inside their band of weight and of pieces, and how far off on average [points of raw mass]. */
type LogTally = {
  readonly batches: number;
  readonly weighed: number;
  readonly inside: number;
  readonly counted: number;
  readonly pieces_inside: number;
  readonly shift_pct: number | null;
};

export async function logTally(db: Queryable, kitchenId: string): Promise<LogTally> {
  const { rows } = await db.query<LogTally>(
    `select (select count(*)::int from batch where kitchen_id = $1) as batches, count(m.loss_pct)::int as weighed,
       count(*) filter (where m.loss_pct between m.loss_low_pct and m.loss_high_pct)::int as inside,
       count(m.pieces)::int as counted, count(*) filter (where m.pieces_inside)::int as pieces_inside,
       avg(m.loss_pct - m.loss_likely_pct) as shift_pct
     from measurement m where m.kitchen_id = $1`,
    [kitchenId],
  );
  return rows[0];
}

/** What batches were baked in, each way of saying it once, with its key; an empty one for what says nothing. */
export async function appliancesInLog(
  db: Queryable,
  kitchenId: string,
): Promise<Array<{ readonly key: string; readonly appliance: Appliance }>> {
  const { rows } = await db.query<{ key: string; appliance: Appliance }>(
    `select appliance_key as key, (select coalesce(b.appliance, '{}') from batch b
       where b.kitchen_id = $1 and b.appliance_key = said.appliance_key limit 1) as appliance
     from (select distinct appliance_key from batch where kitchen_id = $1) said`,
    [kitchenId],
  );
  return rows;
}

/** Names of recipes that anything was made of. */
export async function recipesInLog(db: Queryable, kitchenId: string, limit: number): Promise<string[]> {
  const { rows } = await db.query<{ name: string }>(
    `select distinct r.name from recipe r
     where r.kitchen_id = $1 and exists (select from batch b where b.recipe_id = r.id) order by r.name limit $2`,
    [kitchenId, limit],
  );
  return rows.map(({ name }) => name);
}

/** A slice of the whole log, by when batches were made, the last first: an order that no change moves anything in. */
export async function logSlice(
  db: Queryable,
  kitchenId: string,
  { after, limit }: { readonly after: LogPlace | null; readonly limit: number },
): Promise<LogRow[]> {
  const { rows } = await db.query<LogRow>(
    `select ${SHOWN} ${FROM} and ($2::timestamptz is null or (b.created_at, b.id) < ($2, $3::uuid))
     order by b.created_at desc, b.id desc limit $4`,
    [kitchenId, after?.at ?? null, after?.id ?? null, limit],
  );
  return rows;
}

/** Batches of the log by id, or by name. */
export async function logBatches(
  db: Queryable,
  kitchenId: string,
  { ids, names }: { readonly ids: readonly string[]; readonly names: readonly string[] },
): Promise<Array<Pick<BatchRow, 'id' | 'name' | 'baked_on'>>> {
  const { rows } = await db.query<Pick<BatchRow, 'id' | 'name' | 'baked_on'>>(
    'select id, name, baked_on from batch where kitchen_id = $1 and (id = any($2) or name = any($3))',
    [kitchenId, ids, names],
  );
  return rows;
}

/** How one baked and weighed batch differed from what was predicted before: points of raw mass lost, with its 80 % band. */
export type Missed = {
  readonly appliance_key: string;
  readonly name: string;
  readonly baked_on: string;
  readonly off_pct: number;
  readonly low_pct: number;
  readonly high_pct: number;
};

/** The last so many weighed batches of a kitchen, the newest first, each with the key of what it was baked in. */
export async function missesOf(db: Queryable, kitchenId: string, limit: number): Promise<Missed[]> {
  const { rows } = await db.query<Missed>(
    `select b.appliance_key, b.name, b.baked_on::text as baked_on, m.loss_pct - m.loss_likely_pct as off_pct,
       m.loss_low_pct - m.loss_likely_pct as low_pct, m.loss_high_pct - m.loss_likely_pct as high_pct
     from measurement m join batch b on b.id = m.batch_id
     where b.kitchen_id = $1 and b.baked_on is not null and m.loss_pct is not null
     order by b.baked_on desc, b.id limit $2`,
    [kitchenId, limit],
  );
  return rows;
}

/** How often a dog made this of what came of a recipe. */
export type Liked = {
  readonly recipe: string;
  readonly dog: string;
  readonly verdict: DogVerdict['verdict'];
  readonly times: number;
};

/** What each dog made of each recipe, over all batches; of a batch without one, of its name. */
export async function likedBy(db: Queryable, kitchenId: string): Promise<Liked[]> {
  const { rows } = await db.query<Liked>(
    `select coalesce(r.name, b.name) as recipe, d ->> 'dog' as dog, d ->> 'verdict' as verdict, count(*)::int as times
     from measurement m join batch b on b.id = m.batch_id left join recipe r on r.id = b.recipe_id, jsonb_array_elements(m.dogs) d
     where b.kitchen_id = $1 group by 1, 2, 3`,
    [kitchenId],
  );
  return rows;
}
