/**
 * How a page and its workers talk: every request has a number of its own, can be given up by it, and is always answered,
 * also when the worker broke. The same services answer in a browser's worker, in a worker thread of the server and, in
 * tests, in the caller's own process.
 */

/** One kind of request: what is asked, what is told on the way, what is answered. All of it plain data. */
type Exchange = { readonly ask: unknown; readonly told: unknown; readonly answer: unknown };
/** One kind of request, written short: what is asked, what is answered, and what is told on the way, if anything. */
export type Ask<A, Answer, Told = never> = { readonly ask: A; readonly told: Told; readonly answer: Answer };
/** Every kind of request that one service answers, by name. */
export type Exchanges<E> = { readonly [Name in keyof E]: Exchange };

/** What goes to a worker. */
export type Request =
  | { readonly id: number; readonly name: string; readonly ask: unknown }
  | { readonly id: number; readonly giveUp: true };

/** What comes back; `bug` is what an exception said. */
export type Reply =
  | { readonly id: number; readonly told: unknown }
  | { readonly id: number; readonly answer: unknown }
  | { readonly id: number; readonly bug: string };

/** A request under way, as the service sees it. */
export type Ongoing<Told = unknown> = {
  /** Aborted once nobody waits for the answer any more. */
  readonly signal: AbortSignal;
  readonly tell: (told: Told) => void;
};

/** Answers each kind of request. */
export type Service<E extends Exchanges<E>> = {
  readonly [Name in keyof E]: (
    ask: E[Name]['ask'],
    ongoing: Ongoing<E[Name]['told']>,
  ) => E[Name]['answer'] | Promise<E[Name]['answer']>;
};
