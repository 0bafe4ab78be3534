import { describe, expect, it } from 'vitest';
import { SimulatedScale, USUAL_SCALE } from './simulated-scale';

const SETTLED_MS = 6000;
const scale = (): SimulatedScale => new SimulatedScale(USUAL_SCALE, 4, 0);
const shown = (of: SimulatedScale, at_ms: number): number => of.read(at_ms)?.grams ?? NaN;

describe('the stand-in scale', () => {
  it('shows what lies on it, once it has settled', () => {
    const one = scale();
    one.put(250, 0);
    expect(one.read(100)?.stable).toBe(false);
    expect(shown(one, 100)).toBeLessThan(200);
    expect(one.read(SETTLED_MS)?.stable).toBe(true);
    expect(Math.abs(shown(one, SETTLED_MS) - 250)).toBeLessThanOrEqual(1);
  });
  it('is tared to nought, and takes off as well as on', () => {
    const one = scale();
    one.put(400, 0);
    one.tare(SETTLED_MS);
    one.put(61, SETTLED_MS);
    expect(Math.abs(shown(one, 2 * SETTLED_MS) - 61)).toBeLessThanOrEqual(1);
    one.put(-61, 2 * SETTLED_MS);
    expect(Math.abs(shown(one, 3 * SETTLED_MS))).toBeLessThanOrEqual(1);
  });
  it('scatters like a scale, within a gram', () => {
    const one = scale();
    one.put(100, 0);
    const readings = Array.from({ length: 200 }, (_, i) => shown(one, SETTLED_MS + 10 * i));
    expect(new Set(readings).size).toBeGreaterThan(1);
    expect(Math.max(...readings) - Math.min(...readings)).toBeLessThanOrEqual(2);
  });
  it('creeps when left alone: three grams in twenty minutes', () => {
    const one = scale();
    expect(Math.abs(shown(one, 20 * 60_000) - 3)).toBeLessThanOrEqual(1);
    one.tare(20 * 60_000);
    expect(Math.abs(shown(one, 20 * 60_000 + 1))).toBeLessThanOrEqual(1);
  });
  it('shows no more than it can bear', () => {
    const one = scale();
    one.put(9000, 0);
    expect(shown(one, SETTLED_MS)).toBeLessThanOrEqual(USUAL_SCALE.most_g + 2);
  });
  it('says nothing while it is unplugged, and goes on where it was', () => {
    const one = scale();
    one.put(120, 0);
    one.connect(false);
    expect(one.read(SETTLED_MS)).toBeNull();
    one.connect(true);
    expect(Math.abs(shown(one, SETTLED_MS) - 120)).toBeLessThanOrEqual(1);
  });
  it('the same seed gives the same readings', () => {
    const run = (): number[] => {
      const one = scale();
      one.put(55, 0);
      return Array.from({ length: 20 }, (_, i) => shown(one, 300 * i));
    };
    expect(run()).toEqual(run());
  });
});
