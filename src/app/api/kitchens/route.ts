import { setUpKitchen } from '@/server/new-kitchen';
import { onceOnly } from '@/server/once-only';
import { answer, bodyJson, refuse } from '../answer';
import { withChoice } from './choice';

/** Makes a kitchen of one's own; this device works in it from then on. */
export async function POST(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  if (!body.ok) return refuse(body);
  const made = await onceOnly(request, 'kitchens', body.value, () => setUpKitchen(body.value));
  return made.ok ? withChoice(answer(made, 201), made.value.id) : refuse(made);
}
