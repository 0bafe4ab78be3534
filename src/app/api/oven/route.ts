import { onceOnly } from '@/server/once-only';
import { begin } from '@/server/oven/begin-bake';
import { viewOven } from '@/server/oven/view-oven';
import { answer, bodyJson, refuse } from '../answer';

export const dynamic = 'force-dynamic';

/** Everything at the oven now. */
export const GET = async (): Promise<Response> => answer(await viewOven());

/** Begins one batch, or the batches of a bake day. */
export async function POST(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await onceOnly(request, 'oven', body.value, () => begin(body.value))) : refuse(body);
}
