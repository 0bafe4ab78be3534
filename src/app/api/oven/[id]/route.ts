import { answerCall } from '@/server/oven/answer-call';
import { answer, bodyJson, refuse } from '../../answer';

type Context = { params: Promise<{ id: string }> };

/** Answers the call of a batch: done, taken back, longer, later, or given up. */
export async function POST(request: Request, { params }: Context): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await answerCall((await params).id, body.value)) : refuse(body);
}
