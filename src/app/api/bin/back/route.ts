import { takeBack } from '@/server/bin';
import { answer, bodyJson, refuse } from '../../answer';

/** Brings things back out of the bin. */
export async function POST(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await takeBack(body.value)) : refuse(body);
}
