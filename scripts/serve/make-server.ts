import { createServer, type IncomingMessage, type RequestListener, type Server, type ServerResponse } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import type { Duplex } from 'node:stream';
import { CATALOGUE, fail, type Failure } from '@/core/failure';
import { EVERYWHERE } from '@/headers';
import type { InFlight } from './in-flight';

/** Answers a request whose head has arrived. */
export type Handler = (request: IncomingMessage, response: ServerResponse) => Promise<void>;

/** Kinds of request that something here may answer. */
const METHODS: ReadonlySet<string> = new Set(['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS']);

/** How long a request may take to arrive: its head, and all of it [ms]. A photo over a slow line in the kitchen takes seconds. */
export type Deadlines = { readonly head_ms: number; readonly whole_ms: number };
export const USUAL_DEADLINES: Deadlines = { head_ms: 10_000, whole_ms: 30_000 };

/**
 * The server in front of the pages: refuses kinds of request that nothing answers, and cuts off what does not arrive in time.
 */
export function makeServer(handle: Handler, inFlight: InFlight, deadlines: Deadlines = USUAL_DEADLINES): Server {
  return withSentences(createServer(optionsOf(deadlines), answering(handle, inFlight)));
}

/** The same over a line that nobody on the way can read (TLS 1.2 or newer). */
export function secured(handle: Handler, inFlight: InFlight, keys: { readonly key: Buffer; readonly cert: Buffer }): Server {
  const options = { ...optionsOf(USUAL_DEADLINES), ...keys, minVersion: 'TLSv1.2' } as const;
  return withSentences(createSecureServer(options, answering(handle, inFlight)));
}

const optionsOf = ({ head_ms, whole_ms }: Deadlines) => ({
  headersTimeout: head_ms,
  requestTimeout: whole_ms,
  // A line that is closed just as a question comes down it breaks that question. A proxy lets go of it after a minute: it should be the first.
  keepAliveTimeout: 65_000,
  connectionsCheckingInterval: 1000,
});

const answering =
  (handle: Handler, inFlight: InFlight): RequestListener =>
  (request, response) => {
    inFlight.begin(request, response);
    if (!METHODS.has(request.method ?? '')) {
      refuse(response, fail('METHOD_NOT_KNOWN', 'Nothing here answers a request of this kind.'), {
        allow: [...METHODS].join(', '),
      });
      return;
    }
    handle(request, response).catch((cause: unknown) => {
      // Whoever asked has gone: nobody waits for an answer.
      if (request.destroyed && !request.complete) return;
      console.error(`${request.method} ${(request.url ?? '').replace(/\?.*$/s, '')} was not answered:`, cause);
      refuse(response, fail('WORKER_FAILED', 'This could not be answered: a fault of the program. Nothing is lost; try again.'));
    });
  };

function withSentences(server: Server): Server {
  server.on('clientError', (error: NodeJS.ErrnoException, socket: Duplex) => refuseLate(error, socket));
  return server;
}

/** Answers with a failure, as every door does. */
export function refuse(response: ServerResponse, failure: Failure, more: Readonly<Record<string, string>> = {}): void {
  if (response.headersSent) {
    response.destroy();
    return;
  }
  const { status } = CATALOGUE[failure.code];
  response.writeHead(status, { 'content-type': 'application/json', ...EVERYWHERE, ...more });
  response.end(bodyOf(failure));
}

const bodyOf = ({ code, message, path }: Failure): string => JSON.stringify({ error: { code, message, path } });

/** What cannot be read as a request, or took too long to arrive; nothing of ours has seen it. */
function refuseLate({ code }: NodeJS.ErrnoException, socket: Duplex): void {
  if (code === 'ECONNRESET' || !socket.writable) return;
  const late = code === 'ERR_HTTP_REQUEST_TIMEOUT';
  const failure = late
    ? fail('TOO_SLOW', 'This did not arrive whole in time. Try again; nothing was changed.')
    : fail('BAD_VALUE', 'This is no request that can be read.');
  const body = bodyOf(failure);
  const status = late ? '408 Request Timeout' : '400 Bad Request';
  socket.end(
    `HTTP/1.1 ${status}\r\nconnection: close\r\ncontent-type: application/json\r\ncontent-length: ${Buffer.byteLength(body)}\r\n\r\n${body}`,
  );
}
