import { saveRecipe } from '@/server/save-recipe';
import { answer, bodyJson, refuse } from '../../answer';

type Context = { params: Promise<{ id: string }> };

/** Saves an edited recipe as a new version; 409 when someone saved in between. */
export async function PATCH(request: Request, { params }: Context): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await saveRecipe((await params).id, body.value)) : refuse(body);
}
