import { A_DAY_MIN } from '@/core/quantities';

/** The kitchen's clock: what time it is, which day that is where the kitchen stands, and when a time of a day is. */

const MS_PER_MINUTE = 60_000;

/** Where time comes from: the machine's clock, unless a test sets another. One per process, also across reloads. */
const shared = globalThis as { ovenClock?: () => number };

/** The present moment [ms since 1970]. */
export const now = (): number => (shared.ovenClock ?? Date.now)();

/** Lets a test say what time it is; called without a clock, time is the machine's again. */
export function setClock(clock?: () => number): void {
  if (clock) shared.ovenClock = clock;
  else delete shared.ovenClock;
}

/** An IANA name like "Europe/London"; undefined for the zone that the machine is set to. */
export type TimeZone = string | undefined;

/** The ISO day that it is in a zone at a moment. */
export const isoDay = (at: Date | number, zone: TimeZone): string =>
  // Of all languages' dates, the Swedish one is the ISO date.
  formatOf('sv-SE', zone, { year: 'numeric', month: '2-digit', day: '2-digit' }).format(at);

/** Formats by what they write: each costs more to make than hundreds of dates do. The zone of the machine may change. */
const formats = new Map<string, Intl.DateTimeFormat>();
function formatOf(language: string, zone: TimeZone, parts: Intl.DateTimeFormatOptions): Intl.DateTimeFormat {
  const timeZone = zone ?? process.env.TZ;
  const key = `${language} ${timeZone ?? ''}`;
  const known = formats.get(key);
  if (known) return known;
  const made = new Intl.DateTimeFormat(language, { timeZone, ...parts });
  formats.set(key, made);
  return made;
}

/** The ISO day that it is now. */
export const today = (zone: TimeZone): string => isoDay(now(), zone);

/** What a zone's clocks show at a moment, as if they stood in Greenwich [ms]. */
function shown(at_ms: number, zone: TimeZone): number {
  const parts = formatOf('en-GB', zone, {
    hourCycle: 'h23',
    ...{ year: 'numeric', month: 'numeric', day: 'numeric', hour: 'numeric', minute: 'numeric', second: 'numeric' },
  }).formatToParts(at_ms);
  const of = (type: Intl.DateTimeFormatPartTypes): number => Number(parts.find((part) => part.type === type)?.value);
  return Date.UTC(of('year'), of('month') - 1, of('day'), of('hour'), of('minute'), of('second'));
}

/** How far a zone's clocks are ahead of Greenwich at a moment [ms]. */
const ahead = (at_ms: number, zone: TimeZone): number => shown(at_ms, zone) - Math.floor(at_ms / 1000) * 1000;

/**
 * The moment at which a zone's clocks show a time of a day [ms since 1970]. Of a time that comes twice, the first; of one
 * that is left out, as much later as clocks are put on.
 *
 * @param day - ISO date
 * @param minute - minutes on the clock after that day's midnight; may run on over the next days
 */
export function at(day: string, minute: number, zone: TimeZone): number {
  const wanted = Date.parse(`${day}T00:00:00Z`) + minute * MS_PER_MINUTE;
  const day_ms = A_DAY_MIN * MS_PER_MINUTE;
  // Clocks are never put on or back twice within two days, so one of the two is what they are ahead by then.
  const [before, after] = [ahead(wanted - day_ms, zone), ahead(wanted + day_ms, zone)];
  const found = [before, after].map((by) => wanted - by).find((moment) => moment + ahead(moment, zone) === wanted);
  return found ?? wanted - before;
}

/** Minutes that a zone's clocks have gone since a day's midnight: what `at` takes. */
export const minuteSince = (day: string, at_ms: number, zone: TimeZone): number =>
  (at_ms + ahead(at_ms, zone) - Date.parse(`${day}T00:00:00Z`)) / MS_PER_MINUTE;
