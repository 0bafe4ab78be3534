import { scaleStream, workScale } from '@/server/scale-stream';
import { answer, bodyJson, refuse } from '../answer';

export const dynamic = 'force-dynamic';

/** Readings of the kitchen scale as they come. */
export function GET(request: Request): Response {
  return new Response(scaleStream(request.signal), {
    headers: {
      'content-type': 'text/event-stream; charset=utf-8',
      'cache-control': 'no-cache, no-transform',
      'x-accel-buffering': 'no',
    },
  });
}

/** Works the stand-in scale. */
export async function POST(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(workScale(body.value)) : refuse(body);
}
