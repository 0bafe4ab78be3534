import type { SavedAs, Version } from '@/contract/version';
import { fail } from '@/core/failure';
import { mergeFields } from './autosave/merge-fields';
import { call, type Answered } from './api';

/** What was changed, and the version that it was changed from. */
type Change<T> = {
  readonly route: string;
  readonly method?: 'PUT' | 'PATCH';
  readonly from: Pick<Version<T>, 'revision' | 'document'>;
  readonly to: T;
};

/** Somebody else may save as often as this in between. */
const TRIES = 4;

/**
 * Saves a form over the version that it was opened with. What another hand saved meanwhile stays where this one left it alone; where both
 * changed the same, nothing is written and the other's is told.
 *
 * @returns what stands there now
 */
export async function saveMerged<T extends object>({
  route,
  method = 'PUT',
  from,
  to,
}: Change<T>): Promise<Answered<Pick<Version<T>, 'revision' | 'document'>>> {
  let base = from;
  let document = to;
  for (let tries = 0; tries < TRIES; tries++) {
    const saved = await call<SavedAs>(route, { method, body: { revision: base.revision, document } });
    if (saved.ok) return { ok: true, value: { revision: saved.value.revision, document } };
    const theirs = saved.current as Version<T> | undefined;
    const merged = theirs && mergeFields(base.document, document, theirs.document);
    if (!theirs || !merged) return saved;
    base = theirs;
    document = merged;
  }
  return fail('CHANGED_ELSEWHERE', 'Others save this all the time just now. Try again in a moment.');
}
