import { onceOnly } from '@/server/once-only';
import { importBatch } from '@/server/start-batch';
import { findPlanned } from '@/server/planned-list';
import { answer, bodyJson, refuse } from '../answer';

/** Planned batches by name: `?find=` what was typed. */
export async function GET(request: Request): Promise<Response> {
  return answer(await findPlanned(new URL(request.url).searchParams.get('find') ?? ''));
}

/** Takes in a *.batch.json. */
export async function POST(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await onceOnly(request, 'batches', body.value, () => importBatch(body.value)), 201) : refuse(body);
}
