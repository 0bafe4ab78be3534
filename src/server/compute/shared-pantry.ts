import { deserialize, serialize } from 'node:v8';
import type { Pantry } from '@/core/pantry';

/** A pantry as every worker may read it: written down once, and not copied with every job. */
type SharedPantry = { readonly shared: SharedArrayBuffer; readonly id: number };

const written = new WeakMap<Pantry, SharedPantry>();
let count = 0;

/** What is asked, with its pantry as something that is shared. */
export function withSharedPantry<T extends object>(ask: T): T {
  const { pantry } = ask as { pantry?: unknown };
  if (!(pantry instanceof Map)) return ask;
  return { ...ask, pantry: shareOf(pantry as Pantry) };
}

function shareOf(pantry: Pantry): SharedPantry {
  const before = written.get(pantry);
  if (before) return before;
  const bytes = serialize(pantry);
  const shared = new SharedArrayBuffer(bytes.byteLength);
  new Uint8Array(shared).set(bytes);
  const made = { shared, id: ++count };
  written.set(pantry, made);
  return made;
}

let read: { readonly id: number; readonly pantry: Pantry } | null = null;

/** The same on the worker's side: read once, as long as it is the same pantry. */
export function withOwnPantry<T>(ask: T): T {
  if (typeof ask !== 'object' || ask === null || !isShared((ask as { pantry?: unknown }).pantry)) return ask;
  const { shared, id } = (ask as unknown as { pantry: SharedPantry }).pantry;
  if (read?.id !== id) read = { id, pantry: deserialize(Uint8Array.from(new Uint8Array(shared))) as Pantry };
  return { ...ask, pantry: read.pantry };
}

const isShared = (value: unknown): value is SharedPantry =>
  typeof value === 'object' && value !== null && 'shared' in value && value.shared instanceof SharedArrayBuffer;
