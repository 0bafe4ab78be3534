import type { DogProfile } from '@/core/feeding';
import type { Queryable } from './client';

export type DogRow = DogProfile & {
  readonly id: string;
  readonly kind: string;
  readonly note: string;
};

export async function dogsOf(db: Queryable, kitchenId: string): Promise<DogRow[]> {
  const { rows } = await db.query<DogRow>(
    `select id, name, kind, weight_kg, avoids, note, age, activity, neutered, overweight,
            worn_teeth as "wornTeeth", upset_by_fat as "upsetByFat"
     from dog where kitchen_id = $1 order by name, id`,
    [kitchenId],
  );
  return rows;
}

/** Writes a dog down, or what has changed about it; an id of another kitchen is left alone. */
export async function setDog(db: Queryable, kitchenId: string, dog: DogRow): Promise<boolean> {
  const { rowCount } = await db.query(
    `insert into dog (id, kitchen_id, name, kind, weight_kg, avoids, note, age, activity, neutered, overweight, worn_teeth, upset_by_fat)
     values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13)
     on conflict (id) do update set name = $3, kind = $4, weight_kg = $5, avoids = $6, note = $7, age = $8, activity = $9,
       neutered = $10, overweight = $11, worn_teeth = $12, upset_by_fat = $13
     where dog.kitchen_id = $2`,
    [
      dog.id,
      kitchenId,
      dog.name,
      dog.kind,
      dog.weight_kg,
      dog.avoids,
      dog.note,
      dog.age,
      dog.activity,
      dog.neutered,
      dog.overweight,
      dog.wornTeeth,
      dog.upsetByFat,
    ],
  );
  return rowCount === 1;
}

export async function removeDog(db: Queryable, kitchenId: string, id: string): Promise<boolean> {
  const { rowCount } = await db.query('delete from dog where kitchen_id = $1 and id = $2', [kitchenId, id]);
  return rowCount === 1;
}
