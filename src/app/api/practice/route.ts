import { beginPractice } from '@/server/practice/begin-practice';
import { answer, bodyJson, refuse } from '../answer';

/** Begins a practice bake of a lesson, or of a batch. */
export async function POST(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await beginPractice(body.value), 201) : refuse(body);
}
