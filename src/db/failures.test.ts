import { describe, expect, it } from 'vitest';
import { failureOf } from './failures';

const error = (more: object): Error => Object.assign(new Error('from the database'), more);

describe('what the database says', () => {
  it.each([
    [
      { code: '23514', constraint: 'jar_gives_what_it_has' },
      'BAD_VALUE',
      'There are not so many pieces left in this pack.',
      'jar',
    ],
    [{ code: '22P02' }, 'NOT_FOUND', 'There is nothing at this address. It may have been mistyped.', ''],
    [{ code: '22021' }, 'BAD_VALUE', 'There is a sign in it that no text can hold. Type it anew, or paste it as plain text.', ''],
    [{ code: '22P05' }, 'BAD_VALUE', 'There is a sign in it that no text can hold. Type it anew, or paste it as plain text.', ''],
    [{ code: '22003' }, 'OUT_OF_RANGE', 'A number in it is larger than any that can be kept.', ''],
  ])('%o is told as a person would want to hear it', (thrown, code, message, path) =>
    expect(failureOf(error(thrown))).toEqual({ ok: false, code, message, path }),
  );
  it.each([{ code: 'ECONNREFUSED' }, { code: '57P01' }, { code: '08006' }])('%o means that it is away', (thrown) =>
    expect(failureOf(error(thrown))?.code).toBe('DATABASE_AWAY'),
  );
  it('a constraint that nobody named, and a mistake in the SQL, are bugs', () => {
    expect(failureOf(error({ code: '23505', constraint: 'nobody_named_it' }))).toBeNull();
    expect(failureOf(error({ code: '42601' }))).toBeNull();
  });
});
