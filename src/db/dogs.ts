import type { Queryable } from './client';

export type DogRow = {
  readonly id: string;
  readonly name: string;
  readonly kind: string;
  readonly weight_kg: number;
  /** Allergens it must not have, in the pantry's words. */
  readonly avoids: readonly string[];
  readonly note: string;
};

export async function dogsOf(db: Queryable, kitchenId: string): Promise<DogRow[]> {
  const { rows } = await db.query<DogRow>(
    'select id, name, kind, weight_kg, avoids, note from dog where kitchen_id = $1 order by name',
    [kitchenId],
  );
  return rows;
}

export async function addDog(db: Queryable, kitchenId: string, dog: Omit<DogRow, 'id'>): Promise<void> {
  await db.query('insert into dog (kitchen_id, name, kind, weight_kg, avoids, note) values ($1, $2, $3, $4, $5, $6)', [
    kitchenId,
    dog.name,
    dog.kind,
    dog.weight_kg,
    dog.avoids,
    dog.note,
  ]);
}
