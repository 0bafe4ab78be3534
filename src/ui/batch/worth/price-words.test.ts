import { describe, expect, it } from 'vitest';
import type { CostReport } from '@/core/outcomes';
import { priceWords } from './price-words';

const worth = (more: Partial<CostReport>): CostReport =>
  ({
    per: { hundred_g: { withoutLabour: 1.12, total: 2.4 } },
    missing: [],
    minutesAreGuessed: true,
    ...more,
  }) as unknown as CostReport;

describe('what a hundred grams cost', () => {
  it('says it without the work and with it, and that the minutes are a guess', () =>
    expect(priceWords(worth({}), 'GBP')).toBe('£1.12 per 100 g to make, £2.40 with your time, guessed'));
  it('says nothing of a guess where the minutes were typed', () =>
    expect(priceWords(worth({ minutesAreGuessed: false }), 'GBP')).toBe('£1.12 per 100 g to make, £2.40 with your time'));
  it('does not call a price whole that has no wage in it', () =>
    expect(priceWords(worth({ missing: ['labour'] }), 'GBP')).toBe('£1.12 per 100 g to make, your time not counted'));
});
