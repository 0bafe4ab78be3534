import { succeed, type Result } from '@/core/failure';
import { kitchenOf } from './view-kitchen';
import { withDatabase } from './with-database';

/** Whether page and database are up, for the start script. */
export const checkHealth = (): Promise<Result<{ kitchen: string }>> =>
  withDatabase(async (db) => {
    const kitchen = await kitchenOf(db);
    return kitchen.ok ? succeed({ kitchen: kitchen.value.name }) : kitchen;
  });
