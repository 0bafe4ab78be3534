import { createServer, type AddressInfo } from 'node:net';

/** A port of loopback that nobody has just now. */
export const freePort = (): Promise<number> =>
  new Promise((done) => {
    const server = createServer();
    server.listen(0, '127.0.0.1', () => {
      const { port } = server.address() as AddressInfo;
      server.close(() => done(port));
    });
  });
