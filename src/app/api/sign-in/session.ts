import { deviceName, noSessionCookie, sessionCookie } from '@/server/people/session';
import type { SignedIn } from '@/server/people/sign-in';
import type { Result } from '@/core/failure';
import { refuse } from '../answer';

/** What the device that asks calls itself. */
export const deviceOf = (request: Request): string => deviceName(request.headers.get('user-agent') ?? '');

/** Signs the device in that asked: the token goes into its cookie and nowhere else. */
export const answerSignedIn = (signed: Result<SignedIn>): Response =>
  signed.ok
    ? Response.json({ name: signed.value.name }, { headers: { 'set-cookie': sessionCookie(signed.value.token), ...UNKEPT } })
    : refuse(signed);

/** Signs the device out that asked. */
export const answerSignedOut = (out: Result<{ readonly out: number }>): Response =>
  out.ok ? Response.json(out.value, { headers: { 'set-cookie': noSessionCookie(), ...UNKEPT, ...FORGET } }) : refuse(out);

const UNKEPT = { 'cache-control': 'no-store' };
/** What the browser keeps of the kitchen's pages goes with who was signed in. */
const FORGET = { 'clear-site-data': '"cache"' };
