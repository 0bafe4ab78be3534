import type { JarView } from '@/contract/jars';
import type { Store } from '@/core/keeping';

import { counted, dayNumber } from '@/core/quantities';
import { day } from '../format/units';

export const SHELVES: Readonly<Record<Store, string>> = {
  room: 'On the shelf',
  fridge: 'In the fridge',
  freezer: 'In the freezer',
};

/** How near its end a pack is: days from today, by the low end. */
export const daysLeft = ({ use_by }: Pick<JarView, 'use_by'>, today: string): number => dayNumber(use_by) - dayNumber(today);

const SOON_DAYS = 7;
export type Freshness = 'past' | 'soon' | 'good';
export function freshness(jar: Dated, today: string): Freshness {
  if (isUnpromised(jar)) return dayNumber(jar.likely_until) < dayNumber(today) ? 'past' : 'soon';
  const days = daysLeft(jar, today);
  return days < 0 ? 'past' : days <= SOON_DAYS ? 'soon' : 'good';
}

/** What decides how a pack stands in time. */
type Dated = Pick<JarView, 'use_by' | 'likely_until' | 'packed_on'>;

/** Its low end promises not a single day: its damp end may spoil at once. */
const isUnpromised = ({ use_by, packed_on }: Dated): boolean => use_by <= packed_on;

/** How long it is still good, in words. */
export function untilWords(jar: Dated, today: string): string {
  if (isUnpromised(jar)) return `no day promised; likely until ${day(jar.likely_until)}`;
  const days = daysLeft(jar, today);
  if (days < 0) return `${-days} ${days === -1 ? 'day' : 'days'} past its day`;
  if (days === 0) return 'today is its day';
  return `${counted(days, 'day')} left`;
}
