import { describe, expect, it } from 'vitest';
import type { BatchDocument } from '@/core/document';
import { PANTRY } from '../../tests/reference/shipped';
import { fail, succeed, type Result } from '@/core/failure';
import { memoizeByDocument } from './memoize-by-document';

const [RYE] = [...PANTRY.keys()].filter((id) => id.includes('rye'));
const document = (amount: number, name = 'Bars'): BatchDocument => ({
  format: 'upbeat-oven/batch',
  version: 1,
  name,
  recipe: { ingredients: [{ ingredient: RYE, amount, unit: 'g' }] },
  shape: { method: 'slice' },
  heat: { steps: [] },
});

describe('what is kept of documents', () => {
  let works = 0;
  type Made = { readonly grams: number; readonly work: number };
  const asked = memoizeByDocument(2, async ({ recipe }): Promise<Result<Made>> => {
    const made = { grams: recipe.ingredients[0].amount, work: ++works };
    return Promise.resolve(made.grams === 7 ? fail('OUT_OF_RANGE', 'seven') : succeed(made));
  });
  const ask = async (...given: Parameters<typeof asked>): Promise<Made> => {
    const made = await asked(...given);
    if (!made.ok) throw new Error(made.message);
    return made.value;
  };
  it('is worked out once, whatever the batch is called, also for two who ask at once', async () => {
    const both = await Promise.all([ask(document(100), PANTRY), ask(document(100, 'Others'), PANTRY)]);
    expect(both[0]).toBe(both[1]);
    expect(works).toBe(1);
  });
  it('anew when the document or an ingredient of it changes', async () => {
    expect(await ask(document(200), PANTRY)).toMatchObject({ grams: 200, work: 2 });
    const [id, row] = [...PANTRY].find(([key]) => key === RYE) ?? expect.fail('no such row');
    const wetter = new Map([...PANTRY, [id, { ...row, name: 'Damp rye' }]]);
    expect((await ask(document(200), wetter)).work).toBe(3);
  });
  it('and forgets what was made first when there is more than it keeps', async () => {
    expect((await ask(document(200), PANTRY)).work).toBe(2);
    expect((await ask(document(100), PANTRY)).work).toBe(4);
    expect((await ask(document(100), PANTRY)).work).toBe(4);
  });
  it('a failure is worked out anew', async () => {
    const before = works;
    expect(await asked(document(7), PANTRY)).toMatchObject({ ok: false });
    expect(await asked(document(7), PANTRY)).toMatchObject({ ok: false });
    expect(works).toBe(before + 2);
  });
});
