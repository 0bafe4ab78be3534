import { describe, expect, it } from 'vitest';
import type { JarView } from '@/contract/jars';
import { addDays } from '@/core/quantities';
import { storeTimeline } from './store-timeline';

const TODAY = '2026-12-01';
const pack = (id: string, ends: number, likely = ends + 20): JarView => ({
  id,
  batch_id: null,
  name: id,
  lot: 'C1',
  packed_on: addDays(TODAY, -40),
  pieces: 10,
  left_over: 5,
  piece_g: 4,
  option: 'clip-jar',
  store: 'room',
  opened: false,
  thawed: false,
  limit: 'mould',
  use_by: addDays(TODAY, ends),
  likely_until: addDays(TODAY, likely),
  is_first: false,
  history: [],
});

describe('the time line of the store', () => {
  it('has the first to end on top, and each pack in days from today', () => {
    const { packs, today } = storeTimeline([pack('late', 40), pack('early', 10), pack('past', -5)], TODAY);
    expect(packs.map(({ jar, state }) => [jar.id, state])).toEqual([
      ['past', 'past'],
      ['early', 'good'],
      ['late', 'good'],
    ]);
    const [past, early, late] = packs.map(({ sure }) => sure - today);
    expect(past).toBeLessThan(0);
    expect(late / early).toBeCloseTo(4, 6);
    expect(past / early).toBeCloseTo(-0.5, 6);
    expect(packs.every(({ sure, likely }) => likely >= sure && likely <= 1)).toBe(true);
  });
  it('keeps what is long past and what is far off on the paper, and counts what it leaves out', () => {
    const many = Array.from({ length: 30 }, (_, i) => pack(`p${i}`, i === 0 ? -300 : 5000 + i));
    const { packs, marks, more, today } = storeTimeline(many, TODAY);
    expect(more).toBe(10);
    expect(packs).toHaveLength(20);
    expect(packs.every(({ sure, likely }) => sure >= 0 && likely <= 1)).toBe(true);
    expect(today).toBeGreaterThan(0);
    expect(marks.map(({ at }) => at)).toEqual(marks.map(({ at }) => at).sort((a, b) => a - b));
  });
  it('begins at today where nothing is past, and stands empty', () => {
    expect(storeTimeline([pack('one', 3)], TODAY).today).toBe(0);
    expect(storeTimeline([], TODAY)).toMatchObject({ packs: [], more: 0 });
  });
});
