import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { solve } from '@/core/bakeday';
import { dayCalendar } from './day-calendar';
import { readDay } from './read-day';

describe('a day as a calendar', () => {
  const day = readDay(readFileSync('data/days/saturday.day.json', 'utf8'));
  if (!day.ok) throw new Error(day.message);
  const plan = solve(day.value, { seed: 1, iterations: 50 })?.plan ?? [];
  const text = dayCalendar('2026-11-28', day.value, plan, {
    batch: (b) => day.value.batches[b].id,
    visit: (b, j, at, of) => `${day.value.batches[b].steps[j].name} ${at + 1}/${of}`,
  });
  it('calls hands to every step, in the kitchen’s own clock, with an alarm', () => {
    const calls = plan.flatMap(({ att }) => att);
    expect(text.match(/BEGIN:VEVENT/g)).toHaveLength(calls.length);
    expect(text.match(/TRIGGER:-PT1M/g)).toHaveLength(calls.length);
    for (const { s } of calls) {
      const clock = `${String(Math.floor(s / 60) % 24).padStart(2, '0')}${String(s % 60).padStart(2, '0')}00`;
      expect(text).toMatch(new RegExp(`DTSTART:202611(28|29)T${clock}\\r\\n`));
    }
  });
  it('names every visit of hands by itself', () => {
    const names = plan.flatMap(({ b, j, att }) =>
      att.map((_, i) => `${day.value.batches[b].id}: ${day.value.batches[b].steps[j].name} ${i + 1}/${att.length}`),
    );
    const told = (text.replaceAll('\r\n ', '').match(/^SUMMARY:.*$/gm) ?? []).map((line) => line.replace('SUMMARY:', ''));
    expect(told.sort()).toEqual(names.sort());
  });
  it('keeps to the rules of the format: one file, ids of their own, short lines', () => {
    expect(text.startsWith('BEGIN:VCALENDAR\r\nVERSION:2.0\r\n')).toBe(true);
    const ids = text.match(/^UID:.*$/gm) ?? [];
    expect(new Set(ids).size).toBe(ids.length);
    for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
  });
});

// 2026-11-29: away from Greenwich calls were written hours off, and an hour more after clocks were changed.
it.each(['Europe/London', 'Pacific/Auckland'])('seven in the morning stays seven in %s, whatever clocks do that night', (TZ) => {
  const script = `
    import { dayCalendar } from './src/formats/day-calendar';
    const day = { batches: [{ id: 'a', steps: [{ id: 'mix' }] }] };
    const plan = [{ b: 0, j: 0, s: 1860, e: 1870, m: -1, att: [{ s: 1860, e: 1870, n: 1 }] }];
    for (const iso of ['2026-03-28', '2026-04-04', '2026-10-24', '2026-11-28'])
      console.log(dayCalendar(iso, day, plan, { batch: () => 'batch', visit: () => 'visit' }));`;
  const args = ['--import', 'tsx', '--input-type=module', '-e', script];
  const text = execFileSync(process.execPath, args, { env: { ...process.env, TZ }, encoding: 'utf8' });
  expect(text.match(/DTSTART:\d{8}T070000/g)).toHaveLength(4);
});
