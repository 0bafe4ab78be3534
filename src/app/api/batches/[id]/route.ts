import { saveBatch } from '@/server/save-batch';
import { answerSaved, bodyJson, refuse } from '../../answer';

type Context = { params: Promise<{ id: string }> };

/** Saves an edited batch; 409 with the other version when someone saved in between. */
export async function PATCH(request: Request, { params }: Context): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answerSaved(await saveBatch((await params).id, body.value)) : refuse(body);
}
