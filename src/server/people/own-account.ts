import Joi from 'joi';
import { fail, succeed, type Result } from '@/core/failure';
import { READINGS, type Reader } from '@/core/said';
import { noteOwn } from '@/db/audit';
import { removeDevicesOf } from '@/db/devices';
import { maybePerson, setOwnReads, setPassphrase } from '@/db/people';
import { checkWith } from '@/formats/read-batch';
import { who, type Person } from '../asked';
import { ofTheHouse } from '../with-database';
import { checkPassphrase, hashPassphrase, isPassphrase, oneAtATime } from './passphrase';
import { keysOf, tryAgain } from './slow-down';
import { forgetTries } from '@/db/wrong-tries';

/** Who is signed in; a house that asks nobody has no accounts. */
function me(): Result<Person> {
  const asking = who();
  return asking.kind === 'person' ? succeed(asking) : fail('NOT_SIGNED_IN', 'Nobody is signed in here.');
}

type PassphraseChange = { readonly old: string; readonly fresh: string };
const PASSPHRASE_CHANGE = Joi.object<PassphraseChange, true>({
  old: Joi.string().max(1000).required(),
  fresh: Joi.string().max(1000).required(),
});

/** Changes one's own passphrase, for who knows the old one; every other device is signed out. */
export async function changeOwnPassphrase(body: unknown): Promise<Result<{ readonly out: number }>> {
  const asking = me();
  if (!asking.ok) return asking;
  const request = checkWith(PASSPHRASE_CHANGE, body);
  if (!request.ok) return request;
  const { id, name, device } = asking.value;
  const fresh = checkPassphrase(request.value.fresh, name);
  if (!fresh.ok) return { ...fresh, path: 'fresh' };
  const keys = keysOf(name);
  return oneAtATime(async () => {
    const found = await ofTheHouse('guest', async (db) => (await tryAgain(db, keys)) ?? succeed(await maybePerson(db, id)));
    if (!found.ok) return found;
    if (!(await isPassphrase(request.value.old, found.value?.passphrase ?? null)))
      return fail('BAD_VALUE', 'The old passphrase is not right. Nothing was changed.', 'old');
    const hash = await hashPassphrase(fresh.value);
    return ofTheHouse('guest', async (db) => {
      await forgetTries(db, keys);
      await setPassphrase(db, id, hash);
      const out = await removeDevicesOf(db, id, device);
      await noteOwn(db, asking.value, 'passphrase changed', '');
      return succeed({ out });
    });
  });
}

const OWN_READS = Joi.object<Partial<Reader>>(
  Object.fromEntries(Object.entries(READINGS).map(([key, choices]) => [key, Joi.string().valid(...choices)])),
);

/** Keeps in what numbers one reads oneself; what is left out is as the kitchen does. */
export async function saveOwnReads(body: unknown): Promise<Result<{ readonly reads: Partial<Reader> }>> {
  const asking = me();
  if (!asking.ok) return asking;
  const request = checkWith(OWN_READS, body);
  if (!request.ok) return request;
  return ofTheHouse('guest', async (db) => {
    await setOwnReads(db, asking.value.id, request.value);
    return succeed({ reads: request.value });
  });
}
