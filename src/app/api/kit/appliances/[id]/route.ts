import { dropAppliance, keepAppliance } from '@/server/kit';
import { answer, answerSaved, bodyJson, refuse } from '../../../answer';

type Context = { params: Promise<{ id: string }> };

/** Keeps an appliance, new or changed. */
export async function PUT(request: Request, { params }: Context): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answerSaved(await keepAppliance((await params).id, body.value)) : refuse(body);
}

/** Takes an appliance out of the kit. */
export const DELETE = async (_: Request, { params }: Context): Promise<Response> =>
  answer(await dropAppliance((await params).id));
