/** Who may do what, as docs/access.md says: every route and action, tried as everybody, in one's own kitchen and in another. */
import { resolve } from 'node:path';
import type pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { ROLES, reaches, type Role } from '@/core/people';
import { whileAsked, type Line, type Who } from '@/server/asked';
import { admit } from '@/server/people/gate';
import { accessTable, whatThereIs, type AccessRow } from './access-table';
import { must, openKitchen } from './kitchen-database';

let db: pg.Client;
let close: () => Promise<void>;
let elsewhere: string;
const DEMO = 'cairnhope';
const AFAR: Line = { address: '192.168.1.20', secure: true, is_here: false };
const HERE: Line = { address: '127.0.0.1', secure: false, is_here: true };

beforeAll(async () => {
  ({ db, close } = await openKitchen('oven_test_access'));
  const { setUpKitchen } = await import('@/server/new-kitchen');
  elsewhere = must(
    await setUpKitchen({ name: 'Quay Lane Treats', country: null, altitude_m: 0, measures: 'metric', appliances: [], dog: null }),
  ).id;
  await db.query('update installation set sign_in = true');
});
afterAll(() => close());

const table = accessTable();
const called = ({ address, method }: AccessRow): string => `${address} ${method}`;
const doors = table.filter(({ method }) => method !== 'page' && method !== 'form');
const forms = table.filter(({ method }) => method === 'form');

const person = (roles: Readonly<Record<string, Role>>): Who => ({
  ...{
    kind: 'person',
    id: 'nobody',
    name: 'Nobody',
    device: '00000000-0000-4000-8000-000000000000',
    reads: {},
    keeps_house: false,
  },
  roles: new Map(Object.entries(roles)),
});
const STRANGER: Who = { kind: 'stranger' };

const IDS: Readonly<Record<string, string>> = { day: '2026-12-01' };
const paramsOf = (address: string): Record<string, string> =>
  Object.fromEntries(
    [...address.matchAll(/\[(\w+)\]/g)].map(([, key]) => [key, IDS[key] ?? '00000000-0000-4000-8000-000000000001']),
  );
const pathOf = (address: string): string => address.replace(/\[(\w+)\]/g, (_, key: string) => paramsOf(address)[key]);

type Handler = (request: Request, context: { params: Promise<Record<string, string>> }) => Promise<Response>;
/** Calls the route's own handler for somebody, with a body that holds nothing. */
async function ask({ address, method }: AccessRow, who: Who, line = AFAR): Promise<Response> {
  const route = (await import(/* @vite-ignore */ resolve(`src/app${address}/route.ts`))) as Record<string, Handler>;
  const body = method === 'GET' ? {} : { body: '{}', headers: { 'content-type': 'application/json' } };
  const request = new Request(`http://house${pathOf(address)}`, { method, ...body });
  return whileAsked({ kitchen: DEMO, only: true, who, line }, () =>
    route[method](request, { params: Promise.resolve(paramsOf(address)) }),
  );
}
/** Lets a stream end that nobody hears. */
async function statusOf(row: AccessRow, who: Who, line = AFAR): Promise<number> {
  const answer = await ask(row, who, line);
  await answer.body?.cancel();
  return answer.status;
}
const SIGNED_OUT = 401;
const NOT_ALLOWED = 403;
const GONE = 404;

describe('the table', () => {
  it('names every route, page and action there is, and nothing else', () => {
    expect(table.map(called).sort()).toEqual(whatThereIs().sort());
  });
});

describe('a stranger', () => {
  it.each(table.filter(({ method }) => method !== 'form').map((row) => [called(row), row] as const))('%s', async (_, row) => {
    const { address, method, least } = row;
    const asked = { url: pathOf(address), method: method === 'page' ? 'GET' : method, headers: {} };
    const admission = await admit(asked as never, AFAR);
    if (least === 'anybody') expect(admission).toMatchObject({ kind: 'in', asked: { who: STRANGER } });
    else if (method === 'page') expect(admission).toMatchObject({ kind: 'sign-in' });
    else
      expect('ok' in admission ? admission.code : admission.kind).toBe(address.startsWith('/api/') ? 'NOT_SIGNED_IN' : 'sign-in');
  });
  it.each(doors.filter(({ least, ofKitchen }) => least !== 'anybody' && ofKitchen).map((row) => [called(row), row] as const))(
    'is refused by %s itself as well',
    async (_, row) => expect([SIGNED_OUT, NOT_ALLOWED, GONE]).toContain(await statusOf(row, STRANGER)),
  );
});

describe.each(ROLES)('a %s', (role) => {
  const somebody = person({ [DEMO]: role });
  it.each(doors.map((row) => [called(row), row] as const))('%s', async (_, row) => {
    const status = await statusOf(row, somebody);
    const may = row.least === 'anybody' || (row.least !== 'here' && reaches(role, row.least));
    if (may) expect(status).not.toBe(NOT_ALLOWED);
    else expect(status).toBe(NOT_ALLOWED);
  });
  it.each(forms.map((row) => [row.address, row] as const))('%s', async (address, { least }) => {
    const actions = (await import('../../src/app/recipes/actions')) as unknown as Record<
      string,
      (form: FormData) => Promise<void>
    >;
    const form = new FormData();
    form.set('recipe', 'no-such-recipe');
    form.set('revision', '1');
    const led = await whileAsked({ kitchen: DEMO, only: true, who: somebody, line: AFAR }, () =>
      actions[address.split(': ')[1]](form).then(
        () => '',
        (redirect: { digest?: string }) => decodeURIComponent(redirect.digest ?? ''),
      ),
    );
    expect(led.includes('Only bakers and owners'), led).toBe(!reaches(role, least as Role));
  });
});

describe('an owner', () => {
  const owner = person({ [DEMO]: 'owner' });
  it('lets other devices in at the machine itself only', async () => {
    const row = { address: '/api/sharing', method: 'DELETE', least: 'here', ofKitchen: false } as const;
    expect(await statusOf(row, owner, AFAR)).toBe(NOT_ALLOWED);
    expect(await statusOf(row, person({ [DEMO]: 'baker' }), HERE)).toBe(NOT_ALLOWED);
    expect(await statusOf(row, owner, HERE)).toBe(200);
    await db.query('update installation set sign_in = true');
  });
  it.each(doors.filter(({ ofKitchen }) => ofKitchen).map((row) => [called(row), row] as const))(
    'of another kitchen finds nothing at %s',
    async (_, row) => {
      const answer = await ask(row, person({ [elsewhere]: 'owner' }));
      const stream = answer.headers.get('content-type')?.startsWith('text/event-stream') === true;
      const told = stream ? '' : await answer.clone().text();
      await answer.body?.cancel();
      expect(told).not.toMatch(/Cairnhope|Hillbars|Moss|Biscuit/);
      if (!stream) expect([NOT_ALLOWED, GONE], told).toContain(answer.status);
    },
  );
});
