import { saveIdentity } from '@/server/kitchen-settings';
import { answerSaved, bodyJson, refuse } from '../../answer';

/** Keeps what the kitchen is called, and its address. */
export async function PUT(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answerSaved(await saveIdentity(body.value)) : refuse(body);
}
