import { pair } from '@/server/people/pair';
import { bodyJson, refuse } from '../answer';
import { answerSignedIn, deviceOf } from '../sign-in/session';

/** Signs a device in by a code, once. */
export async function POST(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answerSignedIn(await pair(body.value, deviceOf(request))) : refuse(body);
}
