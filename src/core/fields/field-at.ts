import type { Field, Fields } from './field';

/** The field under a path of keys inside a group. */
export function fieldAt(fields: Fields, path: ReadonlyArray<string | number>): Field {
  const [key, ...rest] = path;
  const field = Object.hasOwn(fields, key) ? fields[key] : undefined;
  if (!field) throw new RangeError(`path: expected one of ${Object.keys(fields).join(', ')}, got ${String(key)}`);
  if (rest.length === 0) return field;
  if (field.kind !== 'group') throw new RangeError(`path: expected a group under ${String(key)}, got a ${field.kind}`);
  return fieldAt(field.fields, rest);
}
