import { readFileSync } from 'node:fs';
import type pg from 'pg';

type Json = Record<string, unknown>;
/** Whoever answers questions about what is kept. */
type Database = Pick<pg.Pool, 'query'>;
type Answer = { readonly status: number; readonly body: Json };

/** How a write is sent; whatever comes between may lose or double it. */
export type Send = (method: string, path: string, body: unknown, key: string) => Promise<Answer>;

/** One kind of write: done once under a key; how often it stands in the database then. */
export type Write = {
  readonly name: string;
  /** @returns whether it was acknowledged */
  readonly send: (send: Send, mark: string, key: string) => Promise<boolean>;
  /** How often what this mark wrote is there: 1 when it was kept, once. */
  readonly kept: (db: Database, mark: string) => Promise<number>;
};

/** Things of the demo house that writes are done to: each kind has its own, so that they never wait for each other. */
export type Scene = {
  readonly batch: string;
  readonly weighed: string;
  readonly baking: string;
  /** What the next call of the one baking was put off by at first [min]. */
  readonly putOff_min: number;
  readonly jar: string;
  readonly recipe: Json;
};

const HILLBARS = JSON.parse(readFileSync('examples/hillbars.batch.json', 'utf8')) as Json;
const taken = ({ status }: Answer): boolean => status >= 200 && status < 300;
const counted = async (db: Database, sql: string, ...values: unknown[]): Promise<number> =>
  (await db.query<{ n: number }>(`select count(*)::int as n from ${sql}`, values)).rows[0].n;
/** The number at the end of a mark: later ones are larger. */
const numberOf = (mark: string): number => Number(/\d+$/.exec(mark)?.[0]);

/** Sends what must be there before anything else: a machine that stands still for a while is asked again, under the same key. */
async function settled(send: Send, path: string, body: unknown, key: string): Promise<Json> {
  let answer: Answer = { status: 0, body: {} };
  for (let tries = 0; tries < 8; tries++) {
    answer = await send('POST', path, body, key);
    if (taken(answer)) return answer.body;
  }
  throw new Error(`The scene could not be set: POST ${path} was answered ${JSON.stringify(answer)}`);
}

/** By how much the calls of a batch that bakes were put off at most [min]. */
export async function putOffOf(db: Database, batch: string): Promise<number> {
  const { rows } = await db.query<{ minutes: number }>(
    'select max(added_minutes)::int as minutes from call where batch_id = $1',
    [batch],
  );
  return rows[0].minutes;
}

/** Makes what the writes need. */
export async function sceneOf(send: Send, db: Database): Promise<Scene> {
  const made = async (name: string): Promise<string> =>
    String((await settled(send, '/api/batches', { ...HILLBARS, name }, `scene-${name}`)).id);
  const [batch, weighed, baking] = [await made('Edited'), await made('Weighed'), await made('Baked')];
  await settled(send, '/api/oven', { batch: baking }, 'scene-bake');
  // A call that is overdue is put off from now on: out of the way of however long the test takes, each time adds what it says.
  await settled(send, `/api/oven/${baking}`, { do: 'later', minutes: 240 }, 'scene-later');
  const putOff_min = await putOffOf(db, baking);
  const { rows } = await db.query<{ id: string }>('select id from jar where gone_at is null order by id limit 1');
  // As full as it need be for what is given away of it.
  await db.query('update jar set pieces = 1000000, left_over = 1000000 where id = $1', [rows[0].id]);
  await db.query("update jar_event set pieces = 1000000 where jar_id = $1 and act = 'packed'", [rows[0].id]);
  await db.query("delete from jar_event where jar_id = $1 and act <> 'packed'", [rows[0].id]);
  return { batch, weighed, baking, putOff_min, jar: rows[0].id, recipe: HILLBARS };
}

/**
 * Saves over a revision, read anew where somebody else saved meanwhile or the answer was lost: what stands there already is not written
 * again.
 */
async function savedOver(
  send: Send,
  { method, path, mark, key }: { readonly method: string; readonly path: string; readonly mark: string; readonly key: string },
  bodyOver: (revision: number) => unknown,
  revisions: Map<string, number>,
): Promise<boolean> {
  for (let tries = 0; tries < 20; tries++) {
    const revision = revisions.get(path) ?? 0;
    const answer = await send(method, path, bodyOver(revision), `${key}-${tries}`);
    if (answer.status === 409) {
      revisions.set(path, (answer.body.current as { revision: number }).revision);
      continue;
    }
    if (!taken(answer)) return false;
    revisions.set(path, (answer.body.revision as number | undefined) ?? revision + 1);
    return true;
  }
  throw new Error(`${mark}: always stale`);
}

export function writesOf({ batch, weighed, baking, jar, recipe }: Scene): Write[] {
  const revisions = new Map<string, number>();
  return [
    {
      name: 'a batch that is brought',
      send: async (send, mark, key) => taken(await send('POST', '/api/batches', { ...HILLBARS, name: mark }, key)),
      kept: (db, mark) => counted(db, 'batch where name = $1', mark),
    },
    {
      name: 'an edit of a batch',
      send: (send, mark, key) =>
        savedOver(
          send,
          { method: 'PATCH', path: `/api/batches/${batch}`, mark, key },
          (revision) => ({ revision, document: { ...HILLBARS, name: mark } }),
          revisions,
        ),
      // Later edits stand over earlier ones: none may fall back behind what was acknowledged.
      kept: async (db, mark) => {
        const { rows } = await db.query<{ name: string }>('select name from batch where id = $1', [batch]);
        return numberOf(rows[0].name) >= numberOf(mark) ? 1 : 0;
      },
    },
    {
      name: 'a recipe',
      send: async (send, mark, key) =>
        taken(
          await send('POST', '/api/recipes', { ...recipe, name: mark, recipe: { ...(recipe.recipe as Json), name: mark } }, key),
        ),
      kept: (db, mark) => counted(db, 'recipe where name = $1', mark),
    },
    {
      name: 'a weighing',
      send: (send, mark, key) =>
        savedOver(
          send,
          { method: 'PUT', path: `/api/batches/${weighed}/measurement`, mark, key },
          (revision) => ({ revision, pieces: 90, tray_g: 0, before_g: null, after_g: null, texture: null, note: mark }),
          revisions,
        ),
      kept: async (db, mark) => {
        const { rows } = await db.query<{ note: string }>('select note from measurement where batch_id = $1', [weighed]);
        return rows.length === 1 && numberOf(rows[0].note) >= numberOf(mark) ? 1 : 0;
      },
    },
    {
      name: 'a piece given away',
      send: async (send, mark, key) => taken(await send('POST', `/api/jars/${jar}`, { do: 'give', pieces: 1, note: mark }, key)),
      kept: async (db, mark) => counted(db, 'jar_event where jar_id = $1 and note = $2', jar, mark),
    },
    {
      name: 'a call put off',
      send: async (send, _mark, key) => taken(await send('POST', `/api/oven/${baking}`, { do: 'later', minutes: 1 }, key)),
      // Put off once each: what was added in all is held against what was acknowledged, in the test.
      kept: () => Promise.resolve(1),
    },
    {
      name: 'a reading',
      send: async (send, mark, key) =>
        taken(
          await send(
            'POST',
            `/api/oven/${baking}/readings`,
            { by: 'hand', kind: 'core_c', value: 20 + numberOf(mark) / 1000 },
            key,
          ),
        ),
      kept: (db, mark) => counted(db, 'reading where batch_id = $1 and value = $2', baking, 20 + numberOf(mark) / 1000),
    },
    {
      name: 'a bake day',
      send: (send, mark, key) =>
        savedOver(
          send,
          { method: 'PUT', path: '/api/bake-day/2027-03-06', mark, key },
          (revision) => ({
            revision,
            document: {
              settings: {
                picked: [{ batch, due: numberOf(mark) }],
                hands: 1,
                starts: 480,
                awake: [420, 1320],
                quiet: null,
                pins: [],
              },
              plan: [],
            },
          }),
          revisions,
        ),
      kept: async (db, mark) => {
        const { rows } = await db.query<{ due: number }>(
          "select (settings->'picked'->0->>'due')::int as due from bake_day where day = '2027-03-06'",
        );
        return rows.length === 1 && rows[0].due >= numberOf(mark) ? 1 : 0;
      },
    },
    {
      name: 'a purchase',
      send: async (send, mark, key) =>
        taken(
          await send(
            'POST',
            '/api/pantry/lots',
            { ingredient: 'honey', left_g: 100, got_on: '2026-11-01', best_before: null, note: mark },
            key,
          ),
        ),
      kept: (db, mark) => counted(db, 'lot where note = $1', mark),
    },
  ];
}
