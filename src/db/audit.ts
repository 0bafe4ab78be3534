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

/** What was done in a kitchen, and by its people to themselves, the newest first. */
export async function auditOf(db: Queryable, kitchenId: string, most: number): Promise<AuditRow[]> {
  const { rows } = await db.query<AuditRow>(
    `select at, person, what, about from audit
     where kitchen_id = $1
        or (kitchen_id is null and (person = $3 or lower(person) in (select name_small from member join person on id = person_id where member.kitchen_id = $1)))
     order by id desc limit $2`,
    [kitchenId, most, AT_THE_MACHINE],
  );
  return rows;
}
