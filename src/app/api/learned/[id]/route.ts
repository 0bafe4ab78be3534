import { changeLearned } from '@/server/oven/learned';
import { answer, bodyJson, refuse } from '../../answer';

type Context = { params: Promise<{ id: string }> };

/** Switches what was learned of an appliance off or on, or begins anew. */
export async function PUT(request: Request, { params }: Context): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await changeLearned((await params).id, body.value)) : refuse(body);
}
