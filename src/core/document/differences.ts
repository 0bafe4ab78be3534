import type { BatchDocument } from './document';

/** One thing that two documents say differently; undefined where one of them says nothing. */
export type Difference = {
  /** Keys of the batch file, from the outside in. */
  readonly path: ReadonlyArray<string | number>;
  readonly one: unknown;
  readonly other: unknown;
};

/** Parts that are no part of how a batch is made. */
const ASIDE: ReadonlySet<string> = new Set(['format', 'version', 'name', 'label', 'worth', 'target']);

/** What was done otherwise in another batch: every value that differs, lines of a recipe matched by their ingredient. */
export function differences(one: BatchDocument, other: BatchDocument): Difference[] {
  const found: Difference[] = [];
  const walk = (path: ReadonlyArray<string | number>, a: unknown, b: unknown): void => {
    if (path.length === 1 && ASIDE.has(String(path[0]))) return;
    if (isPlain(a) && isPlain(b)) {
      const [left, right] = [keyed(path, a), keyed(path, b)];
      for (const key of new Set([...Object.keys(left), ...Object.keys(right)]))
        walk([...path, keyOf(a, key)], left[key], right[key]);
    } else if (JSON.stringify(a) !== JSON.stringify(b)) found.push({ path, one: a, other: b });
  };
  walk([], one, other);
  return found;
}

type Plain = Readonly<Record<string, unknown>> | readonly unknown[];
const isPlain = (value: unknown): value is Plain => typeof value === 'object' && value !== null;

/** An object's values by key; a list's by place, or by ingredient where it is one of ingredients. */
function keyed(path: ReadonlyArray<string | number>, value: Plain): Readonly<Record<string, unknown>> {
  if (!Array.isArray(value)) return value as Readonly<Record<string, unknown>>;
  const list = value as readonly unknown[];
  if (path.at(-1) !== 'ingredients') return Object.fromEntries(list.entries());
  const seen = new Map<string, number>();
  return Object.fromEntries(
    list.map((line) => {
      const { ingredient } = line as { ingredient: string };
      const before = seen.get(ingredient) ?? 0;
      seen.set(ingredient, before + 1);
      return [before === 0 ? ingredient : `${ingredient} ${before + 1}`, line];
    }),
  );
}

const keyOf = (value: Plain, key: string): string | number => (Array.isArray(value) && /^\d+$/.test(key) ? Number(key) : key);
