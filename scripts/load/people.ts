import { readFileSync } from 'node:fs';
import { setTimeout as pause } from 'node:timers/promises';

const THINK_MS = 8000;
const PAGES = ['/', '/log', '/jars', '/recipes', '/day', '/oven', '/pantry'];
/** Of so many things that somebody does one is an edit: most of what is done in a kitchen is looking. */
const READS_IN = 3;
/** Every so many-th pair of people works on one batch together. */
const SHARED_IN = 5;
/** Edits of one person alone, before the others come. */
const ALONE = 12;

type Json = Record<string, unknown>;
type Answer = { readonly status: number; readonly ms: number; readonly body: string };
/** A batch as somebody has it open. */
type Open = { revision: number; document: Json };
type Quantiles = { readonly median: number; readonly p95: number; readonly worst: number };

/** What happened in all. */
type LoadReport = {
  readonly people: number;
  readonly seconds: number;
  readonly edits: number;
  readonly reads: number;
  readonly lost: number;
  readonly conflicts: number;
  readonly failed: Readonly<Record<string, number>>;
  readonly idle_edit_ms: number;
  readonly edit_ms: Quantiles;
  readonly read_ms: Quantiles;
  readonly times_idle: number;
};

/**
 * People at work in a house: each reads pages and edits a batch with a pause between; meanwhile one searches programmes and another prints
 * labels. Says how long answers took, and whether any edit was lost.
 */
export async function peopleAtWork(address: string, people: number, seconds: number): Promise<LoadReport> {
  const crowd = new Crowd(address, people);
  await crowd.come();
  const alone = crowd.opened();
  const idle: number[] = [];
  for (let count = 1; count <= ALONE; count++) idle.push(await crowd.edit(0, alone, count));
  const until = performance.now() + 1000 * seconds;
  const goesOn = (): boolean => performance.now() < until;
  const [edits, reads]: [number[], number[]] = [[], []];
  const person = async (who: number): Promise<void> => {
    await pause((who / people) * THINK_MS);
    const open = who === 0 ? alone : crowd.opened();
    for (let count = ALONE + 1; goesOn(); count++) {
      if (count % READS_IN === who % READS_IN) edits.push(await crowd.edit(who, open, count));
      else reads.push(await crowd.read(who, count));
      await pause(THINK_MS * (0.75 + (0.5 * ((who * 7 + count * 13) % 10)) / 10));
    }
  };
  await Promise.all([
    ...Array.from({ length: people }, (_, who) => person(who)),
    (async () => {
      while (goesOn()) await crowd.search();
    })(),
    (async () => {
      while (goesOn()) await crowd.print();
    })(),
  ]);
  const edit_ms = quantiles(edits);
  const idle_edit_ms = quantiles(idle).median;
  return {
    ...{ people, seconds, edits: edits.length, reads: reads.length, lost: await crowd.lost() },
    ...{ conflicts: crowd.conflicts, failed: crowd.failed, idle_edit_ms, edit_ms, read_ms: quantiles(reads) },
    times_idle: Math.round((10 * edit_ms.p95) / idle_edit_ms) / 10,
  };
}

class Crowd {
  conflicts = 0;
  readonly failed: Record<string, number> = {};
  private readonly template = JSON.parse(readFileSync('examples/hillbars.batch.json', 'utf8')) as Json;
  /** Batches, each of one person's or of two: whoever edits writes a count of their own into its name, beside the other's. */
  private readonly batches: Array<{ readonly id: string; readonly written: Map<number, number> }> = [];

  constructor(
    private readonly address: string,
    private readonly people: number,
  ) {}

  async come(): Promise<void> {
    for (let i = 0; i <= this.people; i++) {
      const made = await this.send('POST', '/api/batches', { ...this.template, name: `Load ${i}` });
      this.batches.push({ id: (JSON.parse(made.body) as { id: string }).id, written: new Map() });
    }
  }

  opened(): Open {
    return { revision: 1, document: { ...this.template, name: 'Load' } };
  }

  /** One edit until it is taken: what somebody else saved meanwhile is edited instead. Says how long it took in all [ms]. */
  async edit(who: number, open: Open, count: number): Promise<number> {
    const batch = this.batchOf(who);
    for (let ms = 0; ;) {
      const scale = { by: 'factor', factor: 1 + (count % 50) / 100 };
      const document: Json = { ...open.document, scale, name: nameWith(String(open.document.name), `who${who & 1}`, count) };
      const answer = await this.send('PATCH', `/api/batches/${batch.id}`, { revision: open.revision, document });
      ms += answer.ms;
      if (answer.status === 409) {
        this.conflicts++;
        const { current } = JSON.parse(answer.body) as { current: Open };
        Object.assign(open, { revision: current.revision, document: current.document });
        continue;
      }
      if (answer.status === 200) {
        Object.assign(open, { revision: (JSON.parse(answer.body) as { revision: number }).revision, document });
        batch.written.set(who & 1, count);
      }
      return ms;
    }
  }

  async read(who: number, count: number): Promise<number> {
    const page = count % 2 === 0 ? `/batch/${this.batchOf(who).id}` : PAGES[(who + count) % PAGES.length];
    return (await this.ask(page)).ms;
  }

  async search(): Promise<void> {
    await this.send('POST', '/api/find-programme', { ...this.template, target: { snap_min: 6 } });
  }

  async print(): Promise<void> {
    await this.ask(`/api/batches/${this.batches[0].id}/label`);
    await pause(1000);
  }

  /** Edits that were taken and are not there. */
  async lost(): Promise<number> {
    let lost = 0;
    for (const { id, written } of this.batches) {
      const file = JSON.parse((await this.ask(`/api/batches/${id}/file`)).body) as Json;
      for (const [hand, count] of written) if (!String(file.name).includes(`who${hand}:${count}`)) lost++;
    }
    return lost;
  }

  private batchOf(who: number): (typeof this.batches)[number] {
    return this.batches[(who >> 1) % SHARED_IN === 0 ? who & ~1 : who];
  }

  private send(method: string, path: string, body: unknown): Promise<Answer> {
    return this.ask(path, { method, headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) });
  }

  private async ask(path: string, init: RequestInit = {}): Promise<Answer> {
    const began = performance.now();
    const note = (what: string): void => void (this.failed[what] = (this.failed[what] ?? 0) + 1);
    try {
      const response = await fetch(this.address + path, { ...init, signal: AbortSignal.timeout(60_000) });
      const body = await response.text();
      if (response.status >= 500) note(String(response.status));
      return { status: response.status, ms: performance.now() - began, body };
    } catch (error) {
      note((error as Error).name);
      return { status: 0, ms: performance.now() - began, body: '' };
    }
  }
}

/** A name in which each hand's last count stands. */
function nameWith(name: string, own: string, count: number): string {
  const others = name.split(' ').filter((word) => !word.startsWith(`${own}:`));
  return [...others, `${own}:${count}`].join(' ');
}

function quantiles(times: readonly number[]): Quantiles {
  const sorted = [...times].sort((a, b) => a - b);
  const at = (share: number): number => Math.round(sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0);
  return { median: at(0.5), p95: at(0.95), worst: at(1) };
}
