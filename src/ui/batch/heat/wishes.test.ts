import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { predict } from '@/core/prediction';
import { type BatchDocument } from '@/core/document';
import { PANTRY } from '../../../../tests/reference/shipped';
import { aimOf, usualTarget, withAim, without } from './wishes';

const usual = (file: string) => {
  const worked = predict(JSON.parse(readFileSync(file, 'utf8')) as BatchDocument, { pantry: PANTRY });
  if (!worked.ok) throw new Error(worked.message);
  return usualTarget(worked.value.prediction);
};

describe('what a programme shall reach', () => {
  it('another aim keeps the other wishes', () => {
    const crisp = { snap_min: 8, keeps_days_min: 40, prefer: 'gentlest' } as const;
    const moist = withAim(crisp, 'moist');
    expect(moist).toEqual({ snap_max: 3, keeps_days_min: 40, prefer: 'gentlest' });
    expect(withAim(moist, 'pick')).toEqual({ pick_clean: true, keeps_days_min: 40, prefer: 'gentlest' });
    expect(withAim(withAim(moist, 'pick'), 'crisp')).toMatchObject({ snap_min: 7 });
    expect([crisp, moist, withAim(moist, 'pick')].map(aimOf)).toEqual(['crisp', 'moist', 'pick']);
  });
  it('an emptied wish is gone', () =>
    expect(without({ snap_min: 7, keeps_days_min: 3 }, 'keeps_days_min')).toEqual({ snap_min: 7 }));
  it('a batch that says nothing is wished to be what it is', () => {
    expect(usual('examples/hillbars.batch.json')).toMatchObject({ snap_min: 7 });
    expect(usual('data/recipes/cottage-parsley-buttons.batch.json')).toMatchObject({ snap_max: 3 });
    expect(usual('data/recipes/turkey-courgette-muffins.batch.json')).toEqual({ pick_clean: true });
  });
});
