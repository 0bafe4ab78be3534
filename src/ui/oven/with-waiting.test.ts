import { describe, expect, it } from 'vitest';
import type { BakeView, CallView, OvenView } from '@/contract/oven';
import type { Waiting } from './outbox';
import { withWaiting } from './with-waiting';

const START = Date.UTC(2026, 10, 28, 9);
const MINUTE = 60_000;
const at = (minute: number): string => new Date(START + minute * MINUTE).toISOString();
const call = (position: number, minute: number, done: number | null = null): CallView =>
  ({ position, due_at: at(minute), done_at: done === null ? null : at(done), call: {}, appliance: null }) as unknown as CallView;
const bake = (batch: string): BakeView =>
  ({
    batch,
    calls: [call(0, 0, 0), call(1, 10), call(2, 30), call(3, 45)],
    next: 1,
    ended_at: null,
    readings: [],
  }) as unknown as BakeView;
const oven: OvenView = { now: at(8), bakes: [bake('a'), bake('b')], waiting: { rows: [], total: 0 } };
const given = (minute: number, body: unknown, address = '/api/oven/a'): Waiting => ({
  ...{ key: `k${minute}`, address, body, at_ms: 0 },
  oven_ms: START + minute * MINUTE,
});
const dues = ({ calls }: BakeView): number[] => calls.map(({ due_at }) => (Date.parse(due_at) - START) / MINUTE);

describe('the oven with what waits', () => {
  it('goes on to the next call, later by as much as the last was late; other batches stay', () => {
    const [a, b] = withWaiting(oven, [given(14, { do: 'done', position: 1 })]).bakes;
    expect([a.next, dues(a), a.calls[1].done_at]).toEqual([2, [0, 10, 34, 49], at(14)]);
    expect(b).toEqual(bake('b'));
  });
  it('takes every answer in its turn, up to the end', () => {
    const waiting = [1, 2, 3].map((position) => given(10 + position, { do: 'done', position }));
    const [a] = withWaiting(oven, waiting).bakes;
    expect([a.next, a.ended_at]).toEqual([null, at(13)]);
    expect(withWaiting(oven, [...waiting, given(14, { do: 'undo' })]).bakes[0]).toMatchObject({ next: 3, ended_at: null });
  });
  it('calls later from now where a call is overdue, and stays longer from when it was due', () => {
    expect(dues(withWaiting(oven, [given(13, { do: 'later', minutes: 2 })]).bakes[0])).toEqual([0, 15, 35, 50]);
    expect(dues(withWaiting(oven, [given(13, { do: 'more', minutes: 5 })]).bakes[0])).toEqual([0, 15, 35, 50]);
  });
  it('shows what was typed, and what is not there any more is gone', () => {
    const typed = given(12, { by: 'hand', kind: 'tray_g', value: 1390 }, '/api/oven/a/readings');
    expect(withWaiting(oven, [typed]).bakes[0].readings).toEqual([
      { id: 'k12', at: at(12), kind: 'tray_g', value: 1390, source: 'typed' },
    ]);
    expect(withWaiting(oven, [given(12, { do: 'give-up' })]).bakes.map(({ batch }) => batch)).toEqual(['b']);
  });
  it('takes what does not fit for nothing', () => {
    expect(withWaiting(oven, [given(12, { do: 'done', position: 3 }), given(12, { batch: 'x' }, '/api/oven')])).toEqual(oven);
  });
});
