import { signIn, signOut } from '@/server/people/sign-in';
import { bodyJson, refuse } from '../answer';
import { answerSignedIn, answerSignedOut, deviceOf } from './session';

/** Signs a device in with a passphrase. */
export async function POST(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answerSignedIn(await signIn(body.value, deviceOf(request))) : refuse(body);
}

/** Signs the device out. */
export const DELETE = async (): Promise<Response> => answerSignedOut(await signOut());
