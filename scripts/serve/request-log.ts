import { randomUUID } from 'node:crypto';
import { createWriteStream, openSync, renameSync, rmSync, statSync, type WriteStream } from 'node:fs';
import type { IncomingMessage, ServerResponse } from 'node:http';

/** Size beyond which a new file is begun [bytes], and how many old ones are kept. */
const MOST_BYTES = 5_000_000;
const OLD_FILES = 3;

/** A request that is being answered: its id, and who it turned out to come from. */
export type Noted = { readonly id: string; user: string | null };

/**
 * Every page and every door that was asked for, one JSON object a line: when, its id, method, address without what stands behind the question
 * mark, answer, milliseconds, and the id of who asked. No name, no words, nothing of what was sent. A full disk costs lines, never answers.
 */
export class RequestLog {
  private stream: WriteStream | null = null;
  private bytes = 0;

  /** @param file - where it is kept; null keeps nothing */
  constructor(
    private readonly file: string | null,
    private readonly most_bytes = MOST_BYTES,
  ) {}

  /** Begins a request; it is written down once it was answered, or whoever asked had gone. */
  begin(request: IncomingMessage, response: ServerResponse): Noted {
    const noted: Noted = { id: randomUUID(), user: null };
    response.setHeader('x-request-id', noted.id);
    const path = (request.url ?? '').replace(/\?.*$/s, '');
    if (path.startsWith('/_next/')) return noted;
    const since = performance.now();
    response.once('close', () =>
      this.write({
        at: new Date().toISOString(),
        request: noted.id,
        method: request.method ?? '',
        route: path,
        status: response.headersSent ? response.statusCode : null,
        ms: Math.round(performance.now() - since),
        user: noted.user,
        ...(response.writableFinished ? {} : { cut: true }),
      }),
    );
    return noted;
  }

  private write(entry: object): void {
    if (this.file === null) return;
    const line = `${JSON.stringify(entry)}\n`;
    try {
      if (this.bytes + line.length > this.most_bytes) this.turn(this.file);
      this.stream ??= this.open(this.file);
      this.bytes += line.length;
      this.stream.write(line);
    } catch {
      // A folder that can no longer be read or written costs lines.
    }
  }

  private open(file: string): WriteStream {
    this.bytes = statSync(file, { throwIfNoEntry: false })?.size ?? 0;
    // Opened at once: a file that is still being opened is not there yet to be put aside when the next line finds it full.
    const stream = createWriteStream(file, { fd: openSync(file, 'a', 0o600) });
    stream.on('error', () => {
      if (this.stream === stream) this.stream = null;
    });
    return stream;
  }

  /** Puts the file aside, the oldest away, and begins a new one. */
  private turn(file: string): void {
    this.stream?.end();
    this.stream = null;
    this.bytes = 0;
    rmSync(`${file}.${OLD_FILES}`, { force: true });
    for (let nth = OLD_FILES - 1; nth >= 1; nth--)
      if (there(`${file}.${nth}`)) renameSync(`${file}.${nth}`, `${file}.${nth + 1}`);
    if (there(file)) renameSync(file, `${file}.1`);
  }
}

const there = (file: string): boolean => statSync(file, { throwIfNoEntry: false }) !== undefined;
