import type { Queryable } from './client';

/** Longest time without a sign of life, and longest at all, that a device stays signed in. */
export const IDLE_DAYS = 14;
export const LONGEST_DAYS = 90;
/** How long a pairing code may be used [s]. */
export const PAIRING_S = 300;
/** A sign of life is noted at most so often [s]: most requests write nothing. */
const SEEN_EVERY_S = 60;

/** A device that somebody is signed in on. */
export type DeviceRow = {
  readonly id: string;
  readonly person_id: string;
  readonly name: string;
  readonly begun_at: Date;
  readonly seen_at: Date;
};

/** Signs a device in: its cookie holds a token of this hash. */
export async function addDevice(
  db: Queryable,
  device: { readonly person_id: string; readonly name: string; readonly token_hash: Buffer },
): Promise<string> {
  const { rows } = await db.query<{ id: string }>(
    `insert into device (person_id, name, token_hash, ends_at) values ($1, $2, $3, now() + make_interval(days => $4)) returning id`,
    [device.person_id, device.name, device.token_hash, LONGEST_DAYS],
  );
  return rows[0].id;
}

/** The device of a token, while it is signed in; notes that it was here. */
export async function maybeDevice(
  db: Queryable,
  tokenHash: Buffer,
): Promise<{ readonly id: string; readonly person_id: string } | null> {
  const { rows } = await db.query<{ id: string; person_id: string; long_ago: boolean }>(
    `select id, person_id, seen_at < now() - make_interval(secs => $3) as long_ago from device
     where token_hash = $1 and ends_at > now() and seen_at > now() - make_interval(days => $2)`,
    [tokenHash, IDLE_DAYS, SEEN_EVERY_S],
  );
  if (rows.length === 0) return null;
  const [{ id, person_id, long_ago }] = rows;
  if (long_ago) await db.query('update device set seen_at = now() where id = $1', [id]);
  return { id, person_id };
}

/** Devices of people, the one seen last first. What ended is forgotten. */
export async function devicesOf(db: Queryable, people: readonly string[]): Promise<DeviceRow[]> {
  await db.query('delete from device where ends_at < now() or seen_at < now() - make_interval(days => $1)', [IDLE_DAYS]);
  const { rows } = await db.query<DeviceRow>(
    'select id, person_id, name, begun_at, seen_at from device where person_id = any ($1) order by seen_at desc, id',
    [people],
  );
  return rows;
}

/** Signs a device out; whose it was, or null where it was not signed in. */
export async function removeDevice(db: Queryable, id: string): Promise<{ person_id: string; name: string } | null> {
  const { rows } = await db.query<{ person_id: string; name: string }>(
    'delete from device where id::text = $1 returning person_id, name',
    [id],
  );
  return rows[0] ?? null;
}

/** Signs every device of a person out, but for one that may stay; how many they were. */
export async function removeDevicesOf(db: Queryable, personId: string, butFor: string | null = null): Promise<number> {
  const { rowCount } = await db.query('delete from device where person_id = $1 and id::text is distinct from $2', [
    personId,
    butFor,
  ]);
  return rowCount ?? 0;
}

/** Makes a code known that signs one device in; when it ends. */
export async function addPairing(db: Queryable, codeHash: Buffer, personId: string): Promise<Date> {
  await db.query('delete from pairing where ends_at < now()');
  const { rows } = await db.query<{ ends_at: Date }>(
    `insert into pairing (code_hash, person_id, ends_at) values ($1, $2, now() + make_interval(secs => $3)) returning ends_at`,
    [codeHash, personId, PAIRING_S],
  );
  return rows[0].ends_at;
}

/** Uses a code up: whom it signs in, or null where it was used, is too old or never was. */
export async function usePairing(db: Queryable, codeHash: Buffer): Promise<string | null> {
  const { rows } = await db.query<{ person_id: string; fresh: boolean }>(
    'delete from pairing where code_hash = $1 returning person_id, ends_at > now() as fresh',
    [codeHash],
  );
  return rows[0]?.fresh ? rows[0].person_id : null;
}
