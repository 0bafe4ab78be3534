import { NextResponse, type NextRequest } from 'next/server';
import { SENTENCES, CATALOGUE, fail, type Failure } from '@/core/failure';

/** Names this machine has for itself. */
const OWN_NAMES = new Set(['127.0.0.1', 'localhost', '[::1]']);
const READS = new Set(['GET', 'HEAD']);

/**
 * The oven answers to this machine only: not under another name that was pointed here, and no other website may write
 * through the baker's browser. Pages get a policy that lets nothing in from elsewhere.
 */
export function proxy(request: NextRequest): NextResponse {
  const host = request.headers.get('host') ?? '';
  const origin = request.headers.get('origin');
  const ownName = OWN_NAMES.has(host.replace(/:\d+$/, ''));
  const foreign = origin !== null && !READS.has(request.method) && origin !== `${request.nextUrl.protocol}//${host}`;
  if (!ownName || foreign)
    return refuse(
      fail(
        'FOREIGN_ORIGIN',
        'Upbeat Oven answers to its own pages on this machine only. Open it at the address that npm start printed.',
      ),
    );
  if (!isReadable(request.nextUrl.pathname)) return refuse(fail('NOT_FOUND', SENTENCES.noSuchPage));
  const response = NextResponse.next();
  response.headers.set('content-security-policy', POLICY);
  response.headers.set('x-content-type-options', 'nosniff');
  response.headers.set('referrer-policy', 'same-origin');
  return response;
}

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

/** Next puts its own start-up scripts inline, and drawn things carry inline sizes; everything else comes from here. */
const POLICY = [
  "default-src 'self'",
  // React puts call stacks together with eval while one develops, and never else.
  `script-src 'self' 'unsafe-inline'${process.env.NODE_ENV === 'development' ? " 'unsafe-eval'" : ''}`,
  "style-src 'self' 'unsafe-inline'",
  "img-src 'self' data: blob:",
  "worker-src 'self' blob:",
  "object-src 'none'",
  "base-uri 'none'",
  "frame-ancestors 'none'",
  "form-action 'self'",
].join('; ');

export const config = { matcher: ['/((?!_next/static|icon.svg).*)'] };
