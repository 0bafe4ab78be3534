import { randomUUID } from 'node:crypto';
import Joi from 'joi';
import type { PeopleView } from '@/contract/people';
import { ROLES, type Role } from '@/core/people';
import { fail, succeed, type Failure, type Result } from '@/core/failure';
import { auditOf, noteDone } from '@/db/audit';
import type { Queryable } from '@/db/client';
import { devicesOf, removeDevice, removeDevicesOf } from '@/db/devices';
import {
  addPerson,
  leaveKitchen,
  membersOf,
  ownersHeld,
  removeIfNowhere,
  setPassphrase,
  setRole,
  type MemberRow,
} from '@/db/people';
import { checkWith } from '@/formats/read-batch';
import { who } from '../asked';
import { sharingNow } from '../sharing/sharing-now';
import { inTransaction, refusedHere, withDatabase } from '../with-database';
import { refusal } from './allowed';
import { kitchenHere, memberHere, nameOfWho } from './members';
import { checkPassphrase, hashPassphrase } from './passphrase';

/** What was done that is shown. */
const SHOWN = 100;
/** People that a kitchen may have. */
const MOST_PEOPLE = 60;

/** Everybody of the kitchen, their devices, and what was done. */
export const viewPeople = (): Promise<Result<PeopleView>> =>
  withDatabase('owner', async (db) => {
    const kitchen = await kitchenHere();
    if (!kitchen.ok) return kitchen;
    const asking = who();
    const me = asking.kind === 'person' ? asking : null;
    const members = await membersOf(db, kitchen.value);
    const devices = await devicesOf(
      db,
      members.map(({ id }) => id),
    );
    return succeed({
      kitchen: kitchen.value,
      sharing: await sharingNow(db),
      me: me?.id ?? null,
      now: new Date().toISOString(),
      people: members.map(({ id, name, role, passphrase, kitchens }) => ({
        id,
        name,
        role,
        has_passphrase: passphrase !== null,
        only_here: kitchens === 1,
        devices: devices
          .filter(({ person_id }) => person_id === id)
          .map((device) => ({
            id: device.id,
            name: device.name,
            begun_at: device.begun_at.toISOString(),
            seen_at: device.seen_at.toISOString(),
            is_this: device.id === me?.device,
          })),
      })),
      audit: (await auditOf(db, kitchen.value, SHOWN)).map(({ at, ...done }) => ({ at: at.toISOString(), ...done })),
    });
  });

const ROLE = Joi.string()
  .valid(...ROLES)
  .required();
const NAME = Joi.string().trim().min(1).max(60).required();
type NewPerson = { readonly name: string; readonly role: Role; readonly passphrase: string | null };
const NEW_PERSON = Joi.object<NewPerson, true>({
  name: NAME,
  role: ROLE,
  passphrase: Joi.string().allow(null).max(1000).required(),
});

/** Adds somebody to the kitchen. Without a passphrase they come in by a paired device only. */
export async function addToKitchen(body: unknown): Promise<Result<{ readonly id: string }>> {
  const refused = await refusedHere('owner');
  if (refused) return refused;
  const request = checkWith(NEW_PERSON, body);
  if (!request.ok) return request;
  const { name, role, passphrase } = request.value;
  const hashed = passphrase === null ? succeed(null) : await hashedFor(passphrase, name);
  if (!hashed.ok) return hashed;
  return inTransaction<{ readonly id: string }>('owner', async (db) => {
    const kitchen = await kitchenHere();
    if (!kitchen.ok) return kitchen;
    if ((await membersOf(db, kitchen.value)).length >= MOST_PEOPLE)
      return fail('OUT_OF_RANGE', `There are ${MOST_PEOPLE} people in this kitchen already. Take somebody off first.`);
    const id = randomUUID();
    if (!(await addPerson(db, { id, name, passphrase: hashed.value, keeps_house: false })))
      return fail('BAD_VALUE', `Somebody in this house is called ${name} already. Take another name, or add a letter.`, 'name');
    await setRole(db, id, kitchen.value, role);
    await noteDone(db, { kitchen_id: kitchen.value, person: nameOfWho(), what: 'person added', about: `${name}, ${role}` });
    return succeed({ id });
  });
}

async function hashedFor(passphrase: string, name: string): Promise<Result<string>> {
  const checked = checkPassphrase(passphrase, name);
  return checked.ok ? succeed(await hashPassphrase(checked.value)) : checked;
}

type PersonChange = { readonly role?: Role; readonly passphrase?: string };
const PERSON_CHANGE = Joi.object<PersonChange>({
  role: ROLE.optional(),
  passphrase: Joi.string().max(1000),
}).or('role', 'passphrase');

/** Changes what somebody may do, or gives them a new passphrase, which signs them out everywhere. */
export async function changePerson(id: string, body: unknown): Promise<Result<{ readonly id: string }>> {
  const refused = await refusedHere('owner');
  if (refused) return refused;
  const request = checkWith(PERSON_CHANGE, body);
  if (!request.ok) return request;
  const { role, passphrase } = request.value;
  const before = await withDatabase('owner', (db) => memberHere(db, id));
  if (!before.ok) return before;
  const hashed = passphrase === undefined ? succeed(null) : await hashedFor(passphrase, before.value.person.name);
  if (!hashed.ok) return hashed;
  return inTransaction<{ readonly id: string }>('owner', async (db) => {
    const found = await memberHere(db, id);
    if (!found.ok) return found;
    const { person, kitchenId } = found.value;
    const note = (what: 'role changed' | 'passphrase changed', about: string) =>
      noteDone(db, { kitchen_id: kitchenId, person: nameOfWho(), what, about });
    if (role !== undefined && role !== person.role) {
      const refused = role === 'owner' ? null : await lastOwner(db, kitchenId, id);
      if (refused) return refused;
      await setRole(db, id, kitchenId, role);
      await note('role changed', `${person.name}: ${person.role} → ${role}`);
    }
    if (hashed.value !== null) {
      const refused = await ofMoreKitchens(person);
      if (refused) return refused;
      await setPassphrase(db, id, hashed.value);
      const asking = who();
      await removeDevicesOf(db, id, asking.kind === 'person' ? asking.device : null);
      await note('passphrase changed', person.name);
    }
    return succeed({ id });
  });
}

/** Who belongs to other kitchens as well has a passphrase that opens those too: their owners would not know. */
async function ofMoreKitchens(person: MemberRow): Promise<Failure | null> {
  const asking = who();
  if (person.kitchens === 1 || asking.kind === 'house' || (asking.kind === 'person' && asking.id === person.id)) return null;
  return Promise.resolve(
    fail(
      'NOT_ALLOWED',
      `${person.name} belongs to other kitchens too. They change it themselves, or it is done at the machine: npm run people.`,
    ),
  );
}

/** A kitchen without an owner could be looked after by nobody. */
async function lastOwner(db: Queryable, kitchenId: string, personId: string): Promise<Failure | null> {
  const owners = await ownersHeld(db, kitchenId);
  return owners.length === 1 && owners[0] === personId
    ? fail('BAD_VALUE', 'This is the only owner of the kitchen. Make somebody else an owner first.')
    : null;
}

/** Takes somebody off the kitchen; who belongs to no other is forgotten, with their devices. */
export const removeFromKitchen = (id: string): Promise<Result<{ readonly id: string }>> =>
  inTransaction<{ readonly id: string }>('owner', async (db) => {
    const found = await memberHere(db, id);
    if (!found.ok) return found;
    const { person, kitchenId } = found.value;
    const refused = await lastOwner(db, kitchenId, id);
    if (refused) return refused;
    await leaveKitchen(db, id, kitchenId);
    await removeIfNowhere(db, id);
    await noteDone(db, { kitchen_id: kitchenId, person: nameOfWho(), what: 'person removed', about: person.name });
    return succeed({ id });
  });

/** Signs a device out: one's own, or for owners that of anybody who belongs to their kitchen only. */
export const revokeDevice = (id: string): Promise<Result<{ readonly id: string }>> =>
  inTransaction<{ readonly id: string }>('guest', async (db) => {
    const gone = await removeDevice(db, id);
    const found = gone && (await memberHere(db, gone.person_id));
    if (!gone || !found?.ok) return fail('NOT_FOUND', 'This device is signed out already.');
    const { person, kitchenId } = found.value;
    const asking = who();
    const refused = asking.kind === 'person' && asking.id === person.id ? null : refusal('owner', kitchenId);
    if (refused) return refused;
    await noteDone(db, {
      kitchen_id: kitchenId,
      person: nameOfWho(),
      what: 'device revoked',
      about: `${person.name}: ${gone.name}`,
    });
    return succeed({ id });
  });
