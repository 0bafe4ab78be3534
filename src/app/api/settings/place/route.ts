import { savePlace } from '@/server/kitchen-settings';
import { answerSaved, bodyJson, refuse } from '../../answer';

/** Keeps where the kitchen stands, what its air is like, and what is paid with. */
export async function PUT(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answerSaved(await savePlace(body.value)) : refuse(body);
}
