import { randomUUID } from 'node:crypto';
import Joi from 'joi';
import type { SharingView } from '@/contract/people';
import { fail, succeed, type Failure, type Result } from '@/core/failure';
import { noteDone } from '@/db/audit';
import { kitchensThere } from '@/db/kitchens';
import { addPerson, anybodyKnown, maybePersonNamed, setRole, wantSignIn } from '@/db/people';
import { checkWith } from '@/formats/read-batch';
import { line, who } from '../asked';
import { config } from '../config';
import { checkPassphrase, hashPassphrase } from '../people/passphrase';
import { nameOfWho } from '../people/members';
import { signedIn, type SignedIn } from '../people/sign-in';
import { forgetSignIn } from '../people/who-asks';
import { ofTheHouse } from '../with-database';
import { sharing, readShare, writeShare } from './share-state';
import { sharingNow } from './sharing-now';

/** Use in the house is begun and ended where nobody else can: at the machine that it runs on. */
function atTheMachine(): Failure | null {
  return line().is_here
    ? null
    : fail('NOT_ALLOWED', 'This is done at the machine that Upbeat Oven runs on, in a window there, or with npm run share.');
}

type ShareRequest = {
  /** The first owner; not asked where there is one. */
  readonly owner?: { readonly name: string; readonly passphrase: string };
  /** An address of this machine; whichever it has, where none is named. */
  readonly address?: string;
};
const SHARE = Joi.object<ShareRequest>({
  owner: Joi.object({ name: Joi.string().trim().min(1).max(60).required(), passphrase: Joi.string().max(1000).required() }),
  address: Joi.string().ip({ version: ['ipv4'], cidr: 'forbidden' }),
});

/** Makes somebody who looks after the house, and owns every kitchen that is there; who comes later is added by them. */
export async function makeOwner({
  name,
  passphrase,
}: NonNullable<ShareRequest['owner']>): Promise<Result<{ readonly id: string }>> {
  const checked = checkPassphrase(passphrase, name);
  if (!checked.ok) return { ...checked, path: 'owner.passphrase' };
  const hash = await hashPassphrase(checked.value);
  return ofTheHouse<{ readonly id: string }>('owner', async (db) => {
    const id = randomUUID();
    if (!(await addPerson(db, { id, name, passphrase: hash, keeps_house: true })))
      return fail('BAD_VALUE', `Somebody in this house is called ${name} already. Take another name.`, 'owner.name');
    for (const kitchen of await kitchensThere(db)) await setRole(db, id, kitchen.id, 'owner');
    await noteDone(db, { kitchen_id: null, person: nameOfWho(), what: 'person added', about: `${name}, owner` });
    return succeed({ id });
  });
}

/**
 * Lets other devices of the house in, over a line that nobody reads: from now on everybody must be known. Whoever becomes the first owner
 * by it is signed in on the device that asks; a script is none.
 */
export async function beginSharing(
  body: unknown,
  device: string | null,
): Promise<Result<{ readonly sharing: SharingView; readonly signed: SignedIn | null }>> {
  const refused = atTheMachine();
  if (refused) return refused;
  const request = checkWith(SHARE, body);
  if (!request.ok) return request;
  const { owner, address = 'auto' } = request.value;
  const folder = config().stateFolder;
  if (folder === null)
    return fail('BAD_VALUE', 'Upbeat Oven was not started with npm start, so it does not know where to keep keys.');
  const known = await ofTheHouse('owner', async (db) => succeed(await anybodyKnown(db)));
  if (!known.ok) return known;
  if (!known.value && !owner) return fail('MISSING_VALUE', 'Say who looks after this house: a name and a passphrase.', 'owner');
  const made = known.value || !owner ? succeed(null) : await makeOwner(owner);
  if (!made.ok) return made;
  await writeShare({ ...(await readShare(folder)), on: true, address }, folder);
  const begun = await ofTheHouse<SignedIn | null>('owner', async (db) => {
    await wantSignIn(db, true);
    await noteDone(db, { kitchen_id: null, person: nameOfWho(), what: 'use in the house begun', about: '' });
    const person = who().kind === 'person' || !owner ? null : await maybePersonNamed(db, owner.name);
    return succeed(
      person && made.value && device !== null ? { token: await signedIn(db, person, device), name: person.name } : null,
    );
  });
  if (!begun.ok) return begun;
  forgetSignIn();
  await sharing()?.apply();
  const now = await ofTheHouse('anybody', async (db) => succeed(await sharingNow(db)));
  return now.ok ? succeed({ sharing: now.value, signed: begun.value }) : now;
}

/** Ends it: this machine alone again, and nobody needs to be known. People and devices stay known for another time. */
export async function endSharing(): Promise<Result<SharingView>> {
  const refused = atTheMachine();
  if (refused) return refused;
  const folder = config().stateFolder;
  const ended = await ofTheHouse('owner', async (db) => {
    await wantSignIn(db, false);
    await noteDone(db, { kitchen_id: null, person: nameOfWho(), what: 'use in the house ended', about: '' });
    return succeed(null);
  });
  if (!ended.ok) return ended;
  if (folder !== null) await writeShare({ ...(await readShare(folder)), on: false }, folder);
  forgetSignIn();
  await sharing()?.apply();
  return ofTheHouse('anybody', async (db) => succeed(await sharingNow(db)));
}
