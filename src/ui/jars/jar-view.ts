import type { Keeps } from '@/core/prediction';
import { dayNumber } from '@/core/quantities';
import { day } from '../format/units';

/** A pack of the store room. */
export type Jar = {
  readonly id: string;
  readonly batch_id: string | null;
  readonly name: string;
  readonly lot: string;
  readonly packed_on: string;
  readonly pieces: number;
  readonly left_over: number;
  readonly piece_g: number;
  readonly option: Keeps['option'];
  readonly store: Keeps['store'];
  readonly opened: boolean;
  readonly thawed: boolean;
  readonly limit: string;
  readonly surely: string;
  readonly likely: string;
  readonly history: ReadonlyArray<{
    readonly on: string;
    readonly act: string;
    readonly pieces: number | null;
    readonly price: number | null;
    readonly note: string;
  }>;
};

/** How near its end a pack is: days from today, by the low end. */
export const daysLeft = ({ surely }: Pick<Jar, 'surely'>, today: string): number => dayNumber(surely) - dayNumber(today);

const SOON_DAYS = 7;
export type Freshness = 'past' | 'soon' | 'good';
export function freshness(jar: Dated, today: string): Freshness {
  if (isUnpromised(jar)) return dayNumber(jar.likely) < dayNumber(today) ? 'past' : 'soon';
  const days = daysLeft(jar, today);
  return days < 0 ? 'past' : days <= SOON_DAYS ? 'soon' : 'good';
}

/** What decides how a pack stands in time. */
type Dated = Pick<Jar, 'surely' | 'likely' | 'packed_on'>;

/** Its low end promises not a single day: its damp end may spoil at once. */
const isUnpromised = ({ surely, packed_on }: Dated): boolean => surely <= packed_on;

/** Of packs of the same treat that stand in the same place, the one whose day comes first is used first. */
export function firstOut(jars: readonly Jar[]): ReadonlySet<string> {
  const first = new Map<string, Jar>();
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

const usedBefore = (one: Jar, other: Jar): boolean =>
  one.opened !== other.opened
    ? one.opened
    : one.surely !== other.surely
      ? one.surely < other.surely
      : one.packed_on < other.packed_on;

/** How long it is still good, in words. */
export function untilWords(jar: Dated, today: string): string {
  if (isUnpromised(jar)) return `no day promised; likely until ${day(jar.likely)}`;
  const days = daysLeft(jar, today);
  if (days < 0) return `${-days} ${days === -1 ? 'day' : 'days'} past its day`;
  if (days === 0) return 'today is its day';
  return `${days} ${days === 1 ? 'day' : 'days'} left`;
}
