/** One word for one idea: the names that the glossary gives are those of the code, and what they replaced is gone. */
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';
import { nodesOf } from './source-files';

const GLOSSARY = readFileSync('docs/glossary.md', 'utf8');
const section = (title: string): string => GLOSSARY.split(/^## /m).find((part) => part.startsWith(title)) ?? '';
const rowsOf = (text: string): string[][] =>
  text
    .split('\n')
    .filter((line) => line.startsWith('| ') && !line.startsWith('| --'))
    .slice(1)
    .map((line) => line.split('|').slice(1, -1))
    .map((cells) => cells.map((cell) => cell.trim()));
const filesIn = (folder: string): string[] =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((name) => /\.tsx?$/.test(name) && !/\.test\.tsx?$/.test(name))
    .map((name) => join(folder, name));
const quoted = (cell: string): string[] => [...cell.matchAll(/`([^`]+)`/g)].map(([, word]) => word);

/** What a file names, and what of it people may read: texts of strings, templates and elements. */
function wordsOf(file: string): { names: Set<string>; texts: string[] } {
  const names = new Set<string>();
  const texts: string[] = [];
  for (const node of nodesOf(file)) {
    if (ts.isIdentifier(node)) names.add(node.text);
    if (
      ts.isStringLiteralLike(node) ||
      ts.isJsxText(node) ||
      ts.isTemplateHead(node) ||
      ts.isTemplateTail(node) ||
      ts.isTemplateMiddle(node)
    )
      texts.push(node.text.toLowerCase().replaceAll(/\s+/g, ' '));
  }
  return { names, texts };
}

const FILES = filesIn('src').map((file) => ({ file, ...wordsOf(file) }));
const CODE = rowsOf(section('Names in the code'));
const SCREEN = rowsOf(section('On screen'));

describe('names in the code', () => {
  it.each(CODE)('%s: %s is defined in %s', (_, words, where) => {
    for (const word of quoted(words)) {
      const definition = new RegExp(String.raw`export (abstract )?(async )?(type|interface|class|const|function\*?) ${word}\b`);
      const homes = filesIn(join('src', where)).filter((file) => definition.test(readFileSync(file, 'utf8')));
      expect(homes, word).not.toEqual([]);
    }
  });
  const gone = CODE.flatMap(([, , , not]) => not.split(', ').filter(Boolean));
  it.each(gone)('%s is not used again', (word) =>
    expect(FILES.filter(({ names }) => names.has(word)).map(({ file }) => file)).toEqual([]),
  );
});

describe('tables', () => {
  it('are those that the migrations leave', () => {
    const tables = new Set<string>();
    for (const name of readdirSync('src/db/migrations').sort()) {
      const sql = readFileSync(join('src/db/migrations', name), 'utf8');
      for (const [, table] of sql.matchAll(/^create table (\w+)/gm)) tables.add(table);
      for (const [, table] of sql.matchAll(/^drop table (\w+)/gm)) tables.delete(table);
      for (const [, from, to] of sql.matchAll(/^alter table (\w+) rename to (\w+)/gm)) {
        tables.delete(from);
        tables.add(to);
      }
    }
    expect(quoted(section('Tables')).sort()).toEqual([...tables].sort());
  });
});

describe('words on screen', () => {
  const shown = FILES.filter(({ file }) => /^src\/(ui|app|server|core)\//.test(file));
  it.each(SCREEN)('says "%s", not "%s"', (_, not) => {
    for (const word of not.split(', ').map((each) => each.toLowerCase()))
      expect(
        shown.filter(({ texts }) => texts.some((text) => text.includes(word))).map(({ file }) => file),
        word,
      ).toEqual([]);
  });
});
