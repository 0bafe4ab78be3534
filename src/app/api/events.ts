/** Server-sent events. The connection ends with them: kept alive, it would carry a page's next try to a server that is stopping. */
export const events = (stream: ReadableStream<Uint8Array>): Response =>
  new Response(stream, {
    headers: {
      'content-type': 'text/event-stream; charset=utf-8',
      'cache-control': 'no-cache, no-transform',
      'x-accel-buffering': 'no',
      connection: 'close',
    },
  });
