/** A worker thread of the server: answers jobs. Built to one file by scripts/build-scripts.mjs. */
import { setPriority } from 'node:os';
import { parentPort } from 'node:worker_threads';
import { serve } from '@/workers/serve';
import type { Request } from '@/workers/protocol';
import { JOBS } from './jobs';

/** Requests and the database come before what is worked out for them; on Linux this is of the one thread. */
const NICER = 5;
try {
  setPriority(NICER);
} catch {
  // Where it may not be set, everything runs as before.
}

if (!parentPort) throw new Error('This file is a worker thread of the server.');
const port = parentPort;
port.on(
  'message',
  (
    (take) => (request: Request) =>
      take(request)
  )(serve(JOBS, (reply) => port.postMessage(reply))),
);
