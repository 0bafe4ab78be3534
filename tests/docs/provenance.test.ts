/** The lint rule that wants unit and source on physical constants finds what lacks one, and nothing else. */
import { Linter } from 'eslint';
import tseslint from 'typescript-eslint';
import { describe, expect, it } from 'vitest';
import { house } from '../../lint/provenance.mjs';

const linter = new Linter();
const complaints = (code: string): string[] =>
  linter
    .verify(
      code,
      [
        {
          files: ['**/*.ts'],
          languageOptions: { parser: tseslint.parser },
          plugins: { house },
          rules: { 'house/provenance': 'error' },
        },
      ],
      'a.ts',
    )
    .map(({ message }) => message.split(':')[0]);

describe('a constant', () => {
  it.each([
    ['/** Lewis number [1]. Source: Lewis 1922. */\nconst LEWIS = 0.895;', []],
    ['/** Water. Source: Choi & Okos 1986. */\nconst WATER_J_PER_KG_K = 4180;\nconst ICE_J_PER_KG_K = 2050;', []],
    ['/** Ours. */\nexport const STEP_S = 60 * 2;', []],
    ['const STEP_S = 60;', ['STEP_S has no source']],
    ['/** Said by nobody. */\nexport const SHARE = 0.4;', ['SHARE has no unit', 'SHARE has no source']],
    ['/** A table [kg/kg]. */\nconst GAB = { m0: 0.1, c: [1, -2] } as const;', ['GAB has no source']],
    ['/** Ours [1]. */\nconst A = 1;\n\nconst B = 2;', ['B has no unit', 'B has no source']],
    ["const WORD = 'ten';\nlet counter = 1;\nconst of = { name: 'a', share: 1 };", []],
  ])('%s', (code, expected) => expect(complaints(code)).toEqual(expected));
});
