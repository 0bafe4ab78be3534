import { describe, expect, it } from 'vitest';
import { failureOf, mayBeRetried } from './failures';

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
  it.each([{ code: 'ECONNREFUSED' }, { code: '57P01' }, { code: '08006' }, { code: 'EPIPE' }, { code: '25P03' }])(
    '%o means that it is away',
    (thrown) => expect(failureOf(error(thrown))?.code).toBe('DATABASE_AWAY'),
  );
  it('a line that goes dead in the middle means that it is away, though the driver has no code for it', () => {
    for (const said of ['Connection terminated unexpectedly', 'Client has encountered a connection error and is not queryable'])
      expect(failureOf(new Error(said))?.code).toBe('DATABASE_AWAY');
  });
  it.each([{ code: '40P01' }, { code: '40001' }, { code: '55P03' }, { code: '57014' }, { code: '53300' }])(
    '%o means that it is busy',
    (thrown) => expect(failureOf(error(thrown))?.code).toBe('DATABASE_BUSY'),
  );
  it('all connections in use means that it is busy', () =>
    expect(failureOf(new Error('timeout exceeded when trying to connect'))?.code).toBe('DATABASE_BUSY'));
  it.each([{ code: '53100' }, { code: 'ENOSPC' }])('%o means that the disk is full', (thrown) =>
    expect(failureOf(error(thrown))?.code).toBe('DISK_FULL'),
  );
  it('only work that met other hands may be done once more', () => {
    expect(mayBeRetried(error({ code: '40P01' }))).toBe(true);
    expect(mayBeRetried(error({ code: '40001' }))).toBe(true);
    expect(mayBeRetried(error({ code: '23514' }))).toBe(false);
  });
  it('a constraint that nobody named, and a mistake in the SQL, are bugs', () => {
    expect(failureOf(error({ code: '23505', constraint: 'nobody_named_it' }))).toBeNull();
    expect(failureOf(error({ code: '42601' }))).toBeNull();
  });
});
