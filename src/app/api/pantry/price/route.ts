import { savePrice } from '@/server/stock-pantry';
import { answerSaved, bodyJson, refuse } from '../../answer';

/** Notes what a pack cost. */
export async function PUT(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answerSaved(await savePrice(body.value)) : refuse(body);
}
