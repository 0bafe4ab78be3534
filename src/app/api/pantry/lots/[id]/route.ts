import { noteLeft } from '@/server/stock-pantry';
import { answerSaved, bodyJson, refuse } from '../../../answer';

type Context = { params: Promise<{ id: string }> };

/** Notes what is left of a lot. */
export async function PATCH(request: Request, { params }: Context): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answerSaved(await noteLeft((await params).id, body.value)) : refuse(body);
}
