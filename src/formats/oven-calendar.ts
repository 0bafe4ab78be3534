import ical, { ICalAlarmType } from 'ical-generator';

/** A call to come, in words. */
export type CalendarCall = {
  readonly id: string;
  readonly batch: string;
  readonly title: string;
  readonly detail: string;
  readonly due_ms: number;
  readonly hands_min: number;
};
const MS_PER_MINUTE = 60_000;

/** Calls of the oven as an iCalendar file (RFC 5545) with an alarm at each: what rings while a phone sleeps, as they stand now. */
export function ovenCalendar(calls: readonly CalendarCall[]): string {
  const calendar = ical({ name: 'At the oven', prodId: { company: 'Upbeat Oven', product: 'At the oven', language: 'EN' } });
  for (const { id, batch, title, detail, due_ms, hands_min } of calls) {
    const event = calendar.createEvent({
      id: `${id}@upbeat-oven`,
      start: new Date(due_ms),
      end: new Date(due_ms + Math.max(1, hands_min) * MS_PER_MINUTE),
      summary: `${title} (${batch})`,
      description: detail,
    });
    event.createAlarm({ type: ICalAlarmType.audio, trigger: 0, description: title });
  }
  return calendar.toString();
}
