import type { Learned } from '@/core/learning';
import type { Queryable } from './client';

/** What an appliance's weighed batches have taught. */
export type LearnedRow = {
  readonly appliance_id: string;
  /** Predictions of new batches use it. */
  readonly used: boolean;
  /** Only batches from this day on count; null for all. */
  readonly since: string | null;
  readonly knowledge: Learned;
};

export async function learnedOf(db: Queryable, kitchenId: string): Promise<Map<string, LearnedRow>> {
  const { rows } = await db.query<LearnedRow>(
    `select l.appliance_id, l.used, l.since, l.knowledge from learned l where l.kitchen_id = $1`,
    [kitchenId],
  );
  return new Map(rows.map((row) => [row.appliance_id, row]));
}

export async function setLearned(
  db: Queryable,
  kitchenId: string,
  { appliance_id, used, since, knowledge }: LearnedRow,
): Promise<void> {
  await db.query(
    `insert into learned (kitchen_id, appliance_id, used, since, knowledge) values ($5, $1, $2, $3, $4)
     on conflict (kitchen_id, appliance_id) do update set used = $2, since = $3, knowledge = $4, learned_at = now()`,
    [appliance_id, used, since, JSON.stringify(knowledge), kitchenId],
  );
}
