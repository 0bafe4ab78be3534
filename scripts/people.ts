/** Looks after people at the machine itself: who may come, a passphrase that nobody remembers, a device that was lost. */
import { succeed, type Result } from '@/core/failure';
import { AT_THE_MACHINE, noteOwn } from '@/db/audit';
import { removeDevicesOf } from '@/db/devices';
import { everybody, maybePersonNamed, setPassphrase, signInWanted, wantSignIn, type PersonRow } from '@/db/people';
import { closePools } from '@/server/kitchen-pools';
import { checkPassphrase, hashPassphrase } from '@/server/people/passphrase';
import { makeOwner } from '@/server/sharing/share';
import { ofTheHouse } from '@/server/with-database';
import { askPassphrase } from './ask-passphrase';

async function list(): Promise<Result<string>> {
  return ofTheHouse('owner', async (db) => {
    const people = await everybody(db);
    const lines = people.map(({ name, roles, devices }) => `${name}: ${roles}; ${devices} devices`);
    const asks = (await signInWanted(db)) ? 'Everybody who comes must sign in.' : 'Nobody needs to sign in: this machine only.';
    return succeed([asks, ...(lines.length === 0 ? ['Nobody is known yet.'] : lines)].join('\n'));
  });
}

async function owner(name: string): Promise<Result<string>> {
  const made = await makeOwner({ name, passphrase: await askPassphrase(`A passphrase for ${name}: `) });
  return made.ok ? succeed(`${name} looks after every kitchen here from now on.`) : made;
}

async function reset(name: string): Promise<Result<string>> {
  const person = await personNamed(name);
  const checked = checkPassphrase(await askPassphrase(`A new passphrase for ${person.name}: `), person.name);
  if (!checked.ok) return checked;
  const hash = await hashPassphrase(checked.value);
  return ofTheHouse('owner', async (db) => {
    await setPassphrase(db, person.id, hash);
    const out = await removeDevicesOf(db, person.id);
    await noteOwn(db, { id: person.id, name: AT_THE_MACHINE }, 'passphrase changed', person.name);
    return succeed(`${person.name} has a new passphrase; ${out} devices are signed out.`);
  });
}

async function signOut(name: string): Promise<Result<string>> {
  const person = await personNamed(name);
  return ofTheHouse('owner', async (db) => {
    const out = await removeDevicesOf(db, person.id);
    await noteOwn(db, { id: person.id, name: AT_THE_MACHINE }, 'signed out everywhere', person.name);
    return succeed(`${out} devices of ${person.name} are signed out.`);
  });
}

const signIn = (how: string): Promise<Result<string>> =>
  ofTheHouse('owner', async (db) => {
    if (how !== 'on' && how !== 'off') throw new Error('Say whether everybody must sign in: on or off.');
    await wantSignIn(db, how === 'on');
    return succeed(how === 'on' ? 'Everybody who comes must sign in from now on.' : 'Nobody needs to sign in any more.');
  });

async function personNamed(name: string): Promise<PersonRow> {
  const found = await ofTheHouse('owner', async (db) => succeed(await maybePersonNamed(db, name)));
  if (!found.ok) throw new Error(found.message);
  if (!found.value) throw new Error(`Nobody here is called ${name}. npm run people lists everybody.`);
  return found.value;
}

const WORK: Readonly<Record<string, (word: string) => Promise<Result<string>>>> = {
  owner,
  reset,
  'sign-out': signOut,
  'sign-in': signIn,
};
const [command, word = ''] = process.argv.slice(2);
try {
  const work = command === undefined ? list : WORK[command];
  if (!work || (command !== undefined && word === '')) throw new Error('npm run people -- --help says what can be done.');
  const done = await work(word);
  if (!done.ok) throw new Error(done.message);
  console.log(done.value);
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  process.exitCode = 1;
} finally {
  await closePools();
}
