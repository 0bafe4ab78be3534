import { plainName } from '@/server/plain-name';
import { LARGEST_FILE } from '@/core/document';
import { CATALOGUE, fail, type Failure, type Result } from '@/core/failure';
import type { SavedOver } from '@/server/save-over';

/** A failure as every door writes it. */
export function refuse({ code, message, path }: Failure): Response {
  const { status } = CATALOGUE[code];
  const headers = status === 503 ? { 'retry-after': String(RETRY_AFTER_S) } : undefined;
  return Response.json({ error: { code, message, path } }, { status, ...(headers ? { headers } : {}) });
}
/** What is away or busy may be asked again after this long [s]. */
const RETRY_AFTER_S = 3;

/** A result as JSON, with the status its failure calls for. */
export const answer = <T>(result: Result<T>, status = 200): Response =>
  result.ok ? Response.json(result.value, { status }) : refuse(result);

/** How a save over a revision ended; 409 with the other version when someone saved in between. */
export function answerSaved<T>(saved: Result<SavedOver<T>>): Response {
  if (!saved.ok) return refuse(saved);
  if (saved.value.kind === 'saved') return Response.json({ revision: saved.value.revision, saved_at: saved.value.saved_at });
  return refuseOver(saved.value.failure, saved.value.current);
}

/** A save over what is none any more, with the version that stands there. */
export const refuseOver = ({ code, message, path }: Failure, current: unknown): Response =>
  Response.json({ error: { code, message, path }, current }, { status: CATALOGUE[code].status });

const tooLarge = fail(
  'TOO_LARGE',
  `This is larger than ${LARGEST_FILE / 1e6} MB, more than any batch file. Is it the right file?`,
);
/** Bytes of a character at most. */
const BYTES = 4;

/** The request's bytes, unless they are more than any honest file. */
export async function bodyBytes(request: Request, most = BYTES * LARGEST_FILE): Promise<Result<Uint8Array>> {
  if (Number(request.headers.get('content-length') ?? 0) > most) return tooLarge;
  const bytes = new Uint8Array(await request.arrayBuffer());
  return bytes.byteLength > most ? tooLarge : { ok: true, value: bytes };
}

/** The request's text, unless it is larger than any honest batch file. */
export async function bodyText(request: Request): Promise<Result<string>> {
  if (Number(request.headers.get('content-length') ?? 0) > BYTES * LARGEST_FILE) return tooLarge;
  const text = await request.text();
  return text.length > LARGEST_FILE ? tooLarge : { ok: true, value: text };
}

/** The request's JSON. */
export async function bodyJson(request: Request): Promise<Result<unknown>> {
  const text = await bodyText(request);
  if (!text.ok) return text;
  try {
    return { ok: true, value: JSON.parse(text.value) as unknown };
  } catch {
    return fail('NOT_JSON', 'This is not JSON.');
  }
}

/** Text that is told while it is made: as fast as it is read, and no further than it is read. */
export function streamOf(parts: AsyncIterable<string>): ReadableStream<Uint8Array> {
  const next = parts[Symbol.asyncIterator]();
  const encoder = new TextEncoder();
  return new ReadableStream({
    async pull(controller) {
      const part = await next.next();
      if (part.done) controller.close();
      else controller.enqueue(encoder.encode(part.value));
    },
    cancel: () => void next.return?.(),
  });
}

/** A file to keep, with a name that every computer takes. */
export function attachment(
  content: string | Uint8Array | ReadableStream<Uint8Array>,
  name: string,
  { ending, type }: { readonly ending: string; readonly type: string },
): Response {
  const plain = plainName(name);
  return new Response(content as BodyInit, {
    headers: { 'content-type': type, 'content-disposition': `attachment; filename="${plain || 'upbeat-oven'}.${ending}"` },
  });
}
