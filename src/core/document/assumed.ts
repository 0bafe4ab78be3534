import { pathFrom, valueAt } from './edit';
import type { BatchDocument } from './document';

/** Marks what stands at paths of a document as assumed. */
export const withAssumed = (document: BatchDocument, paths: readonly string[]): BatchDocument =>
  paths.length === 0
    ? document
    : {
        ...document,
        assumed: [...new Set(paths)].map((path) => ({ path, value: JSON.stringify(valueAt(document, pathFrom(path)) ?? null) })),
      };

/** Paths of a document whose value is still the one that was assumed: changing it gives it. */
export const stillAssumed = (document: BatchDocument): string[] =>
  (document.assumed ?? []).flatMap(({ path, value }) =>
    JSON.stringify(valueAt(document, pathFrom(path)) ?? null) === value ? [path] : [],
  );

/** The same document with every assumed value accepted. */
export function acceptAssumed(document: BatchDocument): BatchDocument {
  const { assumed: _, ...rest } = document;
  return rest;
}
