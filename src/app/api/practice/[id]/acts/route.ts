import { doInPractice } from '@/server/practice/do-in-practice';
import { answer, bodyJson, refuse } from '../../../answer';

type Context = { params: Promise<{ id: string }> };

/** Does one thing in a practice bake; answers what is seen since. */
export async function POST(request: Request, { params }: Context): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await doInPractice((await params).id, body.value)) : refuse(body);
}
