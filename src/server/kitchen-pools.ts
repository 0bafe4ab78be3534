import 'server-only';
import type pg from 'pg';
import { openPool } from '@/db/client';
import { kitchensThere, type KitchenThere } from '@/db/kitchens';
import { asked, readBy, who, type Asked } from './asked';
import { config } from './config';
import { maySee } from './people/allowed';

/** Kitchens whose connections are kept open; those of one that nobody asks for close by themselves. */
const MOST_POOLS = 12;
/** Another process may have made a kitchen, or taken one away: what is known of them is believed so long [ms]. */
const BELIEVED_MS = 3000;

type Pools = {
  readonly of: Map<string, pg.Pool>;
  known: { readonly at_ms: number; readonly kitchens: readonly KitchenThere[] } | null;
};
/** One set per process, also across reloads of a development build. */
const shared = globalThis as { ovenPools?: Pools };
const pools = (): Pools => (shared.ovenPools ??= { of: new Map(), known: null });

/** Connections that see one kitchen; null: that see none. */
export function poolOf(kitchenId: string | null): pg.Pool {
  const { of } = pools();
  const key = kitchenId ?? '';
  const pool = of.get(key) ?? openPool(config().databaseUrl, kitchenId);
  // The one asked for last is put away last.
  of.delete(key);
  of.set(key, pool);
  const [oldest] = of.keys();
  if (of.size > MOST_POOLS) {
    void of.get(oldest)?.end();
    of.delete(oldest);
  }
  return pool;
}

/** Kitchens of this house that who asks may know of: one's own first. */
export async function kitchens(choice: Asked = asked()): Promise<readonly KitchenThere[]> {
  return (await allKitchens()).filter(({ id }) => maySee(id, choice));
}

/** Every kitchen of this house. */
async function allKitchens(): Promise<readonly KitchenThere[]> {
  const { known } = pools();
  if (known && known.kitchens.length > 0 && performance.now() - known.at_ms < BELIEVED_MS) return known.kitchens;
  const there = await kitchensThere(poolOf(null));
  pools().known = { at_ms: performance.now(), kitchens: there };
  return there;
}

/** Looks again which kitchens there are, the next time that somebody asks. */
export function forgetKitchens(): void {
  pools().known = null;
}

/** The kitchen that a request is about: the one it chose, while there is one; or else one's own; or else the demo. Null where there is none. */
export async function askedKitchen(choice: Asked = asked()): Promise<KitchenThere | null> {
  const there = await kitchens(choice);
  const found = there.find(({ id }) => id === choice.kitchen) ?? (choice.only ? null : (there[0] ?? null));
  const asking = who(choice);
  if (!found) return null;
  if (asking.kind === 'person') readBy({ ...found.reads, ...asking.reads }, asking.roles.get(found.id));
  else readBy(found.reads, undefined);
  return found;
}

/** Closes every connection. */
export async function closePools(): Promise<void> {
  const { of } = pools();
  delete shared.ovenPools;
  await Promise.all([...of.values()].map((pool) => pool.end()));
}
