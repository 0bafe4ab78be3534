/** Serves the built application on loopback, and to other devices once they are let in; npm start runs it. Says what broke and goes on; waits for running saves when it is ended. */
import next from 'next';
import { join, resolve } from 'node:path';
import { asked, serves, whileAsked } from '@/server/asked';
import { config } from '@/server/config';
import { admit } from '@/server/people/gate';
import { forgetSignIn } from '@/server/people/who-asks';
import { copyDaily } from './daily-copy';
import { InFlight } from './in-flight';
import { lineOf } from './line-of';
import { makeServer, refuse, secured, type Handler } from './make-server';
import { PageTurns } from './page-turns';
import { RequestLog } from './request-log';
import { ShareLine } from './share-line';

/** Longest wait for what is being answered when the server is ended [ms]. */
const LAST_ANSWERS_MS = 15_000;

/** Pages that are made at once: one more than the one that waits for the database. */
const PAGES_AT_ONCE = 2;

const [host = '127.0.0.1', port = '3210'] = process.argv.slice(2);
// Whoever starts the built house: what it works out, it works out in a worker. While developing, the process that reloads what changed does it.
if (process.env.NODE_ENV !== 'development') process.env.OVEN_COMPUTE_WORKER ??= resolve('dist/compute-worker.mjs');
const { proxies, stateFolder } = config();
const inFlight = new InFlight();
const requests = new RequestLog(stateFolder === null ? null : join(stateFolder, 'requests.log'));
for (const kind of ['log', 'warn', 'error'] as const) {
  const write = console[kind].bind(console);
  // A line tells which request it belongs to, by the id that its answer and the list of requests carry.
  console[kind] = (...words: unknown[]) => {
    const { id } = asked();
    write(new Date().toISOString(), ...(id === undefined ? [] : [id]), ...words);
  };
}
// One request's fault must not take the others with it.
process.on('uncaughtException', (cause) =>
  console.error(`A fault that nobody caught, while answering ${inFlight.words()}:`, cause),
);
process.on('unhandledRejection', (cause) =>
  console.error(`A promise that nobody waited for, while answering ${inFlight.words()}:`, cause),
);
serves();

const turns = new PageTurns(PAGES_AT_ONCE);
/** Answers who may come over a line. */
const answerOver =
  (here: boolean): Handler =>
  async (request, response) => {
    const noted = requests.begin(request, response);
    const line = lineOf(request, here, proxies);
    if (line.secure) response.setHeader('strict-transport-security', 'max-age=31536000');
    const admission = await admit(request, line);
    if ('ok' in admission) return refuse(response, admission);
    if (admission.kind === 'in' && admission.asked.who?.kind === 'person') noted.user = admission.asked.who.id;
    if (admission.kind === 'sign-in') {
      response.writeHead(303, { location: admission.to, 'cache-control': 'no-store' }).end();
      return;
    }
    await turns.of(request, response);
    if (!response.closed) await whileAsked({ ...admission.asked, id: noted.id }, () => handle(request, response));
  };
const server = makeServer(answerOver(true), inFlight);
const app = next({ dev: process.env.NODE_ENV === 'development', hostname: host, port: Number(port), httpServer: server });
await app.prepare();
const handle = app.getRequestHandler();
server.listen(Number(port), host, () => {
  console.log(`Serving on http://${host}:${port}`);
  // The first page of all takes over a second, for what must be read in and set up: it is asked for before anybody does.
  void fetch(`http://${host}:${port}/`).then(
    (page) => page.text(),
    () => undefined,
  );
});
const shareLine = stateFolder === null ? null : new ShareLine(stateFolder, (keys) => secured(answerOver(false), inFlight, keys));
void shareLine?.apply();
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
  shareLine?.close();
  process.exit(0);
};
// Said by npm run share: what other devices may do has changed.
process.on('SIGHUP', () => {
  forgetSignIn();
  void shareLine?.apply();
});
process.on('SIGTERM', () => void end());
process.on('SIGINT', () => void end());
