import { expect, it } from 'vitest';
import { worthAgain } from './worth-again';

it.each(['OFFLINE', 'TOO_SLOW', 'NOT_SIGNED_IN', 'DATABASE_AWAY', 'DISK_FULL', 'TOO_BUSY'] as const)(
  'what was refused for %s may be sent again',
  (code) => {
    expect(worthAgain(code)).toBe(true);
  },
);
it.each(['BAD_VALUE', 'NOT_FOUND', 'CHANGED_ELSEWHERE', 'NOT_ALLOWED'] as const)('what was refused for %s may not', (code) => {
  expect(worthAgain(code)).toBe(false);
});
