import { describe, expect, it } from 'vitest';
import { inHouseSize, packsShort } from './house-packs';

const HOUSE = [
  { option: 'zip-bag', volume_ml: 1000, count: 6 },
  { option: 'zip-bag', volume_ml: 400, count: 2 },
  { option: 'tin', volume_ml: 900, count: 0 },
] as const;

describe('packs of the house', () => {
  it('give a new pack the smallest size that holds what goes in', () => {
    expect(inHouseSize({ option: 'zip-bag' }, HOUSE, 300)).toMatchObject({ volume_ml: 400 });
    expect(inHouseSize({ option: 'zip-bag' }, HOUSE, 700)).toMatchObject({ volume_ml: 1000 });
    expect(inHouseSize({ option: 'zip-bag' }, HOUSE, 4000)).toMatchObject({ volume_ml: 1000 });
  });
  it('that are all used, or were never counted, change nothing', () => {
    expect(inHouseSize({ option: 'tin' }, HOUSE, 300)).toEqual({ option: 'tin' });
    expect(inHouseSize({ option: 'clip-jar' }, HOUSE, 300)).toEqual({ option: 'clip-jar' });
  });
  it('are counted over all rows of a batch, size by size', () => {
    const choices = [
      { option: 'zip-bag', volume_ml: 1000 },
      { option: 'zip-bag', volume_ml: 400 },
      { option: 'zip-bag', volume_ml: 1000, store: 'freezer' },
      { option: 'clip-jar' },
    ] as const;
    const keeps = [{ packs: 4 }, { packs: 2 }, { packs: 3 }, { packs: 9 }];
    expect(packsShort(choices, keeps, HOUSE)).toEqual([{ option: 'zip-bag', volume_ml: 1000, needed: 7, there: 6 }]);
    expect(packsShort([{ option: 'tin' }], [{ packs: 1 }], HOUSE)).toMatchObject([{ option: 'tin', needed: 1, there: 0 }]);
  });
});
