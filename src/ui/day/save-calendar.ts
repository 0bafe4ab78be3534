import type { Day, PlannedStep } from '@/core/bakeday';
import type { DayNames } from './day-names';

/** Hands the day over as a calendar file. */
export async function saveCalendar(iso: string, day: Day, plan: readonly PlannedStep[], names: DayNames): Promise<void> {
  const { dayCalendar } = await import('@/formats/day-calendar');
  const text = dayCalendar(iso, day, plan, { batch: names.nameOf, visit: names.visitName });
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([text], { type: 'text/calendar' }));
  link.download = `bake-day-${iso}.ics`;
  link.click();
  URL.revokeObjectURL(link.href);
}
