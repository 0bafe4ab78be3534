import { onceOnly } from '@/server/once-only';
import { importBatch } from '@/server/start-batch';
import { answer, bodyJson, refuse } from '../answer';

/** Takes in a *.batch.json. */
export async function POST(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await onceOnly(request, 'batches', body.value, () => importBatch(body.value)), 201) : refuse(body);
}
