import type { BakeView, CallView } from '@/contract/oven';

/** Next to do: the call that is due first, over all batches. */
export function mostUrgent(bakes: readonly BakeView[]): BakeView | null {
  const due = ({ calls, next }: BakeView): number => (next === null ? Infinity : Date.parse(calls[next].due_at));
  const going = bakes.filter(({ next }) => next !== null);
  return going.length === 0 ? null : going.reduce((first, bake) => (due(bake) < due(first) ? bake : first));
}

/** Every call to come, over all batches, in the order of the clock. */
export function toCome(bakes: readonly BakeView[]): Array<{ readonly bake: BakeView; readonly call: CallView }> {
  return bakes
    .flatMap((bake) => bake.calls.filter(({ done_at }) => done_at === null).map((call) => ({ bake, call })))
    .sort((x, y) => Date.parse(x.call.due_at) - Date.parse(y.call.due_at));
}
