import type { Result } from '@/core/failure';
import { Remembered } from './remembered';

/**
 * Works each thing out once, whoever asks for it and however many at a time. A failure is told to all who wait for it, and worked out anew
 * for the next who asks.
 *
 * @param most - how many answers are kept; the one that was asked first is forgotten first
 */
export function workedOnce<T>(most: number): (key: string, work: () => Promise<Result<T>>) => Promise<Result<T>> {
  const known = new Remembered<Promise<Result<T>>>(most);
  return (key, work) => {
    const before = known.get(key);
    if (before) return before;
    const made = work();
    known.set(key, made);
    const forget = (): void => known.forget(key, made);
    made.then((answer) => answer.ok || forget(), forget);
    return made;
  };
}
