import { worthMeasuringOf } from '@/server/worth-measuring';
import { answer, bodyJson, refuse } from '../answer';

/** What each measurement would be worth before a batch is baked: its document in, as it stands on the page. */
export async function POST(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await worthMeasuringOf(body.value, request.signal)) : refuse(body);
}
