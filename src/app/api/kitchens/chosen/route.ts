import { chooseKitchen } from '@/server/choose-kitchen';
import { answer, bodyJson, refuse } from '../../answer';
import { withChoice } from '../choice';

/** Has this device work in another kitchen of the house. */
export async function PUT(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  if (!body.ok) return refuse(body);
  const chosen = await chooseKitchen(body.value);
  return chosen.ok ? withChoice(answer(chosen), chosen.value.id) : refuse(chosen);
}
