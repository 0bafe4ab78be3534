import Joi from 'joi';
import type { AuditWord } from '@/core/people';
import { fail, succeed, type Result } from '@/core/failure';
import { noteOwn } from '@/db/audit';
import { addDevice, removeDevice, removeDevicesOf } from '@/db/devices';
import { maybePersonNamed } from '@/db/people';
import { forgetTries } from '@/db/wrong-tries';
import { checkWith } from '@/formats/read-batch';
import { who } from '../asked';
import { ofTheHouse } from '../with-database';
import { isPassphrase, oneAtATime } from './passphrase';
import { keysOf, tryAgain } from './slow-down';
import { hashOf, newToken } from './tokens';

/** Signed in: the token goes into the device's cookie and nowhere else. */
export type SignedIn = { readonly token: string; readonly name: string };

type SignInRequest = { readonly name: string; readonly passphrase: string };
const SIGN_IN = Joi.object<SignInRequest, true>({
  name: Joi.string().max(60).required(),
  passphrase: Joi.string().max(1000).required(),
});

/** Signs a device in, for who knows a person's passphrase. Too many that are wrong must wait; whether the name is known is not told. */
export async function signIn(body: unknown, device: string): Promise<Result<SignedIn>> {
  const request = checkWith(SIGN_IN, body);
  if (!request.ok) return request;
  const { name, passphrase } = request.value;
  const keys = keysOf(name);
  return oneAtATime(async () => {
    const found = await ofTheHouse(
      'anybody',
      async (db) => (await tryAgain(db, keys)) ?? succeed(await maybePersonNamed(db, name)),
    );
    if (!found.ok) return found;
    const person = found.value;
    const right = await isPassphrase(passphrase, person?.passphrase ?? null);
    if (!person || !right) {
      // A name that nobody has may be a passphrase in the wrong field: it is noted nowhere.
      if (person) await noteOf(person, 'passphrase refused', device);
      return fail('NOT_SIGNED_IN', 'The name or the passphrase is not right. Try again, or ask who looks after this house.');
    }
    return ofTheHouse<SignedIn>('anybody', async (db) => {
      await forgetTries(db, keys);
      const token = await signedIn(db, person, device);
      await noteOwn(db, person, 'signed in', device);
      return succeed({ token, name: person.name });
    });
  });
}

const noteOf = (person: { readonly id: string; readonly name: string }, what: AuditWord, about: string): Promise<Result<null>> =>
  ofTheHouse('anybody', async (db) => {
    await noteOwn(db, person, what, about);
    return succeed(null);
  });

/** Signs a person in on a device, with a token of its own. */
export async function signedIn(
  db: Parameters<typeof addDevice>[0],
  person: { readonly id: string },
  device: string,
): Promise<string> {
  const token = newToken();
  await addDevice(db, { person_id: person.id, name: device, token_hash: hashOf(token) });
  return token;
}

/** Signs the device out that asks. */
export const signOut = (): Promise<Result<{ readonly out: number }>> =>
  ofTheHouse('anybody', async (db) => {
    const asking = who();
    if (asking.kind !== 'person') return succeed({ out: 0 });
    await removeDevice(db, asking.device);
    await noteOwn(db, asking, 'signed out', '');
    return succeed({ out: 1 });
  });

/** Signs the person who asks out on every device, this one as well. */
export const signOutEverywhere = (): Promise<Result<{ readonly out: number }>> =>
  ofTheHouse('guest', async (db) => {
    const asking = who();
    if (asking.kind !== 'person') return fail('BAD_VALUE', 'Nobody is signed in here: this house does not ask who comes.');
    const out = await removeDevicesOf(db, asking.id);
    await noteOwn(db, asking, 'signed out everywhere', '');
    return succeed({ out });
  });
