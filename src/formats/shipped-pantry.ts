import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { Pantry } from '@/core/pantry';
import { readPantryCsv } from './pantry-csv';

let shipped: Promise<Pantry> | null = null;

/** The ingredient table that ships with the product, read once. A broken table is a bug, not a user's mistake. */
export function shippedPantry(root = process.cwd()): Promise<Pantry> {
  shipped ??= readFile(join(/*turbopackIgnore: true*/ root, 'data', 'ingredients.csv'), 'utf8').then((text) => {
    const pantry = readPantryCsv(text);
    if (!pantry.ok) throw new Error(`data/ingredients.csv: ${pantry.message}`);
    return pantry.value;
  });
  return shipped;
}
