import { givenAgo } from '@/server/asked';
import { onceOnly } from '@/server/once-only';
import { answerCall } from '@/server/oven/answer-call';
import { answer, bodyJson, refuse } from '../../answer';

type Context = { params: Promise<{ id: string }> };

/** Answers the call of a batch: done, taken back, longer, later, or given up. */
export async function POST(request: Request, { params }: Context): Promise<Response> {
  const body = await bodyJson(request);
  if (!body.ok) return refuse(body);
  const { id } = await params;
  return answer(
    await answerCall(id, body.value, {
      ago_s: givenAgo(request.headers),
      once: (work) => onceOnly(request, `oven/${id}`, body.value, work),
    }),
  );
}
