import { changeOwnPassphrase } from '@/server/people/own-account';
import { answer, bodyJson, refuse } from '../../answer';

/** Changes one's own passphrase. */
export async function PUT(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await changeOwnPassphrase(body.value)) : refuse(body);
}
