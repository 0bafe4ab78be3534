import { changePerson, removeFromKitchen } from '@/server/people/people';
import { answer, bodyJson, refuse } from '../../answer';

type Context = { params: Promise<{ id: string }> };

/** Changes what somebody may do, or gives them a new passphrase. */
export async function PATCH(request: Request, { params }: Context): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await changePerson((await params).id, body.value)) : refuse(body);
}

/** Takes somebody off the kitchen. */
export const DELETE = async (_: Request, { params }: Context): Promise<Response> =>
  answer(await removeFromKitchen((await params).id));
