import type { FailureBody } from '@/contract/failure';
import { tellSignedOut } from './signed-out';
import { sentence } from '../format/units';
import { SENTENCES, fail, succeed, type Failure, type Success } from '@/core/failure';

/** What a page asks of the server. */
type Asking = {
  readonly method?: 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE';
  /** Sent as JSON. */
  readonly body?: unknown;
  /** Sent as it is, under a type of its own. */
  readonly raw?: { readonly content: string | Blob; readonly type: string };
  readonly signal?: AbortSignal | undefined;
  readonly headers?: Readonly<Record<string, string>>;
};

/** A refusal may bring the version that stands there instead. */
export type Refused = Failure & { readonly current?: unknown };
export type Answered<T> = Success<T> | Refused;

/** The kitchen that the page shows: another tab may have gone to another one meanwhile. */
function ofThisPage(): Readonly<Record<string, string>> {
  const kitchen = typeof document === 'undefined' ? undefined : document.documentElement.dataset.kitchen;
  return kitchen === undefined ? {} : { 'x-kitchen': kitchen };
}

const SIGNED_OUT = 401;

const OFFLINE = fail(
  'OFFLINE',
  'Upbeat Oven does not answer. What you typed is still here; try again in a moment, or reload once it is back.',
);

/**
 * Asks the server. Whatever happens comes back as a value: what it refused, with its sentence; that it does not answer; that
 * nobody waits any more.
 */
export async function call<T>(route: string, { method, body, raw, signal, headers }: Asking = {}): Promise<Answered<T>> {
  const content = raw ? raw.content : body === undefined ? undefined : JSON.stringify(body);
  const type = raw?.type ?? (body === undefined ? undefined : 'application/json');
  const response = await fetch(route, {
    method: method ?? (content === undefined ? 'GET' : 'POST'),
    ...(content === undefined ? {} : { body: content }),
    headers: { ...ofThisPage(), ...headers, ...(type === undefined ? {} : { 'content-type': type }) },
    ...(signal === undefined ? {} : { signal }),
  }).catch(() => null);
  if (signal?.aborted) return fail('GIVEN_UP', SENTENCES.nothingWaits);
  if (!response) return OFFLINE;
  const answer = (await response.json().catch(() => null)) as (Partial<FailureBody> & { readonly current?: unknown }) | null;
  if (response.ok) return succeed(answer as T);
  // A refusal without a sentence comes from between the page and the server.
  if (!answer?.error) return OFFLINE;
  const { code, message, path } = answer.error;
  if (response.status === SIGNED_OUT && !route.startsWith('/api/sign-in') && route !== '/api/pair') tellSignedOut();
  return { ...fail(code, sentence(message), path), ...(answer.current === undefined ? {} : { current: answer.current }) };
}

/** Asks the server for a file, of what is sent. */
export async function callFile(route: string, body: unknown): Promise<Answered<Blob>> {
  const init = { method: 'POST', body: JSON.stringify(body), headers: { ...ofThisPage(), 'content-type': 'application/json' } };
  const response = await fetch(route, init).catch(() => null);
  if (response?.ok) return succeed(await response.blob());
  const answer = (await response?.json().catch(() => null)) as Partial<FailureBody> | null | undefined;
  return answer?.error ? fail(answer.error.code, sentence(answer.error.message), answer.error.path) : OFFLINE;
}

/** What is wrong with an answer, in words; null when nothing is. */
export const wrongWith = (answer: Answered<unknown>): string | null => (answer.ok ? null : answer.message);
