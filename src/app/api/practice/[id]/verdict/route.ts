import { judgePractice } from '@/server/practice/judge-practice';
import { answer, bodyJson, refuse } from '../../../answer';

type Context = { params: Promise<{ id: string }> };

/** Cuts a practice bake open and judges it, once what is inside was guessed. */
export async function POST(request: Request, { params }: Context): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await judgePractice((await params).id, body.value)) : refuse(body);
}
