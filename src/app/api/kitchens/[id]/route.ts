import { dropKitchen } from '@/server/remove-kitchen';
import { answer, bodyJson, refuse } from '../../answer';

type Context = { params: Promise<{ id: string }> };

/** Takes a kitchen away with everything in it; the body says its name, so that nobody does by mistake. */
export async function DELETE(request: Request, { params }: Context): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await dropKitchen((await params).id, body.value)) : refuse(body);
}
