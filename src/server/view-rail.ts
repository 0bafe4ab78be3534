import { succeed, type Result } from '@/core/failure';
import type { Reader } from '@/core/said';
import type { Me } from '@/contract/people';
import type { KitchenChoice } from '@/contract/kitchens';
import { maybeOpenBatch } from '@/db/batches';
import { who } from './asked';
import { isAtHome } from './choose-kitchen';
import { drawAhead } from './open-batch';
import { kitchens } from './kitchen-pools';
import { kitchenOf } from './view-kitchen';
import { withDatabase } from './with-database';

type RailView = {
  readonly kitchen: KitchenChoice;
  /** Who is signed in; null where nobody needs to be known. */
  readonly me: Me | null;
  readonly reads: Reader;
  readonly kitchens: readonly KitchenChoice[];
  /** The planned batch changed last, or the last one at all. */
  readonly openBatch: string | null;
};

/** What the top rail shows on every page. */
export const viewRail = (): Promise<Result<RailView>> =>
  withDatabase('guest', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const open = await maybeOpenBatch(db, kitchen.value.id);
    const there = await kitchens();
    // Who is still asked which kitchen opens no batch next; nor does the house, which asks for its own first page.
    if (open && isAtHome(there)) await drawAhead(db, kitchen.value, open);
    const { id, name, is_demo, reads } = kitchen.value;
    const asking = who();
    const person = asking.kind === 'person' ? asking : null;
    const me = person && { name: person.name, role: person.roles.get(id) ?? null };
    return succeed({
      kitchen: { id, name, is_demo },
      me,
      reads: { ...reads, ...person?.reads },
      kitchens: there,
      openBatch: open?.id ?? null,
    });
  });
