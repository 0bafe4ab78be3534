/** Lets other devices in, or none any more: what Settings does, at the machine itself. npm run share tells the running server. */
import { succeed } from '@/core/failure';
import { anybodyKnown } from '@/db/people';
import { closePools } from '@/server/kitchen-pools';
import { beginSharing, endSharing } from '@/server/sharing/share';
import { ofTheHouse } from '@/server/with-database';
import { askPassphrase } from './ask-passphrase';

type Wishes = { readonly off: boolean; readonly address?: string; readonly name?: string };

async function share({ off, address, name }: Wishes): Promise<string> {
  if (off) {
    const ended = await endSharing();
    if (!ended.ok) throw new Error(ended.message);
    return 'This machine alone again; nobody needs to sign in.';
  }
  const known = await ofTheHouse('owner', async (db) => succeed(await anybodyKnown(db)));
  if (!known.ok) throw new Error(known.message);
  if (!known.value && !name) throw new Error('Say who looks after this house: npm run share -- --name NAME');
  const owner = known.value || !name ? undefined : { name, passphrase: await askPassphrase(`A passphrase for ${name}: `) };
  const begun = await beginSharing({ ...(owner ? { owner } : {}), ...(address ? { address } : {}) }, null);
  if (!begun.ok) throw new Error(begun.message);
  return 'Other devices may come; everybody signs in from now on.';
}

const words = process.argv.slice(2);
const after = (flag: string): string | undefined => (words.includes(flag) ? words[words.indexOf(flag) + 1] : undefined);
const [address, name] = [after('--address'), after('--name')];
try {
  console.log(await share({ off: words.includes('--off'), ...(address ? { address } : {}), ...(name ? { name } : {}) }));
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  process.exitCode = 1;
} finally {
  await closePools();
}
