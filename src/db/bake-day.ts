import type { PlannedStep } from '@/core/bakeday';
import type { DaySettings } from '@/core/calls';
import type { Queryable } from './client';

export type BakeDayRow = {
  /** ISO date. */
  readonly day: string;
  readonly settings: DaySettings;
  readonly plan: readonly PlannedStep[];
};

export async function maybeBakeDay(db: Queryable, kitchenId: string, day: string): Promise<BakeDayRow | null> {
  const { rows } = await db.query<BakeDayRow>('select day, settings, plan from bake_day where kitchen_id = $1 and day = $2', [
    kitchenId,
    day,
  ]);
  return rows[0] ?? null;
}

/** The next day that something is planned for, `today` included. */
export async function maybeNextBakeDay(db: Queryable, kitchenId: string, today: string): Promise<BakeDayRow | null> {
  const { rows } = await db.query<BakeDayRow>(
    'select day, settings, plan from bake_day where kitchen_id = $1 and day >= $2 order by day limit 1',
    [kitchenId, today],
  );
  return rows[0] ?? null;
}

export async function setBakeDay(db: Queryable, kitchenId: string, { day, settings, plan }: BakeDayRow): Promise<void> {
  await db.query(
    `insert into bake_day (kitchen_id, day, settings, plan) values ($1, $2, $3, $4)
     on conflict (kitchen_id, day) do update set settings = $3, plan = $4, updated_at = now()`,
    [kitchenId, day, JSON.stringify(settings), JSON.stringify(plan)],
  );
}
