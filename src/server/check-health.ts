import { succeed, type Result } from '@/core/failure';
import { kitchenOf } from './view-kitchen';
import { withDatabase } from './with-database';

/** Whether page and database are up, and which installation this is, for the start script: another may answer at its port. */
export const checkHealth = (): Promise<Result<{ kitchen: string; installation: string | null }>> =>
  withDatabase(async (db) => {
    const kitchen = await kitchenOf(db);
    return kitchen.ok ? succeed({ kitchen: kitchen.value.name, installation: process.env.OVEN_INSTALLATION ?? null }) : kitchen;
  });
