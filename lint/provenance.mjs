/**
 * Wants unit and source on every number that a physics room names at the top of a file.
 *
 * Unit: in the name (`_c`, `_mm`, `_J_PER_KG`) or in brackets in the comment (`[W/(m K)]`, `[1]`). Source: `@source`, "Source:", an
 * author with a year, or the words `ours` or `fit` for what is our own. A comment counts for the constants that follow it without
 * a blank line, so that a group of one origin says so once.
 */
const SOURCE = /@source|\bsources?:|\b(ours|fit|fitted|by definition)\b|\b[A-Z][\p{L}.&' -]*,? (19|20)\d\d\b/iu;
const UNIT_IN_COMMENT = /\[[^\]]+\]/;
const UNIT_IN_NAME = /_(c|k|mm|cm|m|s|min|h|days?|g|kg|j|kj|w|kwh|pa|kpa|pct|ppm|ml|l|aw|rh|m2|m3|mol|n|mpa|per|dm)(_|$)/i;

/** A number, or arithmetic, a list or a table of numbers. */
function isNumeric(node) {
  if (!node) return false;
  switch (node.type) {
    case 'Literal':
      return typeof node.value === 'number';
    case 'UnaryExpression':
      return isNumeric(node.argument);
    case 'BinaryExpression':
      return isNumeric(node.left) && isNumeric(node.right);
    case 'TSAsExpression':
    case 'TSSatisfiesExpression':
      return isNumeric(node.expression);
    case 'ArrayExpression':
      return node.elements.length > 0 && node.elements.every(isNumeric);
    case 'ObjectExpression':
      return node.properties.length > 0 && node.properties.every((p) => p.type === 'Property' && isNumeric(p.value));
    default:
      return false;
  }
}

/** @type {import('eslint').Rule.RuleModule} */
export const provenance = {
  meta: {
    type: 'problem',
    schema: [],
    messages: {
      unit: '{{name}} has no unit: write it in the name, or in brackets in its comment ([1] for a plain ratio).',
      source: '{{name}} has no source: author and year, or `ours`, or `fit` and to what.',
    },
  },
  create(context) {
    const { sourceCode } = context;
    /** Comments right above, and those above the constants right above. */
    const commentsOf = (statement) => {
      const own = sourceCode.getCommentsBefore(statement);
      const first = own[0] ?? statement;
      const before = sourceCode.getTokenBefore(first);
      const above = before && before.loc.end.line === first.loc.start.line - 1 && own.length === 0 ? holderOf(before) : null;
      return [...(above ? commentsOf(above) : []), ...own];
    };
    const holderOf = (token) => {
      const at = token.range[0];
      return sourceCode.ast.body.find(
        ({ range, type, declaration }) =>
          range[0] <= at && at < range[1] && (type === 'VariableDeclaration' || declaration?.type === 'VariableDeclaration'),
      );
    };
    const look = (declaration, statement) => {
      if (declaration.kind !== 'const') return;
      for (const { id, init } of declaration.declarations) {
        if (id.type !== 'Identifier' || !isNumeric(init)) continue;
        const said = commentsOf(statement)
          .map(({ value }) => value)
          .join('\n');
        const data = { name: id.name };
        if (!UNIT_IN_NAME.test(id.name) && !UNIT_IN_COMMENT.test(said)) context.report({ node: id, messageId: 'unit', data });
        if (!SOURCE.test(said)) context.report({ node: id, messageId: 'source', data });
      }
    };
    return {
      'Program > VariableDeclaration': (node) => look(node, node),
      'Program > ExportNamedDeclaration > VariableDeclaration': (node) => look(node, node.parent),
    };
  },
};
