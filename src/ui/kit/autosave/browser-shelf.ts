import type { DraftStore } from './saver';

/** The browser's store; where it is shut, one that refuses everything, so that whoever keeps something there is told. */
export function browserShelf(): DraftStore {
  try {
    return window.localStorage;
  } catch {
    const shut = (): never => {
      throw new Error('This browser keeps nothing.');
    };
    return { getItem: () => null, setItem: shut, removeItem: () => undefined };
  }
}
