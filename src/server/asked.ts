import type { IncomingHttpHeaders } from 'node:http';
import { AsyncLocalStorage } from 'node:async_hooks';
import type { Reader } from '@/core/said';

/** What a request says about whom it is for; the server notes it before anything else sees the request. */
export type Asked = {
  /** The kitchen that this device chose, or that its page shows, by id; null while it chose none. */
  readonly kitchen: string | null;
  /** Only that one will do: a page that shows one kitchen changes no other. */
  readonly only?: true;
};

/** What is known of a request: its reader as soon as its kitchen is found. */
type Request = Asked & { reader?: Reader };

/** The name of the cookie that remembers the choice. */
export const KITCHEN_COOKIE = 'kitchen';

/** One per process: the server in front and the pages behind it are built apart. */
const shared = globalThis as { ovenAsked?: AsyncLocalStorage<Request>; ovenReader?: () => Reader | undefined };
const store = (): AsyncLocalStorage<Request> => (shared.ovenAsked ??= new AsyncLocalStorage());
/** The interface asks here in what the page it draws is read: it knows nothing of requests. */
shared.ovenReader ??= () => store().getStore()?.reader;

/** Does the work of a request, which may ask for whom it is. */
export const whileAsked = <T>(asked: Asked, work: () => T): T => store().run({ ...asked }, work);

/** Notes in what the answer to this request is read, once its kitchen is known. */
export function readBy(reader: Reader): void {
  const request = store().getStore();
  if (request) request.reader = reader;
}

/** For whom the work that runs is done; a script asks for nobody. */
export const asked = (): Asked => store().getStore() ?? { kitchen: null };

/** What a request says: the page that it comes from, or else the device's choice. */
export function askedOf(headers: IncomingHttpHeaders): Asked {
  const page = headers['x-kitchen'];
  if (typeof page === 'string' && page !== '') return { kitchen: page, only: true };
  const found = (headers.cookie ?? '').split(';').find((one) => one.trim().startsWith(`${KITCHEN_COOKIE}=`));
  const kitchen = found?.slice(found.indexOf('=') + 1).trim() ?? '';
  return { kitchen: kitchen === '' ? null : kitchen };
}
