import { describe, expect, it } from 'vitest';
import { plankMinutes } from './freezing';

describe('freezing through (Plank 1913)', () => {
  it('10 mm of meat at -20 °C and 12 W/(m2 K): 1.42 h', () =>
    expect(
      plankMinutes('slab', 0.01, { waterShare: 0.74, kg_per_m3: 1050, conductivity_W_per_m_K: 1.3 }, -20, 12) / 60,
    ).toBeCloseTo(1.42, 2));
  it('a yoghurt ball of 25 mm at -18 °C and 8 W/(m2 K): 2.41 h', () =>
    expect(
      plankMinutes('ball', 0.025, { waterShare: 0.85, kg_per_m3: 1030, conductivity_W_per_m_K: 1.5 }, -18, 8) / 60,
    ).toBeCloseTo(2.41, 2));
  it('takes longer thicker, wetter, warmer and in stiller air', () => {
    const at = (size_m: number, waterShare: number, air_c: number, h: number): number =>
      plankMinutes('slab', size_m, { waterShare, kg_per_m3: 1050 }, air_c, h);
    const usual = at(0.02, 0.8, -18, 9);
    for (const longer of [at(0.03, 0.8, -18, 9), at(0.02, 0.9, -18, 9), at(0.02, 0.8, -10, 9), at(0.02, 0.8, -18, 6)])
      expect(longer).toBeGreaterThan(usual);
  });
});
