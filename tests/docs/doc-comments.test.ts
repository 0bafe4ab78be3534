/** What doc comments say is true: of parameters, of sentences, and of what an example gives. */
import { execSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { runInNewContext } from 'node:vm';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';
import { nodesOf } from './source-files';

const FILES = execSync("git ls-files 'src/*.ts' 'src/*.tsx' 'scripts/*.ts'", { encoding: 'utf8' })
  .trim()
  .split('\n')
  .filter((file) => !/\.test\.tsx?$/.test(file));

/** Names that a parameter brings into the function. */
const namesIn = (name: ts.BindingName): string[] =>
  ts.isIdentifier(name)
    ? [name.text]
    : name.elements.flatMap((one) =>
        ts.isOmittedExpression(one) ? [] : [...namesIn(one.name), ...(one.propertyName ? [one.propertyName.getText()] : [])],
      );

/** What a declaration's @param tags name that its function does not take. */
function strangers(node: ts.Node): string[] {
  const tags = ts.getJSDocTags(node).filter(ts.isJSDocParameterTag);
  const taken = (ts.isFunctionLike(node) ? node.parameters : []).flatMap(({ name }) => namesIn(name));
  return tags.map(({ name }) => name.getText()).filter((name) => !taken.includes(name));
}

describe('doc comments', () => {
  it('name parameters that there are', () => {
    const wrong = FILES.flatMap((file) =>
      nodesOf(file)
        .filter((node) => ts.isFunctionLike(node) && !ts.isFunctionTypeNode(node))
        .flatMap((node) => strangers(node).map((name) => `${file}: ${name}`)),
    );
    expect(wrong).toEqual([]);
  });
  it('stand once before what they describe', () => {
    const doubled = FILES.filter((file) => /\*\/\n *\/\*\*/.test(readFileSync(file, 'utf8')));
    expect(doubled).toEqual([]);
  });
});

describe('sentences of failures', () => {
  it('that two places say stand in core/failure/sentences.ts', () => {
    const said = FILES.flatMap((file) =>
      nodesOf(file).flatMap((node) =>
        ts.isCallExpression(node) && node.expression.getText() === 'fail' && node.arguments[1]
          ? [node.arguments[1]].filter(ts.isStringLiteralLike).map(({ text }) => text)
          : [],
      ),
    );
    expect(said.filter((text, i) => said.indexOf(text) !== i)).toEqual([]);
  });
});

/** `@example f(1) // 2`: the expression, and what it gives. */
const EXAMPLES = FILES.flatMap((file) =>
  [...readFileSync(file, 'utf8').matchAll(/@example (.+?) \/\/ (.+?)(?: \*\/)?$/gm)].map(
    ([, expression, given]) => [file, expression, given] as const,
  ),
);

describe('examples in doc comments', () => {
  it('are there', () => expect(EXAMPLES.length).toBeGreaterThanOrEqual(12));
  it.each(EXAMPLES)('%s: %s gives %s', async (file, expression, given) => {
    const room = (await import(resolve(file))) as Record<string, unknown>;
    const [value, expected] = runInNewContext(`[${expression}, ${given}]`, { ...room }) as [unknown, unknown];
    if (typeof expected === 'number') {
      // As many places as the example gives.
      const places = /\.(\d+)$/.exec(given)?.[1].length ?? 0;
      expect(Number((value as number).toFixed(places))).toBe(expected);
    } else expect(value).toEqual(expected);
  });
});
