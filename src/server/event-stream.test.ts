import { afterEach, describe, expect, it } from 'vitest';
import { eventStream } from './event-stream';

/** Everything that is said on a stream until it ends. */
async function all(stream: ReadableStream<Uint8Array>): Promise<string> {
  const decoder = new TextDecoder();
  let text = '';
  for (const reader = stream.getReader(); ;) {
    const { value, done } = await reader.read();
    if (done) return text;
    text += decoder.decode(value, { stream: true });
  }
}
const shared = globalThis as { ovenStreams?: unknown };
/** A signal to the whole process would end the tests: its listener is called as the signal would. */
const terminate = (): void => {
  const [handler] = process.listeners('SIGTERM').slice(-1);
  process.removeListener('SIGTERM', handler);
  handler('SIGTERM');
};
afterEach(() => delete shared.ovenStreams);

describe('a stream of events', () => {
  it('speaks until the page leaves, and then stops what it began', async () => {
    const leave = new AbortController();
    let ended = 0;
    const said = all(
      eventStream(leave.signal, (send) => {
        send('event: one\n\n');
        return () => ended++;
      }),
    );
    await Promise.resolve();
    leave.abort();
    expect(await said).toBe('retry: 1000\n\nevent: one\n\n');
    expect(ended).toBe(1);
  });
  it('ends with the server, every page of it, and once only', async () => {
    let ended = 0;
    const said = [0, 1].map(() => all(eventStream(new AbortController().signal, () => () => ended++)));
    await Promise.resolve();
    terminate();
    expect(await Promise.all(said)).toEqual(['retry: 1000\n\n', 'retry: 1000\n\n']);
    expect(ended).toBe(2);
  });
  it('a page that comes while the server stops is told to come again, and holds nothing', async () => {
    const first = all(eventStream(new AbortController().signal, () => () => undefined));
    await Promise.resolve();
    terminate();
    await first;
    let began = 0;
    const late = eventStream(new AbortController().signal, () => {
      began++;
      return () => undefined;
    });
    expect(await all(late)).toBe('retry: 1000\n\n');
    expect(began).toBe(0);
  });
});
