import { createServer, request as ask, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';

/** One address before several processes: each request goes to the next of them that takes it. */
export class Balancer {
  private turn = 0;

  private constructor(
    private readonly server: Server,
    readonly address: string,
  ) {}

  static async before(ports: readonly number[]): Promise<Balancer> {
    const server = createServer((incoming, outgoing) => {
      const parts: Buffer[] = [];
      incoming.on('data', (part: Buffer) => parts.push(part));
      incoming.on('end', () => {
        const start = made.turn++;
        const pass = (tried: number): void => {
          if (tried === ports.length) {
            outgoing.writeHead(502).end();
            return;
          }
          const port = ports[(start + tried) % ports.length];
          const further = ask(
            { port, host: '127.0.0.1', method: incoming.method, path: incoming.url, headers: incoming.headers },
            (response) => {
              outgoing.writeHead(response.statusCode ?? 502, { ...response.headers, 'x-answered-by': String(port) });
              response.pipe(outgoing);
              outgoing.on('close', () => response.destroy());
            },
          );
          // One that takes no requests any more is passed over.
          further.on('error', () => (outgoing.headersSent ? outgoing.destroy() : pass(tried + 1)));
          further.end(Buffer.concat(parts));
        };
        pass(0);
      });
    });
    await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
    const made: Balancer = new Balancer(server, `http://127.0.0.1:${(server.address() as AddressInfo).port}`);
    return made;
  }

  close(): void {
    this.server.closeAllConnections();
    this.server.close();
  }
}
