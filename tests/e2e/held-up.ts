import type { Browser, Page } from '@playwright/test';

type TraceEvent = {
  readonly name: string;
  readonly ph: string;
  readonly pid: number;
  readonly tid: number;
  readonly args: { readonly name?: string };
  /** How long its thread really worked at it [µs]: what else the machine did meanwhile is not in it. */
  readonly tdur?: number;
};

/** The longest that the page's own thread worked at one thing while something was done, in which it answers nobody [ms of work]. */
export async function heldUp(browser: Browser, page: Page, act: () => Promise<void>): Promise<number> {
  await browser.startTracing(page, { categories: ['toplevel'] });
  await act();
  const { traceEvents } = JSON.parse((await browser.stopTracing()).toString()) as { traceEvents: readonly TraceEvent[] };
  const drawing = new Set(
    traceEvents
      .filter(({ name, args }) => name === 'thread_name' && args.name === 'CrRendererMain')
      .map(({ pid, tid }) => `${pid} ${tid}`),
  );
  const tasks = traceEvents.filter(
    ({ name, ph, pid, tid }) => ph === 'X' && name.endsWith('RunTask') && drawing.has(`${pid} ${tid}`),
  );
  if (tasks.length === 0) throw new Error('Nothing was traced of the page.');
  return Math.max(...tasks.map(({ tdur = 0 }) => tdur)) / 1000;
}
