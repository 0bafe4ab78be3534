import { describe, expect, it } from 'vitest';
import { day, duration, factor, mass, massRange, moisture, moistureRange, packMass, range, span } from './units';
import { money } from './money';
import { PANTRY } from '../../../tests/reference/shipped';
import { ENDS, FEEL_NAMES, PACK_NAMES, packs, withoutWords } from './words';

describe('numbers as people read them', () => {
  it.each([
    [3.84, '3.8 g'],
    [46.2, '46 g'],
    [999.4, '999 g'],
    [1678, '1.68 kg'],
  ])('%f g is "%s"', (g, text) => expect(mass(g)).toBe(text));
  it.each([
    [143, 163, '143 – 163 g'],
    [150, 150, '150 g'],
    [980, 1020, '980 g – 1.02 kg'],
  ])('%f to %f g', (low, high, text) => expect(massRange(low, high)).toBe(text));
  it('what a price leaves out, by the names that people know', () => {
    expect(withoutWords([])).toBe('');
    expect(withoutWords(['yogurt_greek'], PANTRY)).toBe('without yogurt');
    expect(withoutWords(['honey', 'starch_tapioca'], PANTRY)).toBe('without honey and tapioca starch');
    expect(withoutWords(['Egg, whole', 'Honey', 'Carob'])).toBe('without egg and 2 more');
  });
  it('packs and money as the shop writes them', () => {
    expect([packMass(1000), packMass(1500), packMass(425)]).toEqual(['1 kg', '1.5 kg', '425 g']);
    expect(money(0.8432, 'GBP')).toBe('£0.84');
  });
  it.each([
    [40, '40 min'],
    [59.6, '1 h'],
    [60, '1 h'],
    [131, '2 h 11 min'],
  ])('%f minutes are "%s"', (m, text) => expect(duration(m)).toBe(text));
  it.each([
    [0, 'under a day'],
    [1.9, '1 day'],
    [13, '13 days'],
    [20, '2 weeks'],
    [61, '8 weeks'],
    [120, '3 months'],
  ])('%f days keep "%s", never rounded up', (d, text) => expect(span(d)).toBe(text));
  it('ranges collapse when both ends read alike', () => {
    expect(range(31, 70)).toBe('31 – 70');
    expect(range(8.31, 8.34, 1)).toBe('8.3');
  });
  it('the dry end is never shown more exactly than it is known', () => {
    expect(moisture(1.6)).toBe('under 2 %');
    expect(moisture(7.62)).toBe('7.6 %');
    expect(moistureRange(1.5, 1.9)).toBe('under 2 %');
    expect(moistureRange(1.5, 12.3)).toBe('under 2 – 12 %');
    expect(moistureRange(4, 12.3)).toBe('4 – 12 %');
  });
  it('factors and dates', () => {
    expect([factor(1.5), factor(1.3231), factor(2)]).toEqual(['×1.5', '×1.32', '×2']);
    expect([day('2026-11-04'), day('2026-02-28T23:59:00Z')]).toEqual(['4 Nov 2026', '28 Feb 2026']);
  });
});

describe('words for the format', () => {
  it('packs have their plural', () => {
    expect(packs(1, 'clip-jar')).toBe('1 clip jar');
    expect(packs(2, 'zip-bag')).toBe('2 zip bags');
    expect(packs(3, 'foil-pouch')).toBe('3 foil pouches');
    expect(packs(4, 'foil-pouch-absorber')).toBe('4 foil pouches with absorber');
  });
  it('nothing is left as an id', () => {
    for (const name of [...Object.values(PACK_NAMES), ...Object.values(ENDS), ...Object.values(FEEL_NAMES)])
      expect(name).not.toMatch(/[-_]/);
  });
});
