/** What the linter is set up to refuse, it refuses, at the places it is meant for; and our own rules find what they look for and nothing else. */
import { execFile } from 'node:child_process';
import { mkdir, mkdtemp, readFile, rm, symlink, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { dirname, join, resolve } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';

/** What each file says, by where it would lie, and the rules that find fault with it. */
const CASES: ReadonlyArray<readonly [file: string, says: string, refused: readonly string[]]> = [
  ['src/core/heat/author.ts', '/** Lewis number [1]. Source: Lewis 1922. */\nexport const LEWIS = 0.895;', []],
  [
    'src/core/heat/group.ts',
    '/** Water. Source: Choi & Okos 1986. */\nexport const WATER_J_PER_KG_K = 4180;\nexport const ICE_J_PER_KG_K = 2050;',
    [],
  ],
  ['src/core/heat/ours.ts', '/** Ours. */\nexport const STEP_S = 60 * 2;', []],
  ['src/core/heat/words.ts', "export const WORD = 'ten';\nexport const of = { name: 'a', share: 1 };", []],
  ['src/core/heat/bare.ts', 'export const STEP_S = 60;', ['house(provenance): STEP_S has no source']],
  [
    'src/core/heat/nobody.ts',
    '/** Said by nobody. */\nexport const SHARE = 0.4;',
    ['house(provenance): SHARE has no unit', 'house(provenance): SHARE has no source'],
  ],
  [
    'src/core/heat/table.ts',
    '/** A table [kg/kg]. */\nexport const GAB = { m0: 0.1, c: [1, -2] } as const;',
    ['house(provenance): GAB has no source'],
  ],
  [
    'src/core/heat/apart.ts',
    '/** Ours [1]. */\nexport const A = 1;\n\nexport const B = 2;',
    ['house(provenance): B has no unit', 'house(provenance): B has no source'],
  ],
  ['src/core/heat/bare.test.ts', 'export const STEP_S = 60;', []],
  ['src/core/bakeday/bare.ts', 'export const STEP_S = 60;', []],
  ['src/core/clock.ts', 'export const now = (): number => Date.now();', ['eslint(no-restricted-globals)']],
  ['src/core/chance.ts', 'export const chance = (): number => Math.random();', ['eslint(no-restricted-properties)']],
  ['src/server/clock.ts', 'export const now = (): number => Date.now() * Math.random();', []],
  [
    'src/core/default.ts',
    'export default 1;',
    ['house(named-exports): Export by name; default exports are for the files that Next reads.'],
  ],
  ['src/core/all.ts', "export * from './clock';", ['house(named-exports): Name each export']],
  ['src/app/page.tsx', 'export default function Page(): null {\n  return null;\n}', []],
  ['src/ui/Away.tsx', "import Link from 'next/link';\nexport const Away = Link;", ['eslint(no-restricted-imports)']],
  ['src/ui/kit/Link.tsx', "import Link from 'next/link';\nexport const Away = Link;", []],
  [
    'src/ui/hooks.tsx',
    [
      "import { useEffect, useRef, useState, type ReactNode } from 'react';",
      'export function Seen({ on }: { readonly on: number }): ReactNode {',
      '  const [seen, setSeen] = useState(0);',
      '  const box = useRef(0);',
      '  useEffect(() => setSeen(on), []);',
      '  if (on > 2) useState(1);',
      '  return seen + box.current + Math.random();',
      '}',
    ].join('\n'),
    ['react-hooks(exhaustive-deps)', 'react-hooks(rules-of-hooks)', 'react(purity)', 'react(refs)', 'react(set-state-in-effect)'],
  ],
  [
    'src/formats/many.ts',
    'export const sum = (a: 1, b: 1, c: 1, d: 1, e: 1): number => a + b + c + d + e;',
    ['eslint(max-params)'],
  ],
  ['src/formats/many.test.ts', 'export const sum = (a: 1, b: 1, c: 1, d: 1, e: 1): number => a + b + c + d + e;', []],
  ['src/formats/untyped.ts', 'export const id = (a: number) => a;', ['typescript(explicit-module-boundary-types)']],
  ['src/formats/loose.ts', 'export const eq = (a: unknown): boolean => a == 1;', ['eslint(eqeqeq)']],
  [
    'src/formats/awaited.ts',
    'const later = async (): Promise<void> => Promise.resolve();\nexport const go = (): void => {\n  later();\n};',
    ['typescript(no-floating-promises)'],
  ],
  [
    'src/formats/kinds.ts',
    "export function of(kind: 'a' | 'b'): number {\n  switch (kind) {\n    case 'a':\n      return 1;\n  }\n  return 2;\n}",
    ['typescript(switch-exhaustiveness-check)'],
  ],
  ['src/formats/any.ts', 'export const read = (text: string): string => JSON.parse(text);', ['typescript(no-unsafe-return)']],
  ['src/formats/stale.ts', '// oxlint-disable-next-line eqeqeq\nexport const one = 1;', ['unused directive']],
];

type Report = {
  readonly diagnostics: ReadonlyArray<{ readonly filename: string; readonly code?: string; readonly message: string }>;
};

let house = '';
let found: Report['diagnostics'] = [];
beforeAll(async () => {
  house = await mkdtemp(join(tmpdir(), 'lint-'));
  for (const [file, says] of CASES) {
    await mkdir(dirname(join(house, file)), { recursive: true });
    await writeFile(join(house, file), says);
  }
  await writeFile(join(house, '.oxlintrc.json'), await readFile('.oxlintrc.json'));
  await writeFile(join(house, 'tsconfig.json'), await readFile('tsconfig.json'));
  for (const name of ['lint', 'node_modules']) await symlink(resolve(name), join(house, name));
  const said = await new Promise<string>((done) =>
    execFile('node_modules/.bin/oxlint', ['-f', 'json', 'src'], { cwd: house, maxBuffer: 1e8 }, (_, out) => done(out)),
  );
  found = (JSON.parse(said) as Report).diagnostics;
});
afterAll(() => rm(house, { recursive: true }));

describe('the linter says of', () => {
  it.each(CASES)('%s', (file, _, refused) => {
    const said = found
      .filter(({ filename }) => filename === file)
      .map(({ code, message }) => (code?.startsWith('house') ? `${code}: ${message}` : (code ?? 'unused directive')));
    expect(said.map((words) => refused.find((rule) => words.startsWith(rule)) ?? words).sort()).toEqual([...refused].sort());
  });
});
