import { describe, expect, it } from 'vitest';
import type { BatchDocument } from '@/core/document';
import { PANTRY } from '../../tests/reference/shipped';
import { remembered } from './remembered';

const [RYE] = [...PANTRY.keys()].filter((id) => id.includes('rye'));
const document = (amount: number, name = 'Bars'): BatchDocument => ({
  format: 'upbeat-oven/batch',
  version: 1,
  name,
  recipe: { ingredients: [{ ingredient: RYE, amount, unit: 'g' }] },
  shape: { method: 'slice' },
  heat: { steps: [] },
});

describe('what is remembered of documents', () => {
  let works = 0;
  const ask = remembered(2, ({ recipe }) => ({ grams: recipe.ingredients[0].amount, work: ++works }));
  it('is worked out once, whatever the batch is called', () => {
    expect(ask(document(100), PANTRY)).toBe(ask(document(100, 'Others'), PANTRY));
    expect(works).toBe(1);
  });
  it('anew when the document or an ingredient of it changes', () => {
    expect(ask(document(200), PANTRY)).toMatchObject({ grams: 200, work: 2 });
    const [id, row] = [...PANTRY].find(([key]) => key === RYE) ?? expect.fail('no such row');
    const wetter = new Map([...PANTRY, [id, { ...row, name: 'Damp rye' }]]);
    expect(ask(document(200), wetter).work).toBe(3);
  });
  it('and forgets what was made first when there is more than it keeps', () => {
    expect(ask(document(200), PANTRY).work).toBe(2);
    expect(ask(document(100), PANTRY).work).toBe(4);
    expect(ask(document(100), PANTRY).work).toBe(4);
  });
});
