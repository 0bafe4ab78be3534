import type { Ingredient, Pantry } from '@/core/pantry';
import { ingredients } from '@/db/kitchen';
import type { Queryable } from '@/db/client';

/** The kitchen's ingredients by id, as the core wants them. */
export const pantryOf = (rows: readonly Ingredient[]): Pantry => new Map(rows.map((row) => [row.id, row]));

export const loadPantry = async (db: Queryable): Promise<Pantry> => pantryOf(await ingredients(db));
