import { ovenStream } from '@/server/oven/oven-stream';

export const dynamic = 'force-dynamic';

/** Tells that something at the oven changed, as it happens. */
export function GET(request: Request): Response {
  return new Response(ovenStream(request.signal), {
    headers: {
      'content-type': 'text/event-stream; charset=utf-8',
      'cache-control': 'no-cache, no-transform',
      'x-accel-buffering': 'no',
    },
  });
}
