import { useState } from 'react';
import { call } from './api';

/** Something that is worked out when it is asked for. */
type Asked<T> =
  | { readonly kind: 'no' | 'asking' }
  | { readonly kind: 'wrong'; readonly message: string }
  | { readonly kind: 'told'; readonly told: T };

/**
 * Asks the server for what takes a while, when somebody wants to know.
 *
 * @param of - what it is asked about, sent along where it is given; an answer about another one is no answer
 */
export function useAsked<T>(route: string, of?: object): readonly [asked: Asked<T>, ask: () => void] {
  const [last, setLast] = useState<{ readonly of: object | undefined; readonly asked: Asked<T> }>({ of, asked: { kind: 'no' } });
  const ask = async (): Promise<void> => {
    setLast({ of, asked: { kind: 'asking' } });
    const answer = await call<T>(route, of === undefined ? {} : { body: of });
    const asked: Asked<T> = answer.ok ? { kind: 'told', told: answer.value } : { kind: 'wrong', message: answer.message };
    // Whoever asked about something else meanwhile waits for that.
    setLast((now) => (now.of === of ? { of, asked } : now));
  };
  return [last.of === of ? last.asked : { kind: 'no' }, () => void ask()];
}
