import { addToKitchen } from '@/server/people/people';
import { answer, bodyJson, refuse } from '../answer';

/** Adds somebody to the kitchen. */
export async function POST(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await addToKitchen(body.value), 201) : refuse(body);
}
