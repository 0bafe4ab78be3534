/** Every way to each value of a document. */
export function pathsOf(value: unknown, path: Array<string | number> = []): Array<Array<string | number>> {
  if (value === null || typeof value !== 'object') return [path];
  const entries: Array<[string | number, unknown]> = Array.isArray(value) ? value.map((v, i) => [i, v]) : Object.entries(value);
  return [path, ...entries.flatMap(([key, inside]) => pathsOf(inside, [...path, key]))];
}
/** A copy of a document with another value in one place; undefined takes the place away. */
export function withValue(document: unknown, path: ReadonlyArray<string | number>, value: unknown): unknown {
  const copy = structuredClone(document);
  const parent = path
    .slice(0, -1)
    .reduce<unknown>((inside, key) => (inside as Record<string | number, unknown>)[key], copy) as Record<
    string | number,
    unknown
  >;
  const key = path[path.length - 1];
  if (value === undefined) delete parent[key];
  else parent[key] = value;
  return copy;
}
