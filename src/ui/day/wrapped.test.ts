import { describe, expect, it } from 'vitest';
import { wrapped } from './wrapped';

const NAME = "Hillbars for Saturday's market: Bake at 170 °C";

describe('a text in a narrow place', () => {
  it('stays whole where it fits', () => {
    expect(wrapped('Trays', 17, 1)).toEqual(['Trays']);
    expect(wrapped('Big oven (dial reads 8 °C hot)', 17, 2)).toEqual(['Big oven (dial', 'reads 8 °C hot)']);
  });
  it('keeps a heat with its degrees', () => {
    expect(wrapped('Bake at 175 °C, then off', 12, 3)).toEqual(['Bake at', '175 °C, then', 'off']);
  });
  it('is cut where its last line ends', () => {
    expect(wrapped(NAME, 20, 1)).toEqual(['Hillbars for Saturd…']);
    expect(wrapped(NAME, 20, 2)).toEqual(['Hillbars for', "Saturday's market:…"]);
  });
  it('is cut within a word that is wider than the place, and left out where so little of it would tell nothing', () => {
    expect(wrapped('Hillbars-for-the-market', 12, 1)).toEqual(['Hillbars-fo…']);
    expect(wrapped(NAME, 5, 3)).toEqual([]);
    expect(wrapped('Tray', 5, 3)).toEqual(['Tray']);
    expect(wrapped(NAME, 2, 3)).toEqual([]);
    expect(wrapped(NAME, 20, 0)).toEqual([]);
  });
  it('never makes a line longer than the place, nor more lines than there are', () => {
    for (let letters = 3; letters < 50; letters++)
      for (let lines = 1; lines < 5; lines++) {
        const made = wrapped(NAME, letters, lines);
        expect(made.length).toBeLessThanOrEqual(lines);
        for (const line of made) expect(line.length).toBeLessThanOrEqual(letters);
        if (made.length > 0 && !made.some((line) => line.endsWith('…'))) expect(made.join(' ')).toBe(NAME);
      }
  });
});
