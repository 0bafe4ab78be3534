import ical, { ICalAlarmType } from 'ical-generator';
import type { Day, PlannedStep } from '@/core/bakeday';

/** What batches and the visits of hands are called where the calendar is read. */
export type DayNames = {
  readonly batch: (b: number) => string;
  /** What hands come for, the visit of so many that a step asks for. */
  readonly visit: (b: number, j: number, visit: number, visits: number) => string;
};

const ALARM_BEFORE_S = 60;
const MS_PER_MINUTE = 60_000;

/**
 * A day's plan as an iCalendar file (RFC 5545): every time that hands are called, in the kitchen's own clock, with an alarm.
 *
 * @param iso - the day from whose midnight minutes count
 */
export function dayCalendar(iso: string, day: Day, plan: readonly PlannedStep[], names: DayNames): string {
  const calendar = ical({ name: `Bake day ${iso}`, prodId: { company: 'Upbeat Oven', product: 'Bake day', language: 'EN' } });
  // A floating time is written as Greenwich reads it. So 07:00 is 07:00 in every zone, also after clocks were changed.
  const at = (minute: number): Date => new Date(Date.parse(`${iso}T00:00:00Z`) + minute * MS_PER_MINUTE);
  for (const { b, j, att } of [...plan].sort((x, y) => x.s - y.s)) {
    const step = day.batches[b].steps[j];
    for (const [i, { s, e }] of att.entries()) {
      const visit = names.visit(b, j, i, att.length);
      const event = calendar.createEvent({
        id: `${iso}-${day.batches[b].id}-${step.id}-${i}@upbeat-oven`,
        floating: true,
        start: at(s),
        end: at(e),
        summary: `${names.batch(b)}: ${visit}`,
      });
      event.createAlarm({ type: ICalAlarmType.display, trigger: ALARM_BEFORE_S, description: visit });
    }
  }
  return calendar.toString();
}
