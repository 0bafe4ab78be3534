import { NextResponse, type NextRequest } from 'next/server';
import { SENTENCES, CATALOGUE, fail, type Failure } from '@/core/failure';
import { EVERYWHERE, pagePolicy } from './headers';
import { line } from './server/asked';
import { config as settings } from './server/config';
import { sharing } from './server/sharing/share-state';

/** Names this machine has for itself. */
const OWN_NAMES: ReadonlySet<string> = new Set(['127.0.0.1', 'localhost', '[::1]']);
/** Whether this house answers under a name: its own, that of its line for other devices, or one that whoever runs it named. */
const isOwnName = (name: string): boolean =>
  OWN_NAMES.has(name) || (sharing()?.hosts.includes(name) ?? false) || settings().hosts.includes(name);
const READS = new Set(['GET', 'HEAD']);

/**
 * The oven answers under its own names only: not under another that was pointed here, and no other website may write
 * through the baker's browser. Pages get a policy that lets nothing in from elsewhere.
 */
export async function proxy(request: NextRequest): Promise<NextResponse> {
  const host = (request.headers.get('host') ?? '').toLowerCase();
  if (!isOwnName(host.replace(/:\d+$/, '')) || isForeignWrite(request, host))
    return refuse(
      fail(
        'FOREIGN_ORIGIN',
        'Upbeat Oven answers to its own pages under its own addresses only. Open it at the one that npm start printed, or that Settings shows for other devices.',
      ),
    );
  if (!isReadable(request.nextUrl.pathname)) return refuse(fail('NOT_FOUND', SENTENCES.noSuchPage));
  if (!(await isWholeForm(request))) return refuse(fail('BAD_VALUE', 'This form did not arrive whole. Send it once more.'));
  const nonce = btoa(crypto.randomUUID());
  const policy = pagePolicy(nonce, process.env.NODE_ENV === 'development');
  // Next reads the number from the request's own policy and puts it on its scripts.
  const headers = new Headers(request.headers);
  headers.set('content-security-policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy);
  for (const [name, value] of Object.entries(EVERYWHERE)) response.headers.set(name, value);
  return response;
}

/** Whether a form that is sent to a page can be read; Next breaks over one that cannot. */
async function isWholeForm(request: NextRequest): Promise<boolean> {
  const isForm = FORMS.test(request.headers.get('content-type') ?? '');
  if (READS.has(request.method) || !isForm || request.nextUrl.pathname.startsWith('/api/')) return true;
  try {
    await request.clone().formData();
    return true;
  } catch {
    return false;
  }
}
const FORMS = /^(?:multipart\/form-data|application\/x-www-form-urlencoded)/i;

/** A write that another website began: told by its origin, or by the browser where it sends none. */
function isForeignWrite(request: NextRequest, host: string): boolean {
  if (READS.has(request.method)) return false;
  const origin = request.headers.get('origin');
  if (origin !== null && origin !== `${line().secure ? 'https:' : 'http:'}//${host}`) return true;
  return FROM_ELSEWHERE.has(request.headers.get('sec-fetch-site') ?? '');
}
const FROM_ELSEWHERE = new Set(['cross-site', 'same-site']);

const refuse = ({ code, message, path }: Failure): NextResponse =>
  NextResponse.json({ error: { code, message, path } }, { status: CATALOGUE[code].status });

function isReadable(pathname: string): boolean {
  try {
    decodeURIComponent(pathname);
    return true;
  } catch {
    return false; // a per cent sign that nothing readable follows
  }
}

export const config = { matcher: ['/((?!_next/static|icon.svg).*)'] };
