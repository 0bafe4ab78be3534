import { createHash } from 'node:crypto';
import type { BatchDocument } from '@/core/document';
import type { Pantry } from '@/core/pantry';

/** What was worked out of so many documents; the one that was made first is forgotten first. */
export class Remembered<T> {
  private readonly known = new Map<string, T>();

  constructor(private readonly most: number) {}

  get(key: string): T | undefined {
    return this.known.get(key);
  }

  set(key: string, value: T): void {
    const [oldest] = this.known.keys();
    if (this.known.size >= this.most && oldest !== undefined && !this.known.has(key)) this.known.delete(oldest);
    this.known.set(key, value);
  }

  /** Forgets what stands there, if it still is this. */
  forget(key: string, value: T): void {
    if (this.known.get(key) === value) this.known.delete(key);
  }
}

/**
 * What decides what is worked out of a document: everything it says but its name, every ingredient that it names anywhere as the pantry
 * has it, and whatever else is given.
 */
export function keyOfDocument(
  { name: _called, ...document }: BatchDocument,
  pantry: Pantry,
  ...also: readonly unknown[]
): string {
  const rows = [...ingredientsOf(document)].map((id) => pantry.get(id) ?? null);
  return createHash('sha256')
    .update(JSON.stringify([document, rows, ...also]))
    .digest('base64');
}

function ingredientsOf(document: unknown): Set<string> {
  const found = new Set<string>();
  JSON.stringify(document, (key, value: unknown) => {
    if (key === 'ingredient' && typeof value === 'string') found.add(value);
    return value;
  });
  return found;
}
