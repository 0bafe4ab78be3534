import { useEffect, useMemo, useState } from 'react';
import type { BatchDocument, LabelWishes } from '@/core/document';
import type { BatchVersion } from '@/contract/batch';
import { useBatchSaving } from '../batch/use-batch-saving';
import type { SavingState } from '../kit/autosave/saver';
import { unsavedWords } from '../kit/autosave/unsaved-words';
import type { Saving } from '../kit/autosave/use-autosave';

const NOTHING_WRITTEN: LabelWishes = {};

/** What is written on a label, kept with its batch as every other change of it is: drafts, retries and conflicts included. */
export function useSaveLabel(
  { id, ...first }: BatchVersion & { readonly id: string },
  /** Told after every save; must stay the same function. */
  onSaved: () => void,
): { readonly wishes: LabelWishes; readonly write: (wishes: LabelWishes) => void; readonly saving: Saving } {
  const [{ opened, base, wishes }, setState] = useState({
    opened: first,
    base: first.document,
    wishes: first.document.label ?? NOTHING_WRITTEN,
  });
  const document = useMemo(() => withLabel(base, wishes), [base, wishes]);
  const [edits] = useState(() => ({
    begin: (theirs: BatchDocument) => setState((now) => ({ ...now, base: theirs, wishes: theirs.label ?? NOTHING_WRITTEN })),
  }));
  const saving = useBatchSaving({ id, ...opened }, document, { ...edits, newest: () => document });
  const savedAt = saving.state.kind === 'saved' ? saving.state.at : null;
  useEffect(() => {
    if (savedAt !== null && savedAt !== opened.saved_at) onSaved();
  }, [savedAt, opened, onSaved]);
  return { wishes, write: (next) => setState((now) => ({ ...now, wishes: next })), saving };
}

const withLabel = (base: BatchDocument, wishes: LabelWishes): BatchDocument =>
  (base.label ?? NOTHING_WRITTEN) === wishes ? base : { ...base, label: wishes };

/** How it stands, in a few words. */
export function savingWords(state: SavingState): string {
  switch (state.kind) {
    case 'saved':
      return 'saved with the batch';
    case 'waiting':
    case 'saving':
      return 'changed';
    case 'unsaved':
      return `not saved yet: ${unsavedWords(state)}`;
    case 'stale':
      return 'changed elsewhere as well';
  }
}
