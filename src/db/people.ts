import type { Role } from '@/core/people';
import type { Reader } from '@/core/said';
import type { Queryable } from './client';

/** A person as kept; `passphrase` is a hash, never what was typed. */
export type PersonRow = {
  readonly id: string;
  readonly name: string;
  readonly passphrase: string | null;
  readonly reads: Partial<Reader>;
  /** Looks after the house, also while there is no kitchen in it. */
  readonly keeps_house: boolean;
};

/** The person of this name, however it is written; null where there is none. */
export async function maybePersonNamed(db: Queryable, name: string): Promise<PersonRow | null> {
  const { rows } = await db.query<PersonRow>(
    'select id, name, passphrase, reads, keeps_house from person where name_small = lower(btrim($1))',
    [name],
  );
  return rows[0] ?? null;
}

/** The person of this id; null where there is none. */
export async function maybePerson(db: Queryable, id: string): Promise<PersonRow | null> {
  const { rows } = await db.query<PersonRow>('select id, name, passphrase, reads, keeps_house from person where id = $1', [id]);
  return rows[0] ?? null;
}

/** Adds a person; false where the name is taken. */
export async function addPerson(
  db: Queryable,
  { id, name, passphrase, keeps_house }: Omit<PersonRow, 'reads'>,
): Promise<boolean> {
  const { rowCount } = await db.query(
    'insert into person (id, name, passphrase, keeps_house) values ($1, btrim($2), $3, $4) on conflict do nothing',
    [id, name, passphrase, keeps_house],
  );
  return rowCount === 1;
}

export async function setPassphrase(db: Queryable, id: string, hash: string): Promise<void> {
  await db.query('update person set passphrase = $2 where id = $1', [id, hash]);
}

export async function setOwnReads(db: Queryable, id: string, reads: Partial<Reader>): Promise<void> {
  await db.query('update person set reads = $2 where id = $1', [id, JSON.stringify(reads)]);
}

/** Takes a person away who belongs to no kitchen any more, with their devices and codes. */
export async function removeIfNowhere(db: Queryable, id: string): Promise<void> {
  await db.query('delete from person where id = $1 and not keeps_house and kitchens_of(id) = 0', [id]);
}

/** What a person may do in a kitchen, from now on. */
export async function setRole(db: Queryable, personId: string, kitchenId: string, role: Role): Promise<void> {
  await db.query(
    'insert into member (person_id, kitchen_id, role) values ($1, $2, $3) on conflict (person_id, kitchen_id) do update set role = $3',
    [personId, kitchenId, role],
  );
}

/** Ends what a person may do in a kitchen; false where they belonged to it in no way. */
export async function leaveKitchen(db: Queryable, personId: string, kitchenId: string): Promise<boolean> {
  const { rowCount } = await db.query('delete from member where person_id = $1 and kitchen_id = $2', [personId, kitchenId]);
  return rowCount === 1;
}

/** What a person may do, kitchen by kitchen. */
export async function rolesOf(db: Queryable, personId: string): Promise<ReadonlyMap<string, Role>> {
  const { rows } = await db.query<{ kitchen_id: string; role: Role }>(
    'select kitchen_id, role from member where person_id = $1',
    [personId],
  );
  return new Map(rows.map(({ kitchen_id, role }) => [kitchen_id, role]));
}

/** A person of a kitchen, with what they may do there. */
export type MemberRow = PersonRow & { readonly role: Role; readonly kitchens: number };

/** Everybody of a kitchen, owners first, then by name. Rows of owners are locked with `for update`, so that one of them stays. */
export async function membersOf(db: Queryable, kitchenId: string): Promise<MemberRow[]> {
  const { rows } = await db.query<MemberRow>(
    `select id, name, passphrase, reads, keeps_house, role, kitchens_of(id) as kitchens
     from member join person on id = person_id where kitchen_id = $1
     order by role <> 'owner', name_small`,
    [kitchenId],
  );
  return rows;
}

/** Owners of a kitchen, held until the transaction ends: two who take each other's role away do it one after the other. */
export async function ownersHeld(db: Queryable, kitchenId: string): Promise<string[]> {
  const { rows } = await db.query<{ person_id: string }>(
    `select person_id from member where kitchen_id = $1 and role = 'owner' order by person_id for update`,
    [kitchenId],
  );
  return rows.map(({ person_id }) => person_id);
}

/** Whether anybody is known at all. */
export async function anybodyKnown(db: Queryable): Promise<boolean> {
  const { rows } = await db.query<{ known: boolean }>(
    `select exists (select from member where role = 'owner') or exists (select from person where keeps_house) as known`,
  );
  return rows[0].known;
}

/** Owners of any kitchen, and who looks after the house. */
export async function ownersAnywhere(db: Queryable): Promise<string[]> {
  const { rows } = await db.query<{ person_id: string }>(
    `select person_id from member where role = 'owner' union select id from person where keeps_house order by person_id`,
  );
  return rows.map(({ person_id }) => person_id);
}

/** Everybody of the house, for who looks after it at the machine. */
export async function everybody(
  db: Queryable,
): Promise<Array<{ readonly id: string; readonly name: string; readonly roles: string; readonly devices: number }>> {
  const { rows } = await db.query<{ id: string; name: string; roles: string; devices: number }>(
    `select p.id, p.name, coalesce((select string_agg(role || ' of ' || k.name, ', ' order by k.name)
       from member m join kitchen_there k on k.id = m.kitchen_id where m.person_id = p.id), 'of no kitchen') as roles,
       (select count(*)::int from device d where d.person_id = p.id) as devices
     from person p order by p.name_small`,
  );
  return rows;
}

/** Whether everybody who comes must be known. */
export async function signInWanted(db: Queryable): Promise<boolean> {
  const { rows } = await db.query<{ sign_in: boolean }>('select sign_in from installation');
  return rows[0].sign_in;
}

export async function wantSignIn(db: Queryable, wanted: boolean): Promise<void> {
  await db.query('update installation set sign_in = $1', [wanted]);
}
