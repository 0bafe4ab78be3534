import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { typedNumber } from '.';

const ROWS = readFileSync('tests/written/typed-values.txt', 'utf8')
  .split('\n')
  .filter((line) => line !== '' && !line.startsWith('#'))
  .map((line) => line.split('|').map((cell) => cell.trim()) as [typed: string, unit: string, meant: string]);

describe('what is typed into a field', () => {
  it('is tried two hundred times', () => expect(ROWS.length).toBeGreaterThanOrEqual(200));
  it.each(ROWS)('"%s" in %s is %s', (typed, unit, meant) => {
    const value = typedNumber(typed, unit);
    if (meant === 'refused') expect(value).toBeNull();
    else expect(value).toBeCloseTo(Number(meant), 3);
  });
  it('a number as the field itself writes it always comes back', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: -99_999, max: 9_999_999 }),
        fc.constantFrom('mm', 'g', 'min', '°C', '%', 'days', ''),
        (thousandths, unit) => {
          const shown = String(thousandths / 1000);
          expect(typedNumber(shown, unit)).toBeCloseTo(Number(shown), 9);
        },
      ),
      { seed: 17 },
    ));
  it('no text makes it anything but a number or nothing', () =>
    fc.assert(
      fc.property(fc.string(), fc.constantFrom('mm', 'g', 'min', '°C', '%'), (text, unit) => {
        const value = typedNumber(text, unit);
        expect(value === null || Number.isFinite(value)).toBe(true);
      }),
      { seed: 18 },
    ));
});
