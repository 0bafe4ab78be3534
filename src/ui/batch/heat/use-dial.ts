import { useSyncExternalStore } from 'react';
import { DIALS, type Dial } from '../../format/dial-words';

const KEY = 'dial';
const listeners = new Set<() => void>();
const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};
const kept = (): Dial => DIALS.find((known) => known === window.localStorage.getItem(KEY)) ?? 'c';
const onServer = (): Dial => 'c';

function keep(dial: Dial): void {
  window.localStorage.setItem(KEY, dial);
  for (const listener of listeners) listener();
}

/** In what this baker reads dials: kept on this machine, since it is of the person, not of the batch. */
export const useDial = (): readonly [Dial, (dial: Dial) => void] => [useSyncExternalStore(subscribe, kept, onServer), keep];
