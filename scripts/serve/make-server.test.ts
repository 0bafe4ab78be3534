import { request as ask, type Server } from 'node:http';
import { connect, type AddressInfo } from 'node:net';
import { afterEach, describe, expect, it } from 'vitest';
import { InFlight } from './in-flight';
import { makeServer, type Handler } from './make-server';

const servers: Server[] = [];
afterEach(() => {
  for (const server of servers.splice(0)) {
    server.closeAllConnections();
    server.close();
  }
});
async function serve(handle: Handler, inFlight = new InFlight()): Promise<number> {
  const server = makeServer(handle, inFlight, { head_ms: 400, whole_ms: 800 });
  servers.push(server);
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  return (server.address() as AddressInfo).port;
}
const fine: Handler = (_, response) => {
  response.end('fine');
  return Promise.resolve();
};

type Answer = { readonly status: number; readonly body: string };
const answerTo = (port: number, method: string, path = '/'): Promise<Answer> =>
  new Promise((done, failed) => {
    ask({ port, method, path, host: '127.0.0.1' }, (response) => {
      let body = '';
      response.setEncoding('utf8').on('data', (part: string) => (body += part));
      response.on('end', () => done({ status: response.statusCode ?? 0, body }));
    })
      .on('error', failed)
      .end();
  });
/** What a bare connection that sends these words is told until it is closed. */
const told = (port: number, words: string): Promise<string> =>
  new Promise((done) => {
    let said = '';
    const socket = connect(port, '127.0.0.1', () => socket.write(words));
    socket.setEncoding('utf8').on('data', (part: string) => (said += part));
    socket.on('close', () => done(said)).on('error', () => undefined);
  });

describe('the server in front of the pages', () => {
  it('hands on what it knows, and refuses kinds of request that nothing answers', async () => {
    const port = await serve(fine);
    expect(await answerTo(port, 'GET')).toEqual({ status: 200, body: 'fine' });
    for (const method of ['TRACE', 'PROPFIND', 'LOCK']) {
      const { status, body } = await answerTo(port, method);
      expect([method, status]).toEqual([method, 405]);
      expect(JSON.parse(body)).toMatchObject({ error: { code: 'METHOD_NOT_KNOWN' } });
    }
  });
  it('answers what breaks with a sentence, and goes on', async () => {
    const port = await serve((request) => (request.url === '/broken' ? Promise.reject(new Error('a bug')) : Promise.resolve()));
    const { status, body } = await answerTo(port, 'GET', '/broken');
    expect(status).toBe(500);
    expect(body).not.toContain('a bug');
  });
  it('cuts off a body that drips, with a sentence and nothing done', async () => {
    let whole = 0;
    const port = await serve(async (request, response) => {
      for await (const _ of request) void _;
      whole++;
      response.end();
    });
    const began = Date.now();
    const said = await told(port, 'POST / HTTP/1.1\r\nhost: x\r\ncontent-length: 100\r\n\r\n{"a"');
    expect(said).toContain('408 Request Timeout');
    expect(said).toContain('TOO_SLOW');
    expect(Date.now() - began).toBeLessThan(6000);
    expect(whole).toBe(0);
  });
  it('cuts off a head that never ends, and says so of what is no request', async () => {
    const port = await serve(fine);
    expect(await told(port, 'GET / HTTP/1.1\r\nhost: x\r\n')).toContain('408');
    expect(await told(port, 'not a request\r\n\r\n')).toContain('400 Bad Request');
  });
});

describe('what is being answered', () => {
  it('is named without what stands behind the question mark, and waited for; streams are not', async () => {
    const inFlight = new InFlight();
    let finish = (): void => undefined;
    const port = await serve(async (request, response) => {
      if (request.url === '/stream') {
        response.setHeader('content-type', 'text/event-stream');
        response.flushHeaders();
        return;
      }
      await new Promise<void>((done) => (finish = done));
      response.end('saved');
    }, inFlight);
    void answerTo(port, 'GET', '/stream').catch(() => undefined);
    const saving = answerTo(port, 'GET', '/save?note=private');
    while (!inFlight.words().includes('/save')) await new Promise((done) => setTimeout(done, 10));
    await new Promise((done) => setTimeout(done, 100));
    expect(inFlight.words()).toMatch(/^GET \/save \(\d+ ms\)$/);
    expect(await inFlight.settled(100)).toBe(false);
    finish();
    expect(await saving).toEqual({ status: 200, body: 'saved' });
    expect(await inFlight.settled(500)).toBe(true);
    expect(inFlight.words()).toBe('no request');
  });
});
