import { createServer, request as ask, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';

/** What a line does to a request that goes over it. */
export type Trouble = 'none' | 'request-lost' | 'answer-lost' | 'sent-twice' | 'cut-in-the-middle';

/** A bad line between a page and the house: loses requests, loses answers, sends what it was given twice. */
export class Line {
  private constructor(
    private readonly server: Server,
    readonly address: string,
  ) {}

  /** @param troubleOf - what happens to the next request */
  static async to(port: number, troubleOf: () => Trouble): Promise<Line> {
    const server = createServer((incoming, outgoing) => {
      const parts: Buffer[] = [];
      incoming.on('data', (part: Buffer) => parts.push(part));
      incoming.on('end', () => {
        const body = Buffer.concat(parts);
        const trouble = troubleOf();
        const pass = (answered: boolean): Promise<void> =>
          new Promise((done) => {
            const cut = trouble === 'cut-in-the-middle' ? body.subarray(0, body.length >> 1) : body;
            const further = ask(
              {
                port,
                host: '127.0.0.1',
                method: incoming.method,
                path: incoming.url,
                headers: { ...incoming.headers, host: `127.0.0.1:${port}` },
              },
              (response) => {
                const answer: Buffer[] = [];
                response.on('data', (part: Buffer) => answer.push(part));
                response.on('end', () => {
                  if (answered) {
                    outgoing.writeHead(response.statusCode ?? 502, response.headers);
                    outgoing.end(Buffer.concat(answer));
                  }
                  done();
                });
              },
            );
            further.on('error', () => {
              outgoing.destroy();
              done();
            });
            further.write(cut);
            if (trouble === 'cut-in-the-middle') further.destroy();
            else further.end();
          });
        if (trouble === 'request-lost') outgoing.destroy();
        else if (trouble === 'answer-lost') void pass(false).then(() => outgoing.destroy());
        else if (trouble === 'sent-twice') void Promise.all([pass(false), pass(true)]);
        else void pass(true);
      });
    });
    await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
    return new Line(server, `http://127.0.0.1:${(server.address() as AddressInfo).port}`);
  }

  close(): void {
    this.server.closeAllConnections();
    this.server.close();
  }
}
