import { saveCosts } from '@/server/costs';
import { answerSaved, bodyJson, refuse } from '../../answer';

/** Notes what work, packs and wear cost. */
export async function PUT(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answerSaved(await saveCosts(body.value)) : refuse(body);
}
