import { measureBatch } from '@/server/measure-batch';
import { answer, bodyJson, refuse } from '../../../answer';

type Context = { params: Promise<{ id: string }> };

/** Enters or corrects what was counted and weighed after baking. */
export async function PUT(request: Request, { params }: Context): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await measureBatch((await params).id, body.value)) : refuse(body);
}
