import { succeed, type Result } from '@/core/failure';
import { askedKitchen } from './kitchen-pools';
import { withDatabase } from './with-database';

/** Whether page and database are up, and which installation this is, for the start script: another may answer at its port. */
export const checkHealth = (): Promise<Result<{ kitchen: string | null; installation: string | null }>> =>
  withDatabase('anybody', async (db) => {
    await db.query('select');
    const kitchen = await askedKitchen();
    return succeed({ kitchen: kitchen?.name ?? null, installation: process.env.OVEN_INSTALLATION ?? null });
  });
