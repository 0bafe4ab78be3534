import { onceOnly } from '@/server/once-only';
import { storePacks } from '@/server/jars/store-packs';
import { answer, bodyJson, refuse } from '../answer';

/** Puts a baked batch into the store room. */
export async function POST(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await onceOnly(request, 'jars', body.value, () => storePacks(body.value)), 201) : refuse(body);
}
