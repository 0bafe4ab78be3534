import type { JarView } from '@/contract/jars';

import { counted, dayNumber } from '@/core/quantities';
import { day } from '../format/units';

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

/** Of packs of the same treat that stand in the same place, the one whose day comes first is used first. */
export function firstOut(jars: readonly JarView[]): ReadonlySet<string> {
  const first = new Map<string, JarView>();
  for (const jar of jars) {
    const key = `${jar.name.toLowerCase()} ${jar.store}`;
    const before = first.get(key);
    if (!before || usedBefore(jar, before)) first.set(key, jar);
  }
  const several = new Map<string, number>();
  for (const { name, store } of jars) {
    const key = `${name.toLowerCase()} ${store}`;
    several.set(key, (several.get(key) ?? 0) + 1);
  }
  return new Set([...first].flatMap(([key, { id }]) => ((several.get(key) ?? 0) > 1 ? [id] : [])));
}

const usedBefore = (one: JarView, other: JarView): boolean =>
  one.opened !== other.opened
    ? one.opened
    : one.use_by !== other.use_by
      ? one.use_by < other.use_by
      : one.packed_on < other.packed_on;

/** How long it is still good, in words. */
export function untilWords(jar: Dated, today: string): string {
  if (isUnpromised(jar)) return `no day promised; likely until ${day(jar.likely_until)}`;
  const days = daysLeft(jar, today);
  if (days < 0) return `${-days} ${days === -1 ? 'day' : 'days'} past its day`;
  if (days === 0) return 'today is its day';
  return `${counted(days, 'day')} left`;
}
