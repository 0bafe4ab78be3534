import { createHash, randomBytes, randomInt } from 'node:crypto';

const TOKEN_BYTES = 32;

/** What a device's cookie holds; nobody guesses it, and the house keeps only its hash. */
export const newToken = (): string => randomBytes(TOKEN_BYTES).toString('base64url');

/** Letters and digits that are not mistaken for each other, on paper or said aloud. */
const LETTERS = '23456789ABCDEFGHJKMNPQRSTVWXYZ';
const GROUPS = 3;
const GROUP = 4;

/** A code that may be read off a screen: 58 bits, for five minutes and one use. */
export const newCode = (): string =>
  Array.from({ length: GROUPS }, () => Array.from({ length: GROUP }, () => LETTERS[randomInt(LETTERS.length)]).join('')).join(
    '-',
  );

/** A code as it was meant, however it was typed. */
export const plainCode = (typed: string): string => typed.toUpperCase().replace(/[^0-9A-Z]/g, '');

/** What is kept of a token or a code. */
export const hashOf = (secret: string): Buffer => createHash('sha256').update(secret).digest();
