import { workJar } from '@/server/jars/work-jar';
import { answer, bodyJson, refuse } from '../../answer';

type Context = { params: Promise<{ id: string }> };

/** Opens, takes from, moves or throws away a pack. */
export async function POST(request: Request, { params }: Context): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await workJar((await params).id, body.value)) : refuse(body);
}
