import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { BatchDocument } from '@/core/document';
import { predict, type Prediction } from '@/core/prediction';
import { PANTRY } from '../../../../tests/reference/shipped';
import { onePack, placeFor } from './new-pack';

function demo(name: string, change: Partial<BatchDocument> = {}): Prediction {
  const document = JSON.parse(readFileSync(`data/recipes/${name}.batch.json`, 'utf8')) as BatchDocument;
  const run = predict({ ...document, pack: [{ option: 'tin', store: 'room' }], ...change }, { pantry: PANTRY }, 'quick');
  if (!run.ok) throw new Error(run.message);
  return run.value.prediction;
}

describe('where a new pack goes', () => {
  it('is where such treats are usually put', () => {
    expect(placeFor(demo('squash-millet-fingers'))).toBe('room');
    expect(placeFor(demo('gotcha-day-cake'))).toBe('fridge');
    const frozen = demo('squash-millet-fingers', { heat: { steps: [{ do: 'freeze', minutes: 600 }] } });
    expect(placeFor(frozen)).toBe('freezer');
  });
  it('takes half of the pieces at most, and one at least', () => {
    const fingers = demo('squash-millet-fingers');
    expect(onePack(fingers, 'zip-bag', 40, [])).toEqual({ option: 'zip-bag', store: 'room', pieces: 40, packs: 1 });
    const house = [{ option: 'zip-bag', volume_ml: 3000, count: 2 }] as const;
    expect(onePack(fingers, 'zip-bag', 40, house)).toMatchObject({ volume_ml: 3000 });
    expect(onePack({ ...fingers, yield: { ...fingers.yield, pieces: 7 } }, 'zip-bag', 40, []).pieces).toBe(3);
    expect(onePack({ ...fingers, yield: { ...fingers.yield, pieces: 1 } }, 'zip-bag', 40, []).pieces).toBe(1);
  });
});
