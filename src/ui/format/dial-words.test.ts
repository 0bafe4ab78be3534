import { describe, expect, it } from 'vitest';
import { MARKS, dialWords, heatOfMark, heatWord, markOf } from './dial-words';

describe('a setpoint in other words', () => {
  it.each([
    [180, 'static-oven', 'fan 160 °C · gas 4'],
    [160, 'fan-oven', 'static 180 °C · gas 4'],
    [150, 'gas-oven', 'fan 135 °C · gas 2'],
    [90, 'static-oven', 'fan 85 °C · below gas ¼'],
    [65, 'dehydrator', ''],
    [200, 'contact-grill', ''],
  ] as const)('%d °C in a %s: %s', (c, kind, words) => expect(dialWords(c, kind)).toBe(words));
  it('marks lead to heat and back, in still and in moving air', () => {
    for (const mark of MARKS)
      for (const kind of ['static-oven', 'gas-oven', 'fan-oven'] as const)
        expect(markOf(heatOfMark(mark, kind) ?? 0, kind)).toBe(mark);
    expect(heatOfMark('12', 'gas-oven')).toBeNull();
  });
});

describe('a setpoint as this baker reads it', () => {
  it.each([
    [180, 'c', 'static-oven', '180 °C'],
    [180, 'f', 'static-oven', '356 °F'],
    [180, 'gas', 'gas-oven', 'gas 4'],
    [160, 'gas', 'fan-oven', 'gas 4'],
    [90, 'gas', 'static-oven', '90 °C'],
    [60, 'gas', 'dehydrator', '60 °C'],
  ] as const)('%s on %s of a %s is %s', (c, dial, kind, words) => expect(heatWord(c, dial, kind)).toBe(words));
});
