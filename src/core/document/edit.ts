/** A way to one value inside a document: keys and indices from the outside in. */
export type Path = ReadonlyArray<string | number>;

/** A path as it is written for people, `heat.steps[2].minutes`, as a way into the document. */
export const pathFrom = (written: string): Path =>
  written
    .split(/[.[\]]+/)
    .filter(Boolean)
    .map((key) => (/^\d+$/.test(key) ? Number(key) : key));

/**
 * One change of a document, as a value: it can be applied, taken back, merged with the next and stored.
 * `undefined` means "not there".
 */
export type Edit = { readonly path: Path; readonly before: unknown; readonly after: unknown };

/** What stands at a path. */
export function valueAt(document: unknown, path: Path): unknown {
  return path.reduce<unknown>((inside, key) => (inside as Record<string | number, unknown> | undefined)?.[key], document);
}

/** The edit that puts a value at a path of this document. */
export const editTo = (document: unknown, path: Path, after: unknown): Edit => ({ path, before: valueAt(document, path), after });

/** The document after an edit; what the edit does not touch stays the same object. */
export function applyEdit<T>(document: T, { path, after }: Edit): T {
  return put(document, path, after) as T;
}

function put(inside: unknown, path: Path, after: unknown): unknown {
  if (path.length === 0) return after;
  const [key, ...rest] = path;
  const old = (inside ?? (typeof key === 'number' ? [] : {})) as Record<string | number, unknown>;
  const value = put(old[key], rest, after);
  if (Array.isArray(old)) {
    const copy = [...(old as unknown[])];
    if (value === undefined && rest.length === 0) copy.splice(Number(key), 1);
    else copy[Number(key)] = value;
    return copy;
  }
  const copy = { ...old };
  if (value === undefined) delete copy[key];
  else copy[key] = value;
  return copy;
}

/** The edit that takes another back. */
export const invertEdit = ({ path, before, after }: Edit): Edit => ({ path, before: after, after: before });

/** Two edits in a row as one, when they move the same thing; else null. A list that grows or shrinks is no such move. */
export function mergeEdits(first: Edit, second: Edit): Edit | null {
  const same = first.path.length === second.path.length && first.path.every((key, i) => key === second.path[i]);
  return same && !(isOtherLength(first) || isOtherLength(second))
    ? { path: first.path, before: first.before, after: second.after }
    : null;
}

const isOtherLength = ({ before, after }: Edit): boolean =>
  Array.isArray(before) && Array.isArray(after) && before.length !== after.length;
