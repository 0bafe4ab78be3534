import { parse, type Expression, type SpreadElement } from 'acorn';

/**
 * Puts every module of a page's script in brackets. A browser takes a function in brackets as one that is run at once, and compiles it
 * while the script still arrives; without them it only skims it, and compiles it where everything else waits for it. Source: V8's
 * "possibly invoked function expressions".
 *
 * @param script - what the build wrote: modules handed over in a list, `[…, id, function, id, function]`; anything else is left as it is
 * @throws SyntaxError where it is no script
 */
export function bracketModules(script: string): string {
  const { body } = parse(script, { ecmaVersion: 'latest' });
  const modules = body.flatMap((statement) => {
    if (statement.type !== 'ExpressionStatement' || statement.expression.type !== 'CallExpression') return [];
    const [list] = statement.expression.arguments;
    return list?.type === 'ArrayExpression' ? list.elements.filter(isFunction) : [];
  });
  let bracketed = '';
  let done = 0;
  for (const { start, end } of modules) {
    if (script[start - 1] === '(') continue;
    bracketed += `${script.slice(done, start)}(${script.slice(start, end)})`;
    done = end;
  }
  return bracketed + script.slice(done);
}

const isFunction = (element: Expression | SpreadElement | null): element is Expression =>
  element?.type === 'ArrowFunctionExpression' || element?.type === 'FunctionExpression';
