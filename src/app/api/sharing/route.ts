import { beginSharing, endSharing } from '@/server/sharing/share';
import { sessionCookie } from '@/server/people/session';
import { answer, bodyJson, refuse } from '../answer';
import { deviceOf } from '../sign-in/session';

/** Lets other devices of the house in. */
export async function POST(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  if (!body.ok) return refuse(body);
  const begun = await beginSharing(body.value, deviceOf(request));
  if (!begun.ok) return refuse(begun);
  const { sharing, signed } = begun.value;
  return Response.json(sharing, signed ? { headers: { 'set-cookie': sessionCookie(signed.token) } } : {});
}

/** Lets no other device in any more. */
export const DELETE = async (): Promise<Response> => answer(await endSharing());
