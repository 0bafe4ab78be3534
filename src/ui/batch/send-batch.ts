import type { SendOutcome, Send, Version } from './saver';

type Answer = {
  readonly revision?: number;
  readonly saved_at?: string;
  readonly error?: { readonly message: string };
  readonly current?: Version;
};

const OFFLINE = 'There is no connection to the oven. Your changes are kept in this browser and saved when it is back.';

/** Sends a document to be saved over a revision; never throws. */
export const sendBatch: Send = async (id, revision, document): Promise<SendOutcome> => {
  try {
    const response = await fetch(`/api/batches/${id}`, {
      method: 'PATCH',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ revision, document }),
    });
    const answer = (await response.json()) as Answer;
    if (response.status === 409 && answer.current) return { kind: 'stale', theirs: answer.current };
    if (response.ok && answer.revision !== undefined)
      return { kind: 'saved', revision: answer.revision, saved_at: answer.saved_at ?? '' };
    // What the server refuses as it stands will not get better by asking again.
    return { kind: 'refused', why: answer.error?.message ?? OFFLINE, again: response.status >= 500 };
  } catch {
    return { kind: 'refused', why: OFFLINE, again: true };
  }
};
