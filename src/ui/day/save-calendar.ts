import type { Day, PlannedStep } from '@/core/bakeday';
import { saveFile } from '../kit/save-file';
import type { DayNames } from './day-names';

/** Hands the day over as a calendar file. */
export async function saveCalendar(iso: string, day: Day, plan: readonly PlannedStep[], names: DayNames): Promise<void> {
  const { dayCalendar } = await import('@/formats/day-calendar');
  const text = dayCalendar(iso, day, plan, { batch: names.nameOf, visit: names.visitName });
  saveFile(new Blob([text], { type: 'text/calendar' }), `bake-day-${iso}.ics`);
}
