/** What the documents say about the house is true of it. */
import { existsSync, readFileSync, readdirSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/failure';

const read = (path: string): string => readFileSync(path, 'utf8');
const rowsOf = (text: string): string[][] =>
  text
    .split('\n')
    .filter((line) => line.startsWith('| '))
    .map((line) =>
      line
        .split('|')
        .slice(1, -1)
        .map((cell) => cell.trim()),
    );

describe('errors.md', () => {
  const listed = new Map(
    rowsOf(read('docs/errors.md'))
      .filter(([code]) => code.startsWith('`'))
      .map(([code, status]) => [code.replaceAll('`', ''), Number(status)]),
  );
  it('lists every code of the catalogue with its status, and no other', () =>
    expect(Object.fromEntries(listed)).toEqual(
      Object.fromEntries(Object.entries(CATALOGUE).map(([code, { status }]) => [code, status])),
    ));
});

describe('architecture.md', () => {
  const rules = createRequire(import.meta.url)('../../.dependency-cruiser.cjs') as {
    forbidden: Array<{ name: string; to: { pathNot?: string | string[] } }>;
  };
  const table = rowsOf(read('docs/architecture.md'));
  it.each(['core', 'formats', 'workers', 'db', 'server', 'ui', 'app'])('says what %s may import as the rules do', (layer) => {
    const rule = rules.forbidden.find(({ name }) => name.startsWith(`${layer}-imports-only-`));
    const allowed =
      /\(([^)]*)\)/
        .exec(String(rule?.to.pathNot))?.[1]
        .split('|')
        .filter((name) => name !== layer) ?? [];
    const said =
      table
        .find(([name]) => name === layer)?.[1]
        .split(', ')
        .filter((name) => name !== '–') ?? [];
    expect(said.sort()).toEqual(allowed.sort());
  });
  it('names every room of the core', () => {
    const rooms = readdirSync('src/core', { withFileTypes: true })
      .filter((entry) => entry.isDirectory())
      .map(({ name }) => name);
    for (const room of rooms)
      expect(
        table.some(([name]) => name === room),
        room,
      ).toBe(true);
  });
});

describe('links', () => {
  const documents = [
    'README.md',
    'CONTRIBUTING.md',
    ...readdirSync('docs', { recursive: true, encoding: 'utf8' })
      .filter((file) => file.endsWith('.md'))
      .map((file) => join('docs', file)),
  ];
  it.each(documents)('of %s lead somewhere', (document) => {
    const links = [...read(document).matchAll(/\]\(([^)#]+)\)/g)]
      .map(([, target]) => target)
      .filter((target) => !/^[a-z]+:/.test(target));
    expect(links.filter((target) => !existsSync(join(dirname(document), target)))).toEqual([]);
  });
  it('of the README show every picture there is', () => {
    const pictures = readdirSync('docs/screenshots');
    expect(pictures.length).toBeGreaterThan(5);
    expect(pictures.length).toBeLessThan(20);
    for (const picture of pictures) expect(read('README.md'), picture).toContain(picture);
  });
});

describe('the tree', () => {
  it('names no machine path and no registry in the lock file', () => {
    const lock = read('package-lock.json');
    expect(lock).not.toContain('"resolved"');
    expect(lock).not.toMatch(/registry\./);
  });
});

/** How often code says that it is older than a limit. Take numbers down, never up. */
const OLDER_THAN_THE_RULE = { 'max-lines-per-function': 1, 'max-params': 53 };

describe('what is longer than it may be', () => {
  const excused = readdirSync('src', { recursive: true, encoding: 'utf8' })
    .filter((path) => /\.tsx?$/.test(path))
    .flatMap((path) => [...read(`src/${path}`).matchAll(/oxlint-disable\S* ([\w\-, ]+?) -- older than the rule$/gm)])
    .flatMap(([, rules]) => rules.split(', '));
  it.each(Object.entries(OLDER_THAN_THE_RULE))('is excused from %s only as often as before', (rule, most) =>
    expect(excused.filter((one) => one === rule).length).toBe(most),
  );
  it('is excused from nothing else', () => expect(new Set(excused)).toEqual(new Set(Object.keys(OLDER_THAN_THE_RULE))));
});
