import type { IncomingMessage } from 'node:http';
import { fail, type Failure } from '@/core/failure';
import { askedOf, type Asked, type Line } from '../asked';
import { whoAsks } from './who-asks';

/** What a stranger may see: how to sign in, whether the house is up, what pages are made of, and how to trust its line. */
const OPEN =
  /^\/(sign-in|pair|offline|_next\/static\/.*|icon[\w-]*\.(svg|png)|manifest\.webmanifest|service-worker\.js|kitchen-authority\.crt|api\/(sign-in|pair|health(\/\w+)?))$/;

/** Let in, for whom; or sent to sign in; or refused. */
export type Admission =
  | { readonly kind: 'in'; readonly asked: Asked }
  | { readonly kind: 'sign-in'; readonly to: string }
  | Failure;

/**
 * Who comes, and whether a stranger may. Everything that is not named as open is closed to strangers, whatever answers it; what each person
 * may do is asked again where it is done.
 */
export async function admit({ url = '/', method = 'GET', headers }: IncomingMessage, line: Line): Promise<Admission> {
  const path = url.replace(/\?.*$/s, '');
  const who = await whoAsks(headers, line.secure);
  // With the database away nobody is known: doors say so, and pages can say no more than that.
  if (!who.ok && path.startsWith('/api/') && !OPEN.test(path)) return who;
  if (!who.ok) return { kind: 'in', asked: { kitchen: null, who: { kind: 'stranger' }, line } };
  const asked = { ...askedOf(headers), who: who.value, line };
  if (who.value.kind !== 'stranger' || OPEN.test(path)) return { kind: 'in', asked };
  if (path.startsWith('/api/') || (method !== 'GET' && method !== 'HEAD'))
    return fail('NOT_SIGNED_IN', 'Sign in first: this house asks who comes. What you typed stays on its page.');
  return { kind: 'sign-in', to: `/sign-in?to=${encodeURIComponent(url)}` };
}
