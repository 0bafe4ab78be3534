/**
 * Every door and page, asked for anything: nobody gets an empty or unexplained answer, nothing hangs, nothing of the inside is shown, and the
 * process lives. Begins with what was found before (corpus.json); whatever it finds belongs there.
 */
import { readFileSync, readdirSync } from 'node:fs';
import { request } from 'node:http';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { seededRandom } from '@/core/quantities';
import { House } from './house';
import { SEED, size } from './size';

const REQUESTS = size(1000, 30_000);
/**
 * What takes longer hangs [ms]. With eight at once, and other suites beside them, a slow machine takes longer as well: what did is asked
 * by itself, and again a few times, since a machine that stalls spoils one answer and what hangs spoils all. What never ends is given up.
 */
const HANG_MS = 10_000;
const BY_ITSELF = 3;
const GIVEN_UP_MS = 60_000;
const AT_ONCE = 8;

let house: House;
beforeAll(async () => {
  house = await House.open();
});
afterAll(() => house.close());

type Asked = {
  readonly method: string;
  readonly path: string;
  readonly body?: string;
  readonly type?: string;
  readonly key?: string;
  readonly action?: string;
};
type Told = { readonly status: number; readonly body: string; readonly ms: number; readonly type: string };

/** Asks with node's own client: fetch refuses some of what is to be tried. */
const ask = ({ method, path, body, type, key, action }: Asked): Promise<Told> =>
  new Promise((done) => {
    const began = performance.now();
    const end = (status: number, text: string, kind = ''): void =>
      done({ status, body: text, ms: performance.now() - began, type: kind });
    const asked = request(
      {
        port: house.port,
        host: '127.0.0.1',
        method,
        path,
        headers: {
          'content-type': type ?? 'application/json',
          ...(key === undefined ? {} : { 'idempotency-key': key }),
          ...(action === undefined ? {} : { 'next-action': action }),
          ...(body === undefined ? {} : { 'content-length': Buffer.byteLength(body) }),
        },
      },
      (response) => {
        const kind = String(response.headers['content-type']);
        if (kind.startsWith('text/event-stream')) {
          response.destroy();
          return end(response.statusCode ?? 0, '', kind);
        }
        let text = '';
        response.setEncoding('utf8').on('data', (part: string) => (text += part));
        response.on('end', () => end(response.statusCode ?? 0, text, kind));
      },
    );
    asked.setTimeout(GIVEN_UP_MS, () => asked.destroy());
    asked.on('error', () => end(0, ''));
    asked.end(body);
  });

type Address = { readonly path: string; readonly methods: readonly string[] };

/** Every door and page that there is, with what stands in brackets in it filled in, and the kinds of request that it takes. */
function addresses(ids: readonly string[]): Address[] {
  const found: Address[] = [];
  const walk = (folder: string, address: string): void => {
    for (const entry of readdirSync(folder, { withFileTypes: true })) {
      if (entry.isDirectory()) walk(`${folder}/${entry.name}`, `${address}/${entry.name}`);
      else if (['route.ts', 'page.tsx'].includes(entry.name)) {
        const source = readFileSync(`${folder}/${entry.name}`, 'utf8');
        const taken = [...source.matchAll(/export (?:async function|const) (GET|POST|PUT|PATCH|DELETE)\b/g)].map(
          ([, method]) => method,
        );
        const methods = entry.name === 'page.tsx' ? ['GET', 'POST'] : taken;
        const paths = address.includes('[') ? ids.map((id) => address.replaceAll(/\[\w+\]/g, id)) : [address || '/'];
        found.push(...paths.map((path) => ({ path, methods })));
      }
    }
  };
  walk('src/app', '');
  return found;
}

it(
  `${REQUESTS} requests are answered with a reason`,
  async () => {
    const random = seededRandom(SEED + 2);
    const pick = <T>(of: readonly T[]): T => of[Math.floor(random() * of.length)];
    const { rows } = JSON.parse((await ask({ method: 'GET', path: '/api/batches' })).body) as { rows: Array<{ id: string }> };
    const ids = [rows[0].id, 'hillbars', '2026-12-05', 'big-oven', 'nope', '__proto__', '%00', '..%2f..'];
    const paths = addresses(ids);
    expect(paths.length).toBeGreaterThan(100);
    const QUERIES = [
      '',
      '?as=pdf',
      '?as=__proto__',
      '?words=%00',
      '?after=x',
      '?batch=x&batch=%F0%9F',
      '?q[]=1',
      '?day=9999-99-99',
      '?bench=constructor',
    ];
    const VALUES: readonly unknown[] = [
      null,
      true,
      0,
      -1,
      1e308,
      '',
      ' ',
      '\u0000',
      '\ud800',
      'x'.repeat(5000),
      [],
      [[[]]],
      {},
      { a: {} },
      rows[0].id,
      'hillbars',
      '2026-11-28',
      '9'.repeat(400),
    ];
    const KEYS = [
      ...[
        'batch',
        'day',
        'do',
        'pieces',
        'revision',
        'document',
        'name',
        'recipe',
        'heat',
        'steps',
        'price',
        'portion',
        'position',
      ],
      ...[
        'minutes',
        'kind',
        'value',
        'by',
        'csv',
        'settings',
        'plan',
        'option',
        'store',
        'tray_g',
        'note',
        'ingredient',
        'format',
      ],
      ...['version', 'shape', 'ingredients', 'amount', 'unit', 'text', '__proto__', 'constructor', 'toString'],
    ];
    const thing = (depth: number): Record<string, unknown> => {
      const made: Record<string, unknown> = {};
      for (let i = 0; i < random() * 6; i++) {
        const value = depth < 3 && random() < 0.35 ? thing(depth + 1) : pick(VALUES);
        Object.defineProperty(made, pick(KEYS), { value, enumerable: true, configurable: true, writable: true });
      }
      return made;
    };
    const example = readFileSync('examples/hillbars.batch.json', 'utf8');
    /** A real document with one character of it changed. */
    const spoilt = (): string => {
      const at = Math.floor(random() * example.length);
      return example.slice(0, at) + pick(['', '"', '{', '-', '0', 'null', '\u0000', '9'.repeat(30)]) + example.slice(at + 1);
    };
    const body = (): string => {
      const dice = random();
      if (dice < 0.05) return '{"a":';
      if (dice < 0.1) return '['.repeat(3000);
      if (dice < 0.15) return pick(['\u0000', 'null', '"x"', '[]', '']);
      if (dice < 0.4) return spoilt();
      return JSON.stringify(thing(0));
    };
    const made = (): Asked => {
      const { path, methods } = pick(paths);
      const odd = ['GET', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS', 'HEAD', 'TRACE', 'PURGE'];
      const method = pick(random() < 0.85 ? methods : odd);
      return {
        method,
        path: path + pick(QUERIES),
        ...(['POST', 'PUT', 'PATCH', 'DELETE'].includes(method) ? { body: body() } : {}),
        ...(random() < 0.3
          ? {
              type: pick([
                'text/plain',
                'multipart/form-data; boundary=x',
                'application/x-www-form-urlencoded',
                'image/webp',
                '',
              ]),
            }
          : {}),
        ...(random() < 0.1 ? { key: pick(['a', 'b', 'x'.repeat(300)]) } : {}),
        ...(random() < 0.03 ? { action: pick(['x', '0'.repeat(42), '$undefined']) } : {}),
      };
    };
    const corpus = JSON.parse(readFileSync('tests/faults/corpus.json', 'utf8')) as Asked[];
    const wrong: string[] = [];
    const slow: Asked[] = [];
    const codes: Record<number, number> = {};
    let slowest = 0;
    let left = REQUESTS - corpus.length;
    const next = (): Asked | null => corpus.pop() ?? (left-- > 0 ? made() : null);
    await Promise.all(
      Array.from({ length: AT_ONCE }, async () => {
        for (let asked = next(); asked; asked = next()) {
          const { status, body: text, ms, type } = await ask(asked);
          codes[status] = (codes[status] ?? 0) + 1;
          slowest = Math.max(slowest, ms);
          const said = JSON.stringify(asked).slice(0, 300);
          // 503 is an honest answer where the machine is too busy; it must say so.
          if ((status >= 500 && status !== 503) || (status === 503 && !text.includes('"code"')))
            wrong.push(`${status} ${said} ${text.slice(0, 200)}`);
          if (ms > HANG_MS) slow.push(asked);
          if (status >= 400 && type.includes('json') && /\bat .*\.(m?js|ts):\d+/.test(text))
            wrong.push(`shows its inside: ${said}`);
          if (status >= 400 && status < 500 && asked.method !== 'HEAD' && type.includes('json') && !text.includes('"message"'))
            wrong.push(`says no reason: ${said}`);
        }
      }),
    );
    for (const asked of slow) {
      let quickest = Infinity;
      for (let tried = 0; tried < BY_ITSELF && quickest > HANG_MS; tried++) quickest = Math.min(quickest, (await ask(asked)).ms);
      if (quickest > HANG_MS) wrong.push(`${Math.round(quickest)} ms, by itself: ${JSON.stringify(asked).slice(0, 300)}`);
    }
    console.log(`${REQUESTS} requests, ${JSON.stringify(codes)}, the slowest ${Math.round(slowest)} ms`);
    expect(wrong).toEqual([]);
    expect(house.isAlive).toBe(true);
    expect(house.log).not.toMatch(/A fault that nobody caught|A promise that nobody waited for/);
    expect((await ask({ method: 'GET', path: '/api/health' })).status).toBe(200);
  },
  size(300_000, 1_800_000),
);
