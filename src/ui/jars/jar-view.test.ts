import type { JarView } from '@/contract/jars';
import { describe, expect, it } from 'vitest';
import { daysLeft, freshness, untilWords } from './jar-view';

const jar = (id: string, more: Partial<JarView> = {}): JarView => ({
  id,
  batch_id: null,
  name: 'Hillbars',
  lot: 'C26330A-X',
  packed_on: '2026-11-01',
  pieces: 40,
  left_over: 40,
  piece_g: 3,
  option: 'clip-jar',
  store: 'room',
  opened: false,
  thawed: false,
  limit: 'softening',
  use_by: '2026-12-01',
  likely_until: '2027-01-01',
  is_first: false,
  history: [],
  ...more,
});
const TODAY = '2026-11-25';

describe('packs on the shelf', () => {
  it('say how near their end is', () => {
    expect(daysLeft(jar('a'), TODAY)).toBe(6);
    expect([
      freshness(jar('a'), TODAY),
      freshness(jar('b', { use_by: '2026-11-24' }), TODAY),
      freshness(jar('c', { use_by: '2027-02-01' }), TODAY),
    ]).toEqual(['soon', 'past', 'good']);
    expect(untilWords(jar('a'), TODAY)).toBe('6 days left');
    expect(untilWords(jar('a', { use_by: TODAY }), TODAY)).toBe('today is its day');
    expect(untilWords(jar('a', { use_by: '2026-11-24' }), TODAY)).toBe('1 day past its day');
  });
  it('promise nothing where their low end is none, and say until when they likely are good', () => {
    const none = jar('n', { use_by: '2026-11-01', likely_until: '2026-12-12' });
    expect(untilWords(none, TODAY)).toBe('no day promised; likely until 12 Dec 2026');
    expect([freshness(none, TODAY), freshness({ ...none, likely_until: '2026-11-20' }, TODAY)]).toEqual(['soon', 'past']);
  });
});
