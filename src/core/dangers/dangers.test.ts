import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { findDangers } from '.';

const rows = (name: string): string[][] =>
  readFileSync(`tests/written/${name}`, 'utf8')
    .split('\n')
    .filter((line) => line !== '' && !line.startsWith('#'))
    .map((line) => line.split(' | '));

describe('dangers in the words of recipes', () => {
  const dangers = rows('danger-lines.txt');
  it('are a hundred and fifty', () => expect(dangers.length).toBeGreaterThanOrEqual(150));
  it.each(dangers)('%s: %s', (where, text) => {
    const [code] = where.split(' ');
    expect(findDangers(text).map((danger) => danger.code)).toContain(code);
  });
});

describe('what only sounds like a danger, or is denied', () => {
  const harmless = rows('harmless-lines.txt');
  it('are sixty', () => expect(harmless.length).toBeGreaterThanOrEqual(60));
  it('at most two of them alarm', () => {
    const alarmed = harmless.filter(([, text]) => findDangers(text).length > 0).map(([, text]) => text);
    expect(alarmed).toEqual(alarmed.slice(0, 2));
  });
});

describe('what is said about a name', () => {
  it.each([
    ['no nuts, raisins ok', ['grape']],
    ["don't forget the chocolate", ['chocolate']],
    ['no salt but plenty of garlic', ['garlic']],
    ['broth without onions, garlic or leeks', []],
    ['do not use grapes or raisins', []],
    ['peanut butter (not the one with xylitol)', []],
    ['onion (not leek)', ['onion']],
    ['xylitol- and salt-free', []],
    ['self raising flour', []],
    ['do not use pumpkin pie filling (it has nutmeg)', []],
    ['pumpkin pie filling (it has nutmeg)', ['nutmeg']],
    ['grade A eggs, grated', []],
  ])('%s', (text, codes) => expect(findDangers(text).map(({ code }) => code)).toEqual(codes));
  it('gives the words as they were written, and their place', () => {
    const [found] = findDangers('2 tbsp Peanut Butter (With XYLITOL)');
    expect(found).toMatchObject({ code: 'xylitol', severity: 'stop', words: 'XYLITOL', start: 27 });
  });
});
