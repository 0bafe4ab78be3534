import { recordReading } from '@/server/oven/record-reading';
import { answer, bodyJson, refuse } from '../../../answer';

type Context = { params: Promise<{ id: string }> };

/** Notes what was weighed or measured at the oven. */
export async function POST(request: Request, { params }: Context): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await recordReading((await params).id, body.value)) : refuse(body);
}
