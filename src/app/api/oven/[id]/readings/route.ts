import { givenAgo } from '@/server/asked';
import { onceOnly } from '@/server/once-only';
import { recordReading } from '@/server/oven/record-reading';
import { answer, bodyJson, refuse } from '../../../answer';

type Context = { params: Promise<{ id: string }> };

/** Notes what was weighed or measured at the oven. */
export async function POST(request: Request, { params }: Context): Promise<Response> {
  const body = await bodyJson(request);
  if (!body.ok) return refuse(body);
  const { id } = await params;
  return answer(
    await onceOnly(request, `readings/${id}`, body.value, () => recordReading(id, body.value, givenAgo(request.headers))),
  );
}
