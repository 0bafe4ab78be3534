import 'server-only';
import pg from 'pg';
import { asked, who, type Asked } from '../asked';
import { config } from '../config';
import { eventStream } from '../event-stream';
import { stillSignedIn } from '../people/who-asks';
import { askedKitchen } from '../kitchen-pools';

/** Told of a kitchen, and a batch of it; both empty where it is not known what happened. */
type Tell = (kitchen: string, batch: string) => void;
/** One connection listens for the whole process; every open page hears of every change in its kitchen. */
type Listener = { client: pg.Client | null; tell: Set<Tell>; stopped: boolean };
const shared = globalThis as { ovenListener?: Listener };
const RETRY_MS = 1000;
/** Proxies and sleeping phones close what says nothing [ms]. */
const BEAT_MS = 20_000;

function listener(): Listener {
  if (!shared.ovenListener) {
    shared.ovenListener = { client: null, tell: new Set(), stopped: false };
    void listen(shared.ovenListener);
  }
  return shared.ovenListener;
}

async function listen(held: Listener): Promise<void> {
  if (held.stopped) return;
  const client = new pg.Client({ connectionString: config().databaseUrl });
  let lost = false;
  const again = (): void => {
    if (lost) return;
    lost = true;
    held.client = null;
    client.end().catch(() => undefined);
    setTimeout(() => void listen(held), RETRY_MS).unref();
  };
  client.on('error', again);
  client.on('end', again);
  client.on('notification', ({ payload = '' }) => {
    const [kitchen = '', batch = ''] = payload.split(' ');
    for (const tell of held.tell) tell(kitchen, batch);
  });
  try {
    await client.connect();
    await client.query('listen oven');
    held.client = client;
    // What happened while nobody listened is not known: look once.
    for (const tell of held.tell) tell('', '');
  } catch {
    again();
  }
}

/** Server-sent events: `changed` with the batch's id whenever a call, a reading or a bake of a kitchen changes, whoever changed it. */
export const ovenStream = (signal: AbortSignal): ReadableStream<Uint8Array> =>
  eventStream(signal, (send, leave) => {
    const held = listener();
    const choice = asked();
    // A device that was signed out hears nothing more, though its line stood open.
    const say = (words: string): void =>
      void stillSignedIn(who(choice)).then(
        (signedIn) => {
          if (!signedIn) leave();
          else if (held.tell.has(tell)) send(words);
        },
        () => undefined,
      );
    const tell: Tell = (kitchen, batch) =>
      void isChosen(kitchen, choice).then((mine) => {
        if (mine) say(`event: changed\ndata: ${batch}\n\n`);
      });
    const beat = setInterval(() => say(': still here\n\n'), BEAT_MS);
    held.tell.add(tell);
    return () => {
      held.tell.delete(tell);
      clearInterval(beat);
    };
  });

/** Whether it is the kitchen that a page shows; what nobody knows may be any's. */
const isChosen = (kitchen: string, choice: Asked): Promise<boolean> =>
  kitchen === ''
    ? Promise.resolve(true)
    : askedKitchen(choice).then(
        (chosen) => chosen?.id === kitchen,
        () => false,
      );

process.once('SIGTERM', () => {
  if (!shared.ovenListener) return;
  shared.ovenListener.stopped = true;
  void shared.ovenListener.client?.end();
});
