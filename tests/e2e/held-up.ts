import type { Browser, Page } from '@playwright/test';

type TraceEvent = {
  readonly name: string;
  readonly ph: string;
  readonly pid: number;
  readonly tid: number;
  readonly args: { readonly name?: string };
  /** When it began, and until it ended [µs]. */
  readonly ts: number;
  readonly dur?: number;
  /** How long its thread really worked at it [µs]: what else the machine did meanwhile is not in it. */
  readonly tdur?: number;
};

/**
 * What is only done because a test looks on: React makes its errors as it is read in, and a browser that is watched goes through all of
 * React once more for the call stack of each.
 */
const FOR_WATCHERS = 'V8.CollectSourcePositions';

/** The longest that the page's own thread worked at one thing while something was done, in which it answers nobody [ms of work]. */
export async function heldUp(browser: Browser, page: Page, act: () => Promise<void>): Promise<number> {
  await browser.startTracing(page, { categories: ['toplevel', 'disabled-by-default-v8.compile'] });
  await act();
  const { traceEvents } = JSON.parse((await browser.stopTracing()).toString()) as { traceEvents: readonly TraceEvent[] };
  const drawing = new Set(
    traceEvents
      .filter(({ name, args }) => name === 'thread_name' && args.name === 'CrRendererMain')
      .map(({ pid, tid }) => `${pid} ${tid}`),
  );
  const drawn = traceEvents.filter(({ ph, pid, tid }) => ph === 'X' && drawing.has(`${pid} ${tid}`));
  const tasks = drawn.filter(({ name }) => name.endsWith('RunTask'));
  if (tasks.length === 0) throw new Error('Nothing was traced of the page.');
  const watched = drawn.filter(({ name }) => name === FOR_WATCHERS);
  const worked = (task: TraceEvent): number =>
    watched
      .filter(({ pid, ts }) => pid === task.pid && ts >= task.ts && ts < task.ts + (task.dur ?? 0))
      .reduce((left, { tdur = 0 }) => left - tdur, task.tdur ?? 0);
  return Math.max(...tasks.map(worked)) / 1000;
}
