import { describe, expect, it } from 'vitest';
import type { HeatStep } from '../catalogue';
import { usualPack } from './usual-pack';

const freeze: HeatStep = { do: 'freeze', minutes: 300 };
const bake: HeatStep = { do: 'hold', setpoint_c: 175, minutes: 30 };

describe('a batch that says no pack', () => {
  it.each<readonly [string, readonly HeatStep[]]>([
    ['clip-jar at room', [bake, { do: 'off', minutes: 60 }]],
    ['zip-bag at freezer', [freeze]],
    ['zip-bag at freezer', [bake, freeze, { do: 'check' }]],
    ['zip-bag at freezer', [freeze, { do: 'coat', part: 'Drizzle' }, { do: 'dry-coat', minutes: 20 }]],
    ['clip-jar at room', [freeze, { do: 'freeze-dry', minutes: 1080 }]],
    ['clip-jar at room', []],
  ])('goes into %s', (pack, steps) => {
    const { option, store } = usualPack({ steps }, 0.4);
    expect(`${option} at ${store}`).toBe(pack);
  });
  it('is kept cold where it may be moist enough for germs', () => {
    expect(usualPack({ steps: [bake] }, 0.88)).toEqual({ option: 'zip-bag', store: 'fridge' });
    expect(usualPack({ steps: [freeze] }, 0.98)).toMatchObject({ store: 'freezer' });
    expect(usualPack({ steps: [bake] }, null)).toMatchObject({ option: 'clip-jar', store: 'room' });
  });
});
