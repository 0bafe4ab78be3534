/** A worker thread of the server: answers jobs. Built by scripts/build-scripts.mjs. */
import { setPriority } from 'node:os';
import { parentPort, workerData } from 'node:worker_threads';
import { serve } from '@/workers/serve';
import type { Request } from '@/workers/protocol';
import { JOBS } from './jobs';
import { withOwnPantry } from './shared-pantry';

/**
 * Requests and the database come before what is worked out for them, and that before a search, which takes what is left. On Linux this is
 * of the one thread.
 */
const { takesLong } = workerData as { readonly takesLong: boolean };
try {
  setPriority(takesLong ? 15 : 3);
} catch {
  // Where it may not be set, everything runs as before.
}

if (!parentPort) throw new Error('This file is a worker thread of the server.');
const port = parentPort;
port.on(
  'message',
  (
    (take) => (request: Request) =>
      take('ask' in request ? { ...request, ask: withOwnPantry(request.ask) } : request)
  )(serve(JOBS, (reply) => port.postMessage(reply))),
);
