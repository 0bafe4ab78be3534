import type { Send } from './writes';

/** Sends a write as the pages do, under a key; whatever goes wrong on the way is no answer (status 0). */
export const sendTo =
  (address: string, timeout_ms = 15_000): Send =>
  async (method, path, body, key) => {
    try {
      const response = await fetch(address + path, {
        method,
        headers: { 'content-type': 'application/json', 'idempotency-key': key.replace(/\s/g, '_') },
        body: JSON.stringify(body),
        signal: AbortSignal.timeout(timeout_ms),
      });
      return { status: response.status, body: (await response.json()) as Record<string, unknown> };
    } catch {
      return { status: 0, body: {} };
    }
  };
