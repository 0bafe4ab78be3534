import { scaleStream, workScale } from '@/server/scale-stream';
import { refusedHere } from '@/server/with-database';
import { answer, bodyJson, refuse } from '../answer';
import { events } from '../events';

export const dynamic = 'force-dynamic';

/** Readings of the kitchen scale as they come. */
export const GET = (request: Request): Response => events(scaleStream(request.signal));

/** Works the stand-in scale. */
export async function POST(request: Request): Promise<Response> {
  const refused = await refusedHere('helper');
  if (refused) return refuse(refused);
  const body = await bodyJson(request);
  return body.ok ? answer(workScale(body.value)) : refuse(body);
}
