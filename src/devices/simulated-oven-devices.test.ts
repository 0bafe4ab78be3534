import { describe, expect, it } from 'vitest';
import { SimulatedHygrometer } from './simulated-hygrometer';
import { SimulatedProbe } from './simulated-probe';

describe('the stand-in probe', () => {
  it('follows what is true a little late, in steps of its display', () => {
    const probe = new SimulatedProbe((now_ms) => ({ core_c: now_ms < 1000 ? 20 : 80, air_c: 175 }), 7);
    expect(probe.read(0)?.core_c).toBeCloseTo(20, 0);
    const soon = probe.read(4000);
    expect(soon?.core_c).toBeGreaterThan(30);
    expect(soon?.core_c).toBeLessThan(60);
    expect(probe.read(120_000)?.core_c).toBeCloseTo(80, 0);
    expect(probe.read(121_000)?.air_c).toBeCloseTo(175, 0);
    expect(Number.isInteger(Math.round((soon?.core_c ?? 0) * 10 * 1e6) / 1e6)).toBe(true);
  });
  it('reads nothing while it is in nothing, and starts anew afterwards', () => {
    const probe = new SimulatedProbe((now_ms) => (now_ms < 500 ? null : { core_c: 60, air_c: 100 }), 7);
    expect(probe.read(0)).toBeNull();
    expect(probe.read(1000)?.core_c).toBeCloseTo(60, 0);
  });
});

describe('the stand-in hygrometer', () => {
  it('is damper at four in the morning than at four in the afternoon, and never leaves its scale', () => {
    const one = new SimulatedHygrometer(60, 3);
    const at = (hour: number): number => one.read(hour * 3_600_000);
    expect(at(4)).toBeGreaterThan(at(16) + 5);
    expect(new SimulatedHygrometer(99, 3).read(0)).toBeLessThanOrEqual(99);
  });
});
