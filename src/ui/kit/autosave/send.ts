import type { SavedAs, Version } from '@/contract/version';
import { call } from '../api';
import { worthAgain } from '../worth-again';
import type { Send } from './saver';

const OFFLINE = 'There is no connection to Upbeat Oven. Your changes are kept in this browser and saved when it is back.';

/** Sends a thing to be saved over a revision, to where it is kept; never throws. */
export const sendTo =
  <T>(route: string, method: 'PATCH' | 'PUT' = 'PUT'): Send<T> =>
  async (revision, document) => {
    const answer = await call<SavedAs>(route, { method, body: { revision, document } });
    if (answer.ok) return { kind: 'saved', ...answer.value };
    if (answer.code === 'CHANGED_ELSEWHERE' && answer.current) return { kind: 'stale', theirs: answer.current as Version<T> };
    return { kind: 'refused', why: answer.code === 'OFFLINE' ? OFFLINE : answer.message, again: worthAgain(answer.code) };
  };
