import { describe, expect, it } from 'vitest';
import { PANTRY } from '../../../tests/reference/shipped';
import { checkBatch } from '@/formats/read-batch';
import { predict } from './predict';
import { STARTING_METHODS, startingPoint } from './starting-point';

const DOUGH = [
  { ingredient: 'flour_wheat_wholemeal', amount: 400, unit: 'g' },
  { ingredient: 'egg_whole', amount: 1, unit: 'each' },
  { ingredient: 'water', amount: 170, unit: 'g' },
] as const;

describe('where a new recipe starts', () => {
  it.each(STARTING_METHODS)('%s with a plain dough is a batch that bakes through', (method) => {
    const start = startingPoint(method);
    const document = { ...start, recipe: { ...start.recipe, ingredients: DOUGH } };
    expect(checkBatch(document).ok).toBe(true);
    const worked = predict(document, { pantry: PANTRY });
    expect(worked.ok && worked.value.prediction.heat.core_c_max).toBeGreaterThan(75);
    expect(worked.ok && worked.value.prediction.heat.browning).toBeLessThan(0.5);
  });
});
