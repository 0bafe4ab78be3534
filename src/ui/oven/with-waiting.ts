import type { BakeView, CallView, OvenView, ReadingKind } from '@/contract/oven';
import type { Waiting } from './outbox';

type Body = {
  readonly do?: 'done' | 'undo' | 'more' | 'later' | 'give-up';
  readonly position?: number;
  readonly minutes?: number;
  readonly by?: string;
  readonly kind?: ReadingKind;
  readonly value?: number;
};
const MINUTE_MS = 60_000;

/**
 * The oven as it stands once what waits is done: shown while there is no line. The kitchen plans anew when it hears of it; until then what
 * comes later is moved as far as what came before it was late.
 */
export const withWaiting = (oven: OvenView, waiting: readonly Waiting[]): OvenView =>
  waiting.reduce<OvenView>(
    (now, { address, body, oven_ms, key }) => ({
      ...now,
      bakes: now.bakes.flatMap((bake) => {
        const [, of, readings] = /^\/api\/oven\/([^/]+)(\/readings)?$/.exec(address) ?? [];
        if (of !== bake.batch) return [bake];
        const next = readings ? noted(bake, body as Body, oven_ms, key) : answered(bake, body as Body, oven_ms);
        return next === null ? [] : [next];
      }),
    }),
    oven,
  );

function answered(bake: BakeView, { do: what, position, minutes = 0 }: Body, at: number): BakeView | null {
  const { next, calls } = bake;
  if (what === 'give-up') return null;
  if (what === 'undo') return undone(bake);
  if (next === null) return bake;
  if (what === 'later') return { ...bake, calls: moved(calls, next, Math.max(0, at - due(calls[next])) + minutes * MINUTE_MS) };
  if (what === 'more') return { ...bake, calls: moved(calls, next, minutes * MINUTE_MS) };
  if (what !== 'done' || position !== next) return bake;
  const off = at - due(calls[next]);
  const done_at = new Date(at).toISOString();
  const done = moved(calls, next + 1, off).map((call) => (call.position === next ? { ...call, done_at } : call));
  const last = next + 1 >= calls.length;
  return { ...bake, calls: done, next: last ? null : next + 1, ended_at: last ? done_at : null };
}

function undone(bake: BakeView): BakeView {
  const last = bake.calls.findLast(({ done_at }) => done_at !== null);
  if (!last) return bake;
  const calls = bake.calls.map((call) => (call === last ? { ...call, done_at: null } : call));
  return { ...bake, calls, next: last.position, ended_at: null };
}

const due = ({ due_at }: CallView): number => Date.parse(due_at);

/** Calls from a position on, so much later [ms]. */
const moved = (calls: readonly CallView[], from: number, by_ms: number): CallView[] =>
  calls.map((call) => (call.position < from ? call : { ...call, due_at: new Date(due(call) + by_ms).toISOString() }));

/** What was typed stands there; what only the kitchen's devices know is read when the line is back. */
function noted(bake: BakeView, { by, kind, value }: Body, at: number, id: string): BakeView {
  if (by !== 'hand' || kind === undefined || value === undefined) return bake;
  const reading = { id, at: new Date(at).toISOString(), kind, value, source: 'typed' } as const;
  return { ...bake, readings: [...bake.readings, reading] };
}
