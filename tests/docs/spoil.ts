/** Every way to each value of a document. */
export function pathsOf(value: unknown, path: Array<string | number> = []): Array<Array<string | number>> {
  if (value === null || typeof value !== 'object') return [path];
  const entries: Array<[string | number, unknown]> = Array.isArray(value) ? value.map((v, i) => [i, v]) : Object.entries(value);
  return [path, ...entries.flatMap(([key, inside]) => pathsOf(inside, [...path, key]))];
}
/** A document with another value in one place, what lies beside the way to it shared; undefined takes the place away. */
export function withValue(document: unknown, [key, ...rest]: ReadonlyArray<string | number>, value: unknown): unknown {
  const copy = (Array.isArray(document) ? [...(document as unknown[])] : { ...(document as object) }) as Record<
    string | number,
    unknown
  >;
  const inside = rest.length > 0 ? withValue(copy[key], rest, value) : value;
  if (inside === undefined) delete copy[key];
  else copy[key] = inside;
  return copy;
}
