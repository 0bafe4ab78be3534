/** Published courses against the model, by the rules of the field set: written down before, misses listed with their reason. */
import { describe, expect, it } from 'vitest';
import { predict } from '@/core/prediction';
import { PANTRY } from '../reference/shipped';
import { CURVES } from './curves';
import { CURVE_MISSES } from './misses';
import { isMet } from './scene';

describe.each(CURVES)('$paper', ({ id, document, expects }) => {
  it('is followed, but for the misses that are listed', () => {
    const worked = predict(document, { pantry: PANTRY });
    if (!worked.ok) throw new Error(`${id}: ${worked.message} (${worked.path})`);
    const { prediction } = worked.value;
    const missed = expects.filter((one) => !isMet(one, prediction)).map(({ what }) => what);
    const read = expects.map(({ what, read: of, range }) => `${what}: ${of(prediction)}, wanted ${range.join(' to ')}`);
    expect(missed, read.join('; ')).toEqual(Object.keys(CURVE_MISSES[id] ?? {}));
  });
});

it('lists misses of curves and readings that there are, each with a reason', () => {
  for (const [id, misses] of Object.entries(CURVE_MISSES)) {
    const curve = CURVES.find((one) => one.id === id) ?? expect.fail(`no curve ${id}`);
    for (const [what, reason] of Object.entries(misses)) {
      expect(curve.expects.map((one) => one.what)).toContain(what);
      expect(reason.length).toBeGreaterThan(10);
    }
  }
});
