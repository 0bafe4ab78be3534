import Joi from 'joi';
import type { SavedAs, Version } from '@/contract/version';
import { SENTENCES, fail, succeed, type Failure, type Result } from '@/core/failure';
import type { SavedRow } from '@/db/versions';
import { checkWith } from '@/formats/read-batch';

/** Saved, or the thing as someone else left it in the meantime. */
export type SavedOver<T> =
  | ({ readonly kind: 'saved' } & SavedAs)
  | { readonly kind: 'stale'; readonly failure: Failure; readonly current: Version<T> };

/** A thing to be saved, over the revision it was changed from. */
export type SaveRequest<T> = { readonly revision: number; readonly document: T };

/** Reads what is to be saved over what; 0 where nothing is there yet. */
export const checkSave = <T>(document: Joi.ObjectSchema<T>, body: unknown): Result<SaveRequest<T>> =>
  checkWith(
    Joi.object<SaveRequest<T>>({ revision: Joi.number().integer().min(0).required(), document: document.required() }),
    body,
  );

/** How a save ended: what was written, or what stands there instead. */
export async function savedOver<T>(
  written: SavedRow | null,
  {
    what,
    gone,
    current,
  }: {
    /** As in "Someone saved this batch". */
    readonly what: string;
    readonly gone: string;
    readonly current: () => Promise<Version<T> | null>;
  },
): Promise<Result<SavedOver<T>>> {
  if (written) return succeed({ kind: 'saved', revision: written.revision, saved_at: written.updated_at.toISOString() });
  const theirs = await current();
  if (!theirs) return fail('NOT_FOUND', gone);
  const failure = fail('CHANGED_ELSEWHERE', SENTENCES.changedElsewhere(what), 'revision');
  return succeed({ kind: 'stale', failure, current: theirs });
}

/** A row as a version of what it holds. */
export const versionOf = <T>({ revision, updated_at }: SavedRow, document: T): Version<T> => ({
  revision,
  document,
  saved_at: updated_at.toISOString(),
});
