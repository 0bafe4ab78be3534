import { readIn } from '@/server/oven/read-in';
import { answer, bodyJson, refuse } from '../../../answer';

type Context = { params: Promise<{ id: string }> };

/** Notes what was weighed or measured at the oven. */
export async function POST(request: Request, { params }: Context): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await readIn((await params).id, body.value)) : refuse(body);
}
