import { useEffect, useState } from 'react';
import type { Version } from '@/contract/version';
import { mergeFields } from './merge-fields';
import { sendTo } from './send';
import { useAutosave, type Saving } from './use-autosave';

/** Saves a card of a few fields soon: its page shows what comes of it. */
const REST_MS = 400;

/**
 * A card of a few fields that saves itself: what stands in it, how to change it, and how it is saved. Two people who changed
 * different fields are made one.
 *
 * @param onSaved - told after every save
 */
export function useAutosaved<T extends object>(
  { key, route, first }: { readonly key: string; readonly route: string; readonly first: Version<T> },
  onSaved: () => void,
): {
  readonly document: T;
  readonly change: (next: Partial<T>) => void;
  readonly begin: (next: T) => void;
  readonly saving: Saving;
} {
  const [document, begin] = useState(first.document);
  const [send] = useState(() => sendTo<T>(route));
  const saving = useAutosave<T>({
    key,
    send,
    first,
    document,
    newest: () => document,
    begin,
    merge: mergeFields,
    rest_ms: REST_MS,
  });
  const savedAt = saving.state.kind === 'saved' ? saving.state.at : null;
  useEffect(() => {
    if (savedAt !== null && savedAt !== first.saved_at) onSaved();
    // Only a save is told, not that the page was drawn anew.
    // oxlint-disable-next-line react/exhaustive-deps
  }, [savedAt]);
  return { document, change: (next) => begin((now) => ({ ...now, ...next })), begin, saving };
}
