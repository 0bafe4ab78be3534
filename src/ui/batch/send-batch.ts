import type { BatchVersion } from '@/contract/batch';
import type { SendOutcome, Send } from './saver';
import { call } from '../kit/api';
import { CATALOGUE } from '@/core/failure';

const OFFLINE = 'There is no connection to Upbeat Oven. Your changes are kept in this browser and saved when it is back.';

/** Sends a document to be saved over a revision; never throws. */
export const sendBatch: Send = async (id, revision, document): Promise<SendOutcome> => {
  const answer = await call<{ readonly revision: number; readonly saved_at: string }>(`/api/batches/${id}`, {
    method: 'PATCH',
    body: { revision, document },
  });
  if (answer.ok) return { kind: 'saved', ...answer.value };
  if (answer.code === 'CHANGED_ELSEWHERE' && answer.current) return { kind: 'stale', theirs: answer.current as BatchVersion };
  // What the server refuses as it stands will not get better by asking again.
  const again = CATALOGUE[answer.code].status >= 500;
  return { kind: 'refused', why: answer.code === 'OFFLINE' ? OFFLINE : answer.message, again };
};
