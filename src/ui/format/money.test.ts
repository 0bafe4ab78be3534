import { describe, expect, it } from 'vitest';
import { money } from './money';

describe('money', () => {
  it('is written as the browser writes it, of every currency', () => {
    const amounts = [0, 0.125, -0.001, 0.84, 3.2, 12.349, 999.99, 1234.5, 1_234_567.891, -4.25];
    for (const currency of Intl.supportedValuesOf('currency')) {
      const by = new Intl.NumberFormat('en-GB', { style: 'currency', currency });
      expect(amounts.map((amount) => money(amount, currency))).toEqual(amounts.map((amount) => by.format(amount)));
    }
  });
});
