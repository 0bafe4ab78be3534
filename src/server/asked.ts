import type { IncomingHttpHeaders } from 'node:http';
import { AsyncLocalStorage } from 'node:async_hooks';
import type { Role } from '@/core/people';
import type { Reader } from '@/core/said';

/** Who asks: somebody of a house where nobody needs to be known, nobody that is known, or a person. */
export type Who = { readonly kind: 'house' } | { readonly kind: 'stranger' } | Person;

/** Somebody who signed in. */
export type Person = {
  readonly kind: 'person';
  readonly id: string;
  readonly name: string;
  /** The device that they are signed in on. */
  readonly device: string;
  /** What they may do, by kitchen. */
  readonly roles: ReadonlyMap<string, Role>;
  /** Looks after the house, also while there is no kitchen in it. */
  readonly keeps_house: boolean;
  readonly reads: Partial<Reader>;
};

/** Over which line a request came. */
export type Line = {
  /** Where from, as far as it can be believed. */
  readonly address: string;
  /** Nobody on the way could read it. */
  readonly secure: boolean;
  /** From the machine itself. */
  readonly is_here: boolean;
};

/** What a request says about whom it is for; the server notes it before anything else sees the request. */
export type Asked = {
  /** The kitchen that this device chose, or that its page shows, by id; null while it chose none. */
  readonly kitchen: string | null;
  /** Only that one will do: a page that shows one kitchen changes no other. */
  readonly only?: true;
  /** By which the request is found in the logs. */
  readonly id?: string;
  /** Left out by scripts, which work for the house. */
  readonly who?: Who;
  readonly line?: Line;
};

/** What is known of a request: its reader, and what they are there, as soon as its kitchen is found. */
type Request = Asked & { reader?: Reader; role?: Role };

/** The name of the cookie that remembers the choice. */
export const KITCHEN_COOKIE = 'kitchen';

/** One per process: the server in front and the pages behind it are built apart. */
const shared = globalThis as {
  ovenAsked?: AsyncLocalStorage<Request>;
  ovenReader?: () => Reader | undefined;
  ovenRole?: () => Role | undefined;
};
const store = (): AsyncLocalStorage<Request> => (shared.ovenAsked ??= new AsyncLocalStorage());
/** The interface asks here in what the page it draws is read: it knows nothing of requests. */
shared.ovenReader ??= () => store().getStore()?.reader;
shared.ovenRole ??= () => store().getStore()?.role;

/** Does the work of a request, which may ask for whom it is. */
export const whileAsked = <T>(asked: Asked, work: () => T): T => store().run({ ...asked }, work);

/** Notes in what the answer to this request is read, and what the reader is there where somebody must be known, once its kitchen is. */
export function readBy(reader: Reader, role: Role | undefined): void {
  const request = store().getStore();
  if (!request) return;
  request.reader = reader;
  if (role !== undefined) request.role = role;
}

/** For whom the work that runs is done; a script asks for nobody. */
export const asked = (): Asked => store().getStore() ?? { kitchen: null };

/**
 * Whether this process answers requests: then work that nobody asked for is done for nobody, as well where pages are served without the server
 * in front of them, which finds out who comes. A script works for the house.
 */
const served = globalThis as { ovenServes?: true };
export function serves(): void {
  served.ovenServes = true;
}
const isServing = (): boolean => served.ovenServes === true || process.env.NEXT_RUNTIME !== undefined;

/** Who asks. */
export const who = (choice: Asked = asked()): Who => choice.who ?? { kind: isServing() ? 'stranger' : 'house' };

const HERE: Line = { address: '127.0.0.1', secure: false, is_here: true };
/** Over which line it is asked; a script asks at the machine. */
export const line = (): Line => asked().line ?? HERE;

/** What a request says of its kitchen: the page that it comes from, or else the device's choice. */
export function askedOf(headers: IncomingHttpHeaders): Pick<Asked, 'kitchen' | 'only'> {
  const page = headers['x-kitchen'];
  if (typeof page === 'string' && page !== '') return { kitchen: page, only: true };
  const kitchen = cookieOf(headers, KITCHEN_COOKIE);
  return { kitchen: kitchen === '' ? null : kitchen };
}

/** How long ago what is sent was given, where it waited for the line; at most a day [s]. */
export function givenAgo(headers: Headers): number {
  const ago_s = Number(headers.get('x-given-ago') ?? 0);
  return Number.isFinite(ago_s) ? Math.min(Math.max(0, ago_s), A_DAY_S) : 0;
}
const A_DAY_S = 86_400;

/** What a cookie holds; empty where there is none. */
export function cookieOf({ cookie = '' }: IncomingHttpHeaders, name: string): string {
  const found = cookie.split(';').find((one) => one.trim().startsWith(`${name}=`));
  return found?.slice(found.indexOf('=') + 1).trim() ?? '';
}
