import type { DogProfile } from '@/core/feeding';
import type { Queryable } from './client';
import { overParameter, type Over, type SavedRow } from './versions';

export type DogRow = DogProfile & {
  readonly id: string;
  readonly kind: string;
  readonly note: string;
};
export type StoredDog = DogRow & SavedRow;

export async function dogsOf(db: Queryable, kitchenId: string): Promise<StoredDog[]> {
  const { rows } = await db.query<StoredDog>(
    `select id, name, kind, weight_kg, avoids, note, age, activity, neutered, overweight,
            worn_teeth as "wornTeeth", upset_by_fat as "upsetByFat", revision, updated_at
     from dog where kitchen_id = $1 order by name, id`,
    [kitchenId],
  );
  return rows;
}

/**
 * Writes a dog down, or what has changed about it; null when another revision stands there, or none where one should.
 */
export async function setDog(db: Queryable, kitchenId: string, dog: DogRow, over: Over): Promise<SavedRow | null> {
  const { rows } = await db.query<SavedRow>(
    `insert into dog (id, kitchen_id, name, kind, weight_kg, avoids, note, age, activity, neutered, overweight, worn_teeth, upset_by_fat)
     select $1::text, $2::text, $3::text, $4::text, $5::numeric, $6::text[], $7::text, $8::text, $9::text, $10::boolean,
       $11::boolean, $12::boolean, $13::boolean
     where coalesce($14::integer, 0) = 0 or exists (select from dog where kitchen_id = $2::text and id = $1::text)
     on conflict (kitchen_id, id) do update set name = $3, kind = $4, weight_kg = $5, avoids = $6, note = $7, age = $8, activity = $9,
       neutered = $10, overweight = $11, worn_teeth = $12, upset_by_fat = $13,
       revision = dog.revision + 1, updated_at = now()
     where ($14::integer is null or dog.revision = $14)
     returning revision, updated_at`,
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
      overParameter(over),
    ],
  );
  return rows[0] ?? null;
}
