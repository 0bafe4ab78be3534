import type { PlannedList } from '@/contract/batch';
import { succeed, type Result } from '@/core/failure';
import { plannedNames } from '@/db/batches';
import { kitchenOf } from './view-kitchen';
import { withDatabase } from './with-database';

/** Planned batches that a list shows before anything is searched for. */
export const OFFERED = 24;

/** Planned batches whose name holds what was typed. */
export const findPlanned = (find: string): Promise<Result<PlannedList>> =>
  withDatabase('guest', async (db) => {
    const kitchen = await kitchenOf(db);
    return kitchen.ok ? succeed(await plannedNames(db, kitchen.value.id, { find, limit: OFFERED })) : kitchen;
  });
