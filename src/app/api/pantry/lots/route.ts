import { onceOnly } from '@/server/once-only';
import { addToHouse } from '@/server/stock-pantry';
import { answer, bodyJson, refuse } from '../../answer';

/** Takes a lot into the house. */
export async function POST(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await onceOnly(request, 'lots', body.value, () => addToHouse(body.value)), 201) : refuse(body);
}
