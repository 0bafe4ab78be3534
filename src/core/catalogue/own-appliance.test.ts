import { describe, expect, it } from 'vitest';
import { asMeasured, measuredAnew, ownAppliance } from './own-appliance';

const KIT = [
  { id: 'old', appliance: { kind: 'static-oven' as const, thermostat_offset_c: -8, heat_up: { to_c: 175, minutes: 14 } } },
  { id: 'new', appliance: { kind: 'static-oven' as const } },
  { id: 'fan', appliance: { kind: 'fan-oven' as const } },
];
const idOf = (named: Parameters<typeof ownAppliance>[1]): string | undefined => ownAppliance(KIT, named)?.id;

describe('the appliance of the kit that a programme names', () => {
  it('is the one of its id, whatever was measured of it since', () => {
    expect(idOf({ id: 'old', kind: 'static-oven', thermostat_offset_c: 5 })).toBe('old');
    expect(idOf({ id: 'new', thermostat_offset_c: -8 })).toBe('new');
  });
  it('is the one of its kind and dial, where no id is written or it is of another kitchen', () => {
    expect(idOf({})).toBe('new');
    expect(idOf({ kind: 'static-oven', thermostat_offset_c: -8 })).toBe('old');
    expect(idOf({ id: 'theirs', thermostat_offset_c: -8 })).toBe('old');
    // Their fan oven has the id of our static one.
    expect(idOf({ id: 'old', kind: 'fan-oven' })).toBe('fan');
    expect(idOf({ kind: 'fan-oven', thermostat_offset_c: 4 })).toBeUndefined();
    expect(idOf({ kind: 'gas-oven' })).toBeUndefined();
  });
  it('was measured anew when it is off by something else, or what is written of it is', () => {
    const [{ appliance: old }] = KIT;
    expect(measuredAnew({ id: 'old', thermostat_offset_c: -8 }, old)).toBe(false);
    expect(measuredAnew({ id: 'old', thermostat_offset_c: -8, load_g: 900, pace: 0.8 }, old)).toBe(false);
    expect(measuredAnew({ id: 'old', thermostat_offset_c: -6 }, old)).toBe(true);
    expect(measuredAnew({ id: 'old', thermostat_offset_c: -8, heat_up: { to_c: 175, minutes: 9 } }, old)).toBe(true);
  });
  it('takes over what was measured, and keeps how it was planned', () => {
    const named = { id: 'old', thermostat_offset_c: 0, load_g: 900, pace: 0.8, vent_pct: 50 };
    expect(asMeasured(named, KIT[0].appliance)).toEqual({
      ...named,
      thermostat_offset_c: -8,
      heat_up: { to_c: 175, minutes: 14 },
    });
    expect(measuredAnew(asMeasured(named, KIT[0].appliance), KIT[0].appliance)).toBe(false);
  });
});
