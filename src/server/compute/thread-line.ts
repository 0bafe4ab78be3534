import { Worker } from 'node:worker_threads';
import type { Line, OpenLine } from '@/workers/client';
import type { Reply } from '@/workers/protocol';

/**
 * A line to a worker thread of this process.
 *
 * @param file - the built worker
 */
export const threadLine =
  (file: string) =>
  (takesLong: boolean): OpenLine =>
  (hear, died): Line => {
    const worker = new Worker(file, { workerData: { takesLong } });
    // A thread that only waits does not keep the process from ending.
    worker.unref();
    worker.on('message', (reply: Reply) => hear(reply));
    worker.on('error', (error) => died(error.stack ?? error.message));
    worker.on('exit', (code) => died(`the thread ended with ${code}`));
    return { send: (request) => worker.postMessage(request), close: () => void worker.terminate() };
  };
