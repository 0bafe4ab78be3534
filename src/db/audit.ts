import type { AuditWord } from '@/core/people';
import type { Queryable } from './client';

/** By what name those go down who need not be known, since they work at the machine itself. */
export const AT_THE_MACHINE = 'at the machine';

export type AuditRow = { readonly at: Date; readonly person: string; readonly what: AuditWord; readonly about: string };
type Noted = Omit<AuditRow, 'at'> & { readonly kitchen_id: string | null };

/** Notes what somebody did. Nothing secret belongs in it. */
export async function noteDone(db: Queryable, { kitchen_id, person, what, about }: Noted): Promise<void> {
  await db.query('insert into audit (kitchen_id, person, what, about) values ($1, $2, $3, left($4, 200))', [
    kitchen_id,
    person,
    what,
    about,
  ]);
}

/** Notes what somebody did to themselves, in every kitchen that they belong to: its owners look after it. */
export async function noteOwn(
  db: Queryable,
  { id, name }: { readonly id: string; readonly name: string },
  what: AuditWord,
  about: string,
): Promise<void> {
  await db.query(
    'insert into audit (kitchen_id, person, what, about) select kitchen_id, $2, $3, left($4, 200) from member where person_id = $1',
    [id, name, what, about],
  );
}

/** What was done in a kitchen, and at the machine to all of them, the newest first. */
export async function auditOf(db: Queryable, kitchenId: string, most: number): Promise<AuditRow[]> {
  const { rows } = await db.query<AuditRow>(
    'select at, person, what, about from audit where kitchen_id = $1 or kitchen_id is null order by id desc limit $2',
    [kitchenId, most],
  );
  return rows;
}
