import { CATALOGUE } from '@/core/failure';
import { saveBatch } from '@/server/save-batch';
import { bodyJson, refuse } from '../../answer';

type Context = { params: Promise<{ id: string }> };

/** Saves an edited batch; 409 with the other version when someone saved in between. */
export async function PATCH(request: Request, { params }: Context): Promise<Response> {
  const body = await bodyJson(request);
  if (!body.ok) return refuse(body);
  const saved = await saveBatch((await params).id, body.value);
  if (!saved.ok) return refuse(saved);
  if (saved.value.kind === 'saved') return Response.json({ revision: saved.value.revision, saved_at: saved.value.saved_at });
  const { failure, current } = saved.value;
  const { code, message, path } = failure;
  return Response.json({ error: { code, message, path }, current }, { status: CATALOGUE[code].status });
}
