import type { Line, OpenLine } from './client';
import type { Reply, Request, Exchanges, Service } from './protocol';
import { serve } from './serve';
import type { Slicing } from './sliced';

/** A line to a worker of the browser. */
export const browserLine =
  (start: () => Worker): OpenLine =>
  (hear, died): Line => {
    const worker = start();
    worker.onmessage = ({ data }: MessageEvent<Reply>) => hear(data);
    const end = (why: string): void => {
      worker.terminate();
      died(why);
    };
    worker.onerror = (event) => {
      event.preventDefault();
      end(event.message || 'the worker could not be started');
    };
    worker.onmessageerror = () => end('a message could not be read');
    return { send: (request) => worker.postMessage(request), close: () => worker.terminate() };
  };

/** In a worker of the browser: answers its page by a service. */
export function serveThePage<E extends Exchanges<E>>(service: Service<E>): void {
  const take = serve(service, (reply) => self.postMessage(reply));
  self.onmessage = ({ data }: MessageEvent<Request>) => take(data);
}

/** The browser's clock; a pause lets waiting messages in. */
export const BROWSER_SLICING: Slicing = {
  now: () => performance.now(),
  pause: () => new Promise((resume) => setTimeout(resume)),
};
