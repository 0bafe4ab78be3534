import { drawLabel } from '@/server/label';
import { answer, bodyJson, refuse } from '../answer';

/** A picture of a label. */
export async function POST(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await drawLabel(body.value)) : refuse(body);
}
