import type { PlannedStep } from '@/core/bakeday';
import type { DaySettings } from '@/core/calls';
import type { Queryable } from './client';
import { overParameter, type Over, type SavedRow } from './versions';

export type BakeDayRow = {
  /** ISO date. */
  readonly day: string;
  readonly settings: DaySettings;
  readonly plan: readonly PlannedStep[];
};

export type StoredBakeDay = BakeDayRow & SavedRow;

const COLUMNS = 'day, settings, plan, revision, updated_at';

export async function maybeBakeDay(db: Queryable, kitchenId: string, day: string): Promise<StoredBakeDay | null> {
  const { rows } = await db.query<StoredBakeDay>(`select ${COLUMNS} from bake_day where kitchen_id = $1 and day = $2`, [
    kitchenId,
    day,
  ]);
  return rows[0] ?? null;
}

/** The next day that something is planned for, `today` included. */
export async function maybeNextBakeDay(db: Queryable, kitchenId: string, today: string): Promise<StoredBakeDay | null> {
  const { rows } = await db.query<StoredBakeDay>(
    `select ${COLUMNS} from bake_day where kitchen_id = $1 and day >= $2 order by day limit 1`,
    [kitchenId, today],
  );
  return rows[0] ?? null;
}

/** What is planned for the days from one to another, both included. */
export async function bakeDaysBetween(db: Queryable, kitchenId: string, from: string, to: string): Promise<StoredBakeDay[]> {
  const { rows } = await db.query<StoredBakeDay>(
    `select ${COLUMNS} from bake_day where kitchen_id = $1 and day between $2 and $3 order by day`,
    [kitchenId, from, to],
  );
  return rows;
}

/** Keeps a day with its plan; null when another revision stands there. */
export async function setBakeDay(
  db: Queryable,
  kitchenId: string,
  { day, settings, plan }: BakeDayRow,
  over: Over,
): Promise<SavedRow | null> {
  const { rows } = await db.query<SavedRow>(
    `insert into bake_day (kitchen_id, day, settings, plan) values ($1, $2, $3, $4)
     on conflict (kitchen_id, day) do update set settings = $3, plan = $4, updated_at = now(), revision = bake_day.revision + 1
     where $5::integer is null or bake_day.revision = $5
     returning revision, updated_at`,
    [kitchenId, day, JSON.stringify(settings), JSON.stringify(plan), overParameter(over)],
  );
  return rows[0] ?? null;
}
