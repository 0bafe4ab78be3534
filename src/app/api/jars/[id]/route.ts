import { onceOnly } from '@/server/once-only';
import { workJar } from '@/server/jars/work-jar';
import { answer, bodyJson, refuse } from '../../answer';

type Context = { params: Promise<{ id: string }> };

/** Opens, takes from, moves or throws away a pack. */
export async function POST(request: Request, { params }: Context): Promise<Response> {
  const body = await bodyJson(request);
  if (!body.ok) return refuse(body);
  const { id } = await params;
  return answer(await onceOnly(request, `jars/${id}`, body.value, () => workJar(id, body.value)));
}
