import { saveBakeDay } from '@/server/bake-day';
import { answerSaved, bodyJson, refuse } from '../../answer';

type Context = { params: Promise<{ day: string }> };

/** Keeps what was decided for a day. */
export async function PUT(request: Request, { params }: Context): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answerSaved(await saveBakeDay((await params).day, body.value)) : refuse(body);
}
