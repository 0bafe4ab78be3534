import { EventEmitter } from 'node:events';
import type { IncomingMessage, ServerResponse } from 'node:http';
import { describe, expect, it } from 'vitest';
import { PageTurns } from './page-turns';

/** An answer as far as turns see it: it is closed once. */
class Answer extends EventEmitter {
  closed = false;
  close(): void {
    this.closed = true;
    this.emit('close');
  }
}
const rested = (): Promise<void> => new Promise((done) => setImmediate(done));
function row(most: number) {
  const turns = new PageTurns(most);
  const begun: string[] = [];
  const ask = (url: string, method = 'GET'): Answer => {
    const answer = new Answer();
    void turns
      .of({ method, url } as IncomingMessage, answer as unknown as ServerResponse)
      .then(() => !answer.closed && begun.push(url));
    return answer;
  };
  return { ask, begun };
}

describe('pages', () => {
  it('are made so many at a time, the first first', async () => {
    const { ask, begun } = row(2);
    const [first, second] = ['/a', '/b', '/c', '/d'].map((url) => ask(url));
    await rested();
    expect(begun).toEqual(['/a', '/b']);
    second.close();
    await rested();
    expect(begun).toEqual(['/a', '/b', '/c']);
    first.close();
    await rested();
    expect(begun).toEqual(['/a', '/b', '/c', '/d']);
  });
  it('never hold up a save, a reading or a file', async () => {
    const { ask, begun } = row(1);
    ask('/log');
    ask('/log?words=x');
    ask('/api/oven');
    ask('/batch/x', 'POST');
    ask('/_next/static/x.js');
    ask('/icon.svg?1');
    await rested();
    expect(begun).toEqual(['/log', '/api/oven', '/batch/x', '/_next/static/x.js', '/icon.svg?1']);
  });
  it('lose no turn to whoever left, in the row or while the page was made', async () => {
    const { ask, begun } = row(1);
    const [first, second, third] = ['/a', '/b', '/c'].map((url) => ask(url));
    await rested();
    second.close();
    first.close();
    await rested();
    expect(begun).toEqual(['/a', '/c']);
    third.close();
    ask('/d');
    await rested();
    expect(begun).toEqual(['/a', '/c', '/d']);
  });
});
