import 'server-only';
import type { IncomingHttpHeaders } from 'node:http';
import { succeed, type Result } from '@/core/failure';
import { maybeDevice } from '@/db/devices';
import { failureOf } from '@/db/failures';
import { maybePerson, rolesOf, signInWanted } from '@/db/people';
import type { Who } from '../asked';
import { poolOf } from '../kitchen-pools';
import { tokenOf } from './session';
import { hashOf } from './tokens';

/** Another process may have begun or ended use in the house: what is known of it is believed so long [ms]. */
const BELIEVED_MS = 1000;
const shared = globalThis as { ovenSignIn?: { readonly at_ms: number; readonly wanted: boolean } };

/** Looks again whether everybody must be known, the next time that somebody asks. */
export function forgetSignIn(): void {
  delete shared.ovenSignIn;
}

async function mustBeKnown(): Promise<boolean> {
  const known = shared.ovenSignIn;
  if (known && performance.now() - known.at_ms < BELIEVED_MS) return known.wanted;
  try {
    const wanted = await signInWanted(poolOf(null));
    shared.ovenSignIn = { at_ms: performance.now(), wanted };
    return wanted;
  } catch (error) {
    // While the database is away it is as it was; who was never told lets nobody in.
    if (known) return known.wanted;
    throw error;
  }
}

/**
 * Who a request comes from. It is looked up at every request, so that a device that was signed out is out at its next one.
 *
 * @param secure - whether it came over a line that nobody reads, where the cookie has another name
 */
export async function whoAsks(headers: IncomingHttpHeaders, secure: boolean): Promise<Result<Who>> {
  try {
    if (!(await mustBeKnown())) return succeed({ kind: 'house' });
    return succeed((await personOf(tokenOf(headers, secure))) ?? { kind: 'stranger' });
  } catch (error) {
    const failure = failureOf(error);
    if (failure) return failure;
    throw error;
  }
}

/** Whether the device that asks is still signed in; for what goes on after its request was let in. */
export async function stillSignedIn(asking: Who): Promise<boolean> {
  if (asking.kind !== 'person') return (await mustBeKnown()) === false;
  const { rowCount } = await poolOf(null).query('select from device where id::text = $1', [asking.device]);
  return rowCount === 1;
}

async function personOf(token: string): Promise<Who | null> {
  if (token === '') return null;
  const db = poolOf(null);
  const device = await maybeDevice(db, hashOf(token));
  const person = device && (await maybePerson(db, device.person_id));
  if (!device || !person) return null;
  const { id, name, reads, keeps_house } = person;
  return { kind: 'person', id, name, reads, keeps_house, device: device.id, roles: await rolesOf(db, id) };
}
