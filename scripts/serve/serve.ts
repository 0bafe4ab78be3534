/** Serves the built application on loopback; npm start runs it. Says what broke and goes on; waits for running saves when it is ended. */
import next from 'next';
import { askedOf, whileAsked } from '@/server/asked';
import { copyDaily } from './daily-copy';
import { InFlight } from './in-flight';
import { makeServer } from './make-server';
import { PageTurns } from './page-turns';

/** Longest wait for what is being answered when the server is ended [ms]. */
const LAST_ANSWERS_MS = 15_000;

/** Pages that are made at once: one more than the one that waits for the database. */
const PAGES_AT_ONCE = 2;

const [host = '127.0.0.1', port = '3210'] = process.argv.slice(2);
const inFlight = new InFlight();
for (const kind of ['log', 'warn', 'error'] as const) {
  const write = console[kind].bind(console);
  console[kind] = (...words: unknown[]) => write(new Date().toISOString(), ...words);
}
// One request's fault must not take the others with it.
process.on('uncaughtException', (cause) =>
  console.error(`A fault that nobody caught, while answering ${inFlight.words()}:`, cause),
);
process.on('unhandledRejection', (cause) =>
  console.error(`A promise that nobody waited for, while answering ${inFlight.words()}:`, cause),
);

const turns = new PageTurns(PAGES_AT_ONCE);
const server = makeServer(async (request, response) => {
  await turns.of(request, response);
  if (!response.closed) await whileAsked(askedOf(request.headers), () => handle(request, response));
}, inFlight);
const app = next({ dev: process.env.NODE_ENV === 'development', hostname: host, port: Number(port), httpServer: server });
await app.prepare();
const handle = app.getRequestHandler();
server.listen(Number(port), host, () => console.log(`Serving on http://${host}:${port}`));
copyDaily(process.env.OVEN_STATE, process.env.OVEN_COPY_URL);
server.on('error', (cause) => {
  console.error('It cannot be served:', cause);
  process.exit(1);
});

let ending = false;
const end = async (): Promise<void> => {
  if (ending) return;
  ending = true;
  server.close();
  server.closeIdleConnections();
  if (!(await inFlight.settled(LAST_ANSWERS_MS))) console.error(`Ended while still answering ${inFlight.words()}`);
  server.closeAllConnections();
  process.exit(0);
};
process.on('SIGTERM', () => void end());
process.on('SIGINT', () => void end());
