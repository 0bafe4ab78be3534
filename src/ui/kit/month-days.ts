import { addDays, dayNumber } from '@/core/quantities';

const [DAYS, WEEKS] = [7, 6];

/** Days after Monday of an ISO date; 1 March 2000, from which days are counted, was a Wednesday. */
export const afterMonday = (iso: string): number => (((dayNumber(iso) + 2) % DAYS) + DAYS) % DAYS;

/** Six weeks around a month, as ISO dates: the first begins on the day that weeks begin with. */
export function monthDays(iso: string, firstOfWeek: number): readonly string[] {
  const first = `${iso.slice(0, 8)}01`;
  const before = (afterMonday(first) - firstOfWeek + DAYS) % DAYS;
  return Array.from({ length: DAYS * WEEKS }, (_, i) => addDays(first, i - before));
}

/** The same day of another month, or its last where that has none. */
export function monthAfter(iso: string, months: number): string {
  const [year, month, day] = iso.split('-').map(Number);
  const at = year * 12 + month - 1 + months;
  const [toYear, toMonth] = [Math.floor(at / 12), (at % 12) + 1];
  const first = `${String(toYear).padStart(4, '0')}-${String(toMonth).padStart(2, '0')}-01`;
  const wished = addDays(first, day - 1);
  return wished.slice(0, 7) === first.slice(0, 7) ? wished : addDays(wished, -Number(wished.slice(8)));
}
