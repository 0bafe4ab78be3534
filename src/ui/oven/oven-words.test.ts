import type { BakeView } from '@/contract/oven';
import { describe, expect, it } from 'vitest';
import { actWords, clockLeft } from './act-words';
import { mostUrgent, toCome } from './oven-view';
import { outlookWords } from './outlook-words';

describe('calls in words', () => {
  it('speak the baker’s own dial', () => {
    const dial = { do: 'step', kind: 'static-oven', step: { do: 'hold', setpoint_c: 180, minutes: 20 } } as const;
    expect([actWords(dial, 'c', 4).title, actWords(dial, 'f', 4).title, actWords(dial, 'gas', 4).title]).toEqual([
      'Dial to 180 °C',
      'Dial to 356 °F',
      'Dial to gas 4',
    ]);
    const load = { do: 'put-in', kind: 'static-oven', setpoint_c: 175, load: 2, loads: 3 } as const;
    expect(actWords(load, 'c', 4).title).toBe('Put load 2 of 3 in');
    expect(actWords(load, 'c', 4).detail).toBe('175 °C, static oven. Weigh one tray first.');
    expect(actWords({ do: 'shape' }, 'c', 210).title).toBe('Shape 210 pieces');
  });
  it('name the appliance as this kitchen does', () => {
    const load = { do: 'put-in', kind: 'static-oven', setpoint_c: 175, load: 1, loads: 1 } as const;
    expect(actWords(load, 'c', 4, 'Old oven').detail).toBe('175 °C, Old oven. Weigh one tray first.');
    expect(actWords({ ...load, setpoint_c: null }, 'c', 4, 'Old oven').detail).toBe('Into the old oven. Weigh one tray first.');
    const on = { do: 'heat-up', kind: 'static-oven', setpoint_c: 175 } as const;
    expect(actWords(on, 'c', 4, 'Old oven').detail).toBe('The old oven heats while you shape.');
  });
  it('count down in minutes, and hours where there are any', () => {
    expect([clockLeft(784_000), clockLeft(-65_000), clockLeft(7_384_000)]).toEqual(['13:04', '1:05', '2:03:04']);
  });
});

describe('what is next', () => {
  const call = (due: string, done = false) => ({
    position: 0,
    call: { id: 'a', step: 'a', act: { do: 'mix' }, from: 'before', minutes: 0, hands: 3, runs: null, portion: null } as const,
    appliance: null,
    due_at: due,
    done_at: done ? due : null,
  });
  const bake = (name: string, ...calls: ReturnType<typeof call>[]): BakeView => ({
    batch: name,
    name,
    pieces: 1,
    day: null,
    calls,
    next: calls.findIndex(({ done_at }) => done_at === null) === -1 ? null : calls.findIndex(({ done_at }) => done_at === null),
    ended_at: null,
    stands: {
      stage: 0,
      appliance: null,
      went_in: null,
      from_min: 0,
      planned_min: 0,
      tray_g: null,
      before_g: null,
      outlook: null,
    },
    course: [],
    readings: [],
  });
  const early = bake('early', call('2026-11-28T08:00:00Z', true), call('2026-11-28T09:00:00Z'));
  const late = bake('late', call('2026-11-28T08:30:00Z'), call('2026-11-28T10:00:00Z'));
  const over = bake('over', call('2026-11-28T07:00:00Z', true));
  it('is the call that is due first, over all batches', () => {
    expect(mostUrgent([early, late, over])?.name).toBe('late');
    expect(mostUrgent([over])).toBeNull();
    expect(toCome([early, late, over]).map(({ bake: { name } }) => name)).toEqual(['late', 'early', 'late']);
  });
});

describe('when it will be dry enough', () => {
  const NOON = Date.parse('2026-11-28T12:00:00');
  const end = { low: 90, mid: 125, high: 150 };
  const say = (tell: 'wide-band' | 'band-and-time' | 'weigh-again', more = {}, weighed = 1) =>
    outlookWords({ tell, end, batches: 3, ...more }, NOON, 100, weighed, NOON);
  it('is never a single time on the first bake of an oven', () => {
    expect(say('wide-band', { batches: 0 }, 0).text).toBe(
      'The first batch known in this oven: dry enough between 13:30 and 14:30. Weigh a tray half-way, then every 20 to 30 minutes.',
    );
    expect(say('weigh-again', { batches: 0 }).text).toMatch(/^Slower than planned, .*Weigh again/);
    expect(say('weigh-again', { batches: 0 }).text).not.toMatch(/\d\d:\d\d/);
  });
  it('says how much it trusts itself, what it rests on, and how much longer it would take', () => {
    const { text, short_min } = say('band-and-time');
    expect(text).toBe(
      'Dry enough about 14:05 (13:30 to 14:30 in four of five), 25 min later than planned. From 3 batches in this oven and this tray.',
    );
    expect(short_min).toBe(25);
    expect(say('band-and-time', { end: { low: 80, mid: 102, high: 120 } }).short_min).toBe(0);
  });
  it('names no latest time where there may be none', () =>
    expect(say('band-and-time', { end: { low: 90, mid: 125, high: Infinity } }).text).toContain('(after 13:30 in four of five)'));
  it('says when it never gets there', () => expect(say('band-and-time', { end: null }).text).toMatch(/does not get as dry/));
});
