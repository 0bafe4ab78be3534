import { describe, expect, it } from 'vitest';
import type { HeatStep } from '@/core/catalogue';
import { standsOf, withStanding } from './finish-edits';

const BAKE: readonly HeatStep[] = [
  { do: 'hold', setpoint_c: 175, minutes: 26 },
  { do: 'off', minutes: 40 },
];

describe('what a part is given when the heat is over', () => {
  it('is nothing until the programme puts it on', () =>
    expect(standsOf(BAKE, 'Icing')).toEqual({ put: false, minutes: 0, at: 'room' }));
  it('is read back as it was written, beside other coats', () => {
    const iced = withStanding(BAKE, 'Icing', { put: true, minutes: 240, at: 'room' });
    const both = withStanding(iced, 'Dip', { put: true, minutes: 90, at: 'fridge' });
    expect(both.slice(BAKE.length)).toEqual([
      { do: 'coat', part: 'Icing' },
      { do: 'dry-coat', minutes: 240 },
      { do: 'coat', part: 'Dip' },
      { do: 'dry-coat', minutes: 90, at: 'fridge' },
    ]);
    expect(standsOf(both, 'Icing')).toEqual({ put: true, minutes: 240, at: 'room' });
    expect(standsOf(both, 'Dip')).toEqual({ put: true, minutes: 90, at: 'fridge' });
  });
  it('changes in its place, and goes without a trace', () => {
    const both = withStanding(withStanding(BAKE, 'Icing', { put: true, minutes: 240, at: 'room' }), 'Dip', {
      put: true,
      minutes: 90,
      at: 'room',
    });
    const longer = withStanding(both, 'Icing', { put: true, minutes: 600, at: 'room' });
    expect(standsOf(longer, 'Icing').minutes).toBe(600);
    expect(longer.length).toBe(both.length);
    const off = withStanding(longer, 'Icing', { put: false, minutes: 0, at: 'room' });
    expect(withStanding(off, 'Dip', { put: false, minutes: 0, at: 'room' })).toEqual(BAKE);
  });
  it('leaves a brush in the heat alone', () => {
    const brushed: HeatStep[] = [{ do: 'brush', part: 'Icing' }, ...BAKE];
    expect(standsOf(brushed, 'Icing').put).toBe(false);
    expect(withStanding(brushed, 'Icing', { put: true, minutes: 0, at: 'room' })).toEqual([
      ...brushed,
      { do: 'coat', part: 'Icing' },
    ]);
  });
});
