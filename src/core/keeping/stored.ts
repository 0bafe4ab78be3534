import { fail, succeed, type Result } from '../failure';
import { addDays, dayNumber } from '../quantities';
import type { PackOption, Store } from './packs';

/** How long treats keep in a pack and place, counted from when they are fresh; what ends it. */
export type FreshLife = { readonly days_low: number; readonly days: number; readonly limit: string };

/** A pack in the store room: where it is, and how much of its life went by before it came there. */
export type Stored = {
  readonly option: PackOption;
  readonly store: Store;
  readonly life: FreshLife;
  /** ISO date from which it has been in this pack and place. */
  readonly since: string;
  /** Shares of its life that were used up by then, by the low and by the likely end [0..1]. */
  readonly used_low: number;
  readonly used: number;
  readonly opened: boolean;
  /** It has been thawed once. */
  readonly thawed: boolean;
  /** Not beyond this day, whatever else says so; null for no such day. */
  readonly cap: string | null;
};

/** What decides how it may be thawed: whether it is soft or meaty, and whether it is meat. */
export type Tender = { readonly soft: boolean; readonly meat: boolean };

/** Days that soft and meaty treats keep in the fridge once thawed. Source: USDA guidance on thawed and cooked food, rounded down. */
const THAWED_SOFT_DAYS = 4;
const THAWED_MEAT_DAYS = 3;

/** A pack that was just filled. */
export const freshlyPacked = (option: PackOption, store: Store, life: FreshLife, today: string): Stored => ({
  option,
  store,
  life,
  since: today,
  used_low: 0,
  used: 0,
  opened: false,
  thawed: false,
  cap: null,
});

/** Until when it is surely good, and until when it likely is (ISO dates). */
export function goodUntil({ life, since, used_low, used, cap }: Stored): {
  readonly use_by: string;
  readonly likely_until: string;
} {
  const within = (days: number): string => {
    const date = addDays(since, Math.max(0, Math.floor(days + 1e-9)));
    return cap !== null && cap < date ? cap : date;
  };
  return { use_by: within((1 - used_low) * life.days_low), likely_until: within((1 - used) * life.days) };
}

/** The same pack today, with the share of its life that has gone by. */
function aged(stored: Stored, today: string): Stored {
  const days = Math.max(0, dayNumber(today) - dayNumber(stored.since));
  const share = (of: number): number => (of > 0 ? days / of : 1);
  return {
    ...stored,
    since: today,
    used_low: Math.min(1, stored.used_low + share(stored.life.days_low)),
    used: Math.min(1, stored.used + share(stored.life.days)),
  };
}

/** Opened: from then on it keeps no longer than an opened one does; null where being open makes no difference. */
export function openedOn(stored: Stored, today: string, opened_days: number | null): Stored {
  if (stored.opened) return stored;
  return { ...stored, opened: true, cap: opened_days === null ? stored.cap : earlier(stored.cap, addDays(today, opened_days)) };
}

/**
 * Into another pack or place. Shares of life add up over places, so that a week in a bag is not forgotten in the freezer; what
 * is soft or meaty keeps only days once it is thawed, and is not frozen twice.
 *
 * @param to - where it goes; its `life` is how long it would keep there from fresh
 */
export function movedTo(
  stored: Stored,
  today: string,
  to: Pick<Stored, 'option' | 'store' | 'life'>,
  { soft, meat }: Tender,
): Result<Stored> {
  const tender = soft || meat;
  if (to.store === 'freezer' && stored.thawed && tender)
    return fail(
      'STOPPED',
      'Soft or meaty treats that were thawed are not frozen again: feed them within days, or discard them.',
      'store',
    );
  const thaws = stored.store === 'freezer' && to.store !== 'freezer';
  const days = !thaws || !tender ? null : to.store === 'room' ? 0 : meat ? THAWED_MEAT_DAYS : THAWED_SOFT_DAYS;
  return succeed({
    ...aged(stored, today),
    ...to,
    opened: to.option === stored.option ? stored.opened : false,
    thawed: stored.thawed || thaws,
    cap: days === null ? stored.cap : earlier(stored.cap, addDays(today, days)),
  });
}

const earlier = (one: string | null, other: string): string => (one !== null && one < other ? one : other);
