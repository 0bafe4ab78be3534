import { succeed, type Result } from '@/core/failure';
import { maybeOpenBatch } from '@/db/batches';
import { kitchenOf } from './view-kitchen';
import { withDatabase } from './with-database';

type RailView = {
  readonly kitchen: { readonly name: string; readonly altitude_m: number; readonly room_c: number; readonly room_rh_pct: number };
  /** The planned batch changed last, or the last one at all. */
  readonly openBatch: string | null;
};

/** What the top rail shows on every page. */
export const viewRail = (): Promise<Result<RailView>> =>
  withDatabase(async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const open = await maybeOpenBatch(db, kitchen.value.id);
    return succeed({ kitchen: kitchen.value, openBatch: open?.id ?? null });
  });
