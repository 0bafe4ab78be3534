import type { IncomingMessage, ServerResponse } from 'node:http';

/**
 * Pages are made a few at a time, the one asked for first first, so that saves, answers at the oven and readings never stand behind a row of
 * pages. Whoever leaves the row gives up the turn.
 */
export class PageTurns {
  private made = 0;
  private readonly row: Array<{ readonly response: ServerResponse; readonly begin: () => void }> = [];

  /** @param most - pages that are made at once */
  constructor(private readonly most: number) {}

  /** Waits for a turn where a page is asked for; it ends with the answer. */
  async of(request: IncomingMessage, response: ServerResponse): Promise<void> {
    if (!isPage(request)) return;
    if (this.made >= this.most) await this.waited(response);
    else this.made++;
    if (response.closed) return this.next();
    response.once('close', () => this.next());
  }

  private waited(response: ServerResponse): Promise<void> {
    return new Promise((begin) => this.row.push({ response, begin }));
  }

  /** Hands the turn on to whoever is still there. */
  private next(): void {
    const waiting = this.row.shift();
    if (waiting) waiting.begin();
    else this.made--;
  }
}

/** What React has to make: neither a door of the API, nor a file. */
function isPage({ method, url = '' }: IncomingMessage): boolean {
  if (method !== 'GET' && method !== 'HEAD') return false;
  return !url.startsWith('/api/') && !url.startsWith('/_next/') && !/\.\w{2,5}(\?|$)/.test(url);
}
