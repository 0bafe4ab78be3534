import { METRIC_READER, type Reader } from '@/core/said';
import type { Queryable } from './client';

/** A kitchen of this house, as one chooses it. */
export type KitchenThere = {
  readonly id: string;
  readonly name: string;
  /** Made up, to look around in. */
  readonly is_demo: boolean;
  /** In what it reads numbers. */
  readonly reads: Reader;
};

/** Kitchens of this house: one's own first, the one made last first. */
export async function kitchensThere(db: Queryable): Promise<KitchenThere[]> {
  const { rows } = await db.query<KitchenThere>(
    'select id, name, is_demo, reads from kitchen_there order by is_demo, made_at desc, id',
  );
  return rows.map((row) => ({ ...row, reads: { ...METRIC_READER, ...row.reads } }));
}

/** Whether a house without a kitchen is given the demo's at its next start. */
export async function demoIsWanted(db: Queryable): Promise<boolean> {
  const { rows } = await db.query<{ demo: boolean }>('select demo from installation');
  return rows[0].demo;
}

/** Remembers that the demo is not wanted. */
export async function leaveDemoOut(db: Queryable): Promise<void> {
  await db.query('update installation set demo = false');
}

/** What a kitchen begins with; everything else has its usual value until somebody says otherwise. */
export type NewKitchen = Omit<KitchenThere, 'reads'> & {
  readonly altitude_m: number;
  readonly room_c: number;
  readonly room_rh_pct: number;
};

/** Makes a kitchen, empty; false where its id is taken. The connection must be its own. */
export async function addKitchen(db: Queryable, kitchen: NewKitchen): Promise<boolean> {
  const { id, name, is_demo, altitude_m, room_c, room_rh_pct } = kitchen;
  const { rowCount } = await db.query(
    `insert into kitchen (id, name, is_demo, altitude_m, room_c, room_rh_pct) values ($1, $2, $3, $4, $5, $6)
     on conflict do nothing`,
    [id, name, is_demo, altitude_m, room_c, room_rh_pct],
  );
  return rowCount === 1;
}

/** Takes a kitchen away, with everything in it. The connection must be its own. */
export async function removeKitchen(db: Queryable, id: string): Promise<boolean> {
  const { rowCount } = await db.query('delete from kitchen where id = $1', [id]);
  return rowCount === 1;
}
