import { noteLeft } from '@/server/stock-pantry';
import { answer, bodyJson, refuse } from '../../../answer';

type Context = { params: Promise<{ id: string }> };

/** Notes what is left of a lot. */
export async function PATCH(request: Request, { params }: Context): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await noteLeft((await params).id, body.value)) : refuse(body);
}
