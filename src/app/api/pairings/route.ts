import { makePairing } from '@/server/people/pair';
import { answer, bodyJson, refuse } from '../answer';

/** Makes a code that signs a further device in. */
export async function POST(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await makePairing(body.value), 201) : refuse(body);
}
