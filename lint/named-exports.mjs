/** Named exports only: one name per thing, the same everywhere. What Next and the tools read by default is let off in .oxlintrc.json. */
export const namedExports = {
  meta: {
    type: 'problem',
    schema: [],
    messages: {
      byName: 'Export by name; default exports are for the files that Next reads.',
      each: 'Name each export: the public surface of a room is one readable page.',
    },
  },
  create: (context) => ({
    ExportDefaultDeclaration: (node) => context.report({ node, messageId: 'byName' }),
    ExportAllDeclaration: (node) => context.report({ node, messageId: 'each' }),
  }),
};
