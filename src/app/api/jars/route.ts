import { putAway } from '@/server/jars/put-away';
import { answer, bodyJson, refuse } from '../answer';

/** Puts a baked batch into the store room. */
export async function POST(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await putAway(body.value), 201) : refuse(body);
}
