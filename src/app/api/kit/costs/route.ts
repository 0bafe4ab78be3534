import { saveCosts } from '@/server/costs';
import { answer, bodyJson, refuse } from '../../answer';

/** Notes what work, packs and wear cost. */
export async function PUT(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await saveCosts(body.value)) : refuse(body);
}
