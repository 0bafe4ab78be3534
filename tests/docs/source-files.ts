import { readFileSync } from 'node:fs';
import ts from 'typescript';

const parsed = new Map<string, ts.SourceFile>();

/** A file of ours as TypeScript reads it; read once for whoever asks in this thread. */
export function sourceOf(file: string): ts.SourceFile {
  const known = parsed.get(file) ?? ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
  parsed.set(file, known);
  return known;
}

/** Every node of a file, the deeper ones later. */
export function nodesOf(file: string): ts.Node[] {
  const nodes: ts.Node[] = [];
  const visit = (node: ts.Node): void => {
    nodes.push(node);
    ts.forEachChild(node, visit);
  };
  visit(sourceOf(file));
  return nodes;
}
