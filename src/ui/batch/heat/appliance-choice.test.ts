import { describe, expect, it } from 'vitest';
import type { KitAppliance } from '@/contract/batch';
import { applianceOf, applianceOptions } from './appliance-choice';

const KIT = [
  { id: 'a', name: 'Big oven', appliance: { kind: 'static-oven', thermostat_offset_c: 8 }, known: null },
  { id: 'b', name: 'Drier', appliance: { kind: 'dehydrator' }, known: null },
] as unknown as readonly KitAppliance[];
const names = (now: Parameters<typeof applianceOptions>[1]): readonly string[] =>
  applianceOptions(KIT, now).options.map(({ name }) => name);

describe('appliances to choose from', () => {
  it('are those of the kit, and a plain oven beside them', () =>
    expect(names({ id: 'a' })).toEqual(['Big oven', 'Drier', 'a plain oven']));
  it('an oven of which nothing is said is a plain one', () => {
    expect(applianceOptions(KIT, {}).value).toBe('plain');
    expect(applianceOptions(KIT, { kind: 'static-oven', id: 'a', thermostat_offset_c: 8 }).value).toBe('a');
  });
  it('keep a kind that the kit has not while it stands there', () => {
    expect(names({ kind: 'air-fryer' })[0]).toBe('air fryer');
    expect(applianceOptions(KIT, { kind: 'air-fryer' }).value).toBe('');
  });
  it('are read back', () => {
    expect(applianceOf('plain', KIT)).toEqual({ kind: 'static-oven' });
    expect(applianceOf('a', KIT)).toMatchObject({ id: 'a', thermostat_offset_c: 8 });
    expect(applianceOf('', KIT)).toBeNull();
  });
});
