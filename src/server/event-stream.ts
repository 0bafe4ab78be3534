import 'server-only';

/** Streams of this process, also across reloads of a development build, and whether it is about to end. */
type Streams = { readonly stops: Set<() => void>; stopping: boolean };
const shared = globalThis as { ovenStreams?: Streams };

function streams(): Streams {
  if (!shared.ovenStreams) {
    const made: Streams = { stops: new Set(), stopping: false };
    shared.ovenStreams = made;
    // An open stream would keep the server from ending.
    process.once('SIGTERM', () => {
      made.stopping = true;
      for (const stop of [...made.stops]) stop();
    });
  }
  return shared.ovenStreams;
}

/**
 * A stream of server-sent events, until the page leaves or the server stops. A page that comes while the server is stopping,
 * over a line that it still held, is told to try again and let go: it would keep the server from ending for ever.
 *
 * @param begin - starts to speak, and returns how to stop; `leave` ends the stream from within
 */
export function eventStream(
  signal: AbortSignal,
  begin: (send: (text: string) => void, leave: () => void) => () => void,
): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  let stop = (): void => undefined;
  return new ReadableStream({
    start(controller) {
      const { stops, stopping } = streams();
      const send = (text: string): void => controller.enqueue(encoder.encode(text));
      send('retry: 1000\n\n');
      if (stopping) {
        controller.close();
        return;
      }
      const end = begin(send, () => stop());
      stop = () => {
        if (!stops.delete(stop)) return;
        end();
        try {
          controller.close();
        } catch {
          // The page left first; there is nobody to tell.
        }
      };
      stops.add(stop);
      signal.addEventListener('abort', stop, { once: true });
    },
    cancel: () => stop(),
  });
}
