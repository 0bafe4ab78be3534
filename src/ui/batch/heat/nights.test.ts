import { describe, expect, it } from 'vitest';
import { nightsWords } from './nights';

describe('loads of an overnight programme', () => {
  it.each([
    [{ minutes: 600, loads: 1, all_loads_minutes: 600 }, ''],
    [{ minutes: 45, loads: 20, all_loads_minutes: 900 }, ''],
    [{ minutes: 300, loads: 2, all_loads_minutes: 600 }, ''],
    [{ minutes: 600, loads: 3, all_loads_minutes: 1800 }, '30 h together, 3 nights: what waits goes into the fridge'],
    [{ minutes: 300, loads: 3, all_loads_minutes: 900 }, '15 h together, 2 nights: what waits goes into the fridge'],
  ])('%j: "%s"', (heat, words) => expect(nightsWords(heat)).toBe(words));
});
