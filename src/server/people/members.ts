import type { AuditWord } from '@/core/people';
import { SENTENCES, fail, succeed, type Result } from '@/core/failure';
import { AT_THE_MACHINE, noteDone } from '@/db/audit';
import type { Queryable } from '@/db/client';
import { membersOf, ownersAnywhere, setRole, type MemberRow } from '@/db/people';
import { who } from '../asked';
import { askedKitchen } from '../kitchen-pools';
import { nameOfAsking } from './allowed';

/** By what name whoever asks goes down in what was done. */
export const nameOfWho = (): string => nameOfAsking() || AT_THE_MACHINE;

/** The id of the kitchen that is asked for. */
export async function kitchenHere(): Promise<Result<string>> {
  const kitchen = await askedKitchen();
  return kitchen ? succeed(kitchen.id) : fail('NOT_FOUND', SENTENCES.noKitchen);
}

/** Whoever makes a kitchen owns it; where nobody needs to be known, who is known as an owner elsewhere does. */
export async function ownedBy(db: Queryable, kitchenId: string, what: AuditWord, about: string): Promise<void> {
  const asking = who();
  for (const id of asking.kind === 'person' ? [asking.id] : await ownersAnywhere(db)) await setRole(db, id, kitchenId, 'owner');
  await noteDone(db, { kitchen_id: kitchenId, person: nameOfWho(), what, about });
}

/** Somebody of the kitchen that is asked for; of others nothing is told. */
export async function memberHere(
  db: Queryable,
  personId: string,
): Promise<Result<{ readonly person: MemberRow; readonly kitchenId: string }>> {
  const kitchenId = await kitchenHere();
  if (!kitchenId.ok) return kitchenId;
  const person = (await membersOf(db, kitchenId.value)).find(({ id }) => id === personId);
  return person
    ? succeed({ person, kitchenId: kitchenId.value })
    : fail('NOT_FOUND', 'There is nobody of this name in this kitchen any more.');
}
