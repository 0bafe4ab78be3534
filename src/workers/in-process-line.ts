import type { Line, OpenLine } from './client';
import type { Exchanges, Service } from './protocol';
import { serve } from './serve';

/** A line to a service in the caller's own process; messages are copied as they would be on their way to a worker. */
export const inProcessLine =
  <E extends Exchanges<E>>(start: () => Service<E>): OpenLine =>
  (hear): Line => {
    let open = true;
    const take = serve(start(), (reply) => {
      const copy = structuredClone(reply);
      queueMicrotask(() => open && hear(copy));
    });
    return {
      send: (request) => {
        const copy = structuredClone(request);
        queueMicrotask(() => open && take(copy));
      },
      close: () => {
        open = false;
      },
    };
  };
