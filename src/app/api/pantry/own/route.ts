import { onceOnly } from '@/server/once-only';
import { addOwnIngredient } from '@/server/stock-pantry';
import { answer, bodyJson, refuse } from '../../answer';

/** Puts a baker's own ingredient on the shelf. */
export async function POST(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await onceOnly(request, 'own', body.value, () => addOwnIngredient(body.value)), 201) : refuse(body);
}
