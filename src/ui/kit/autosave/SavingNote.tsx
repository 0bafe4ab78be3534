import type { ReactNode } from 'react';
import { Alert } from '../Alert';
import { ConflictDialog } from './ConflictDialog';
import { unsavedWords } from './unsaved-words';
import type { Saving } from './use-autosave';

/** Says when something could not be saved, and asks when someone else saved in between. */
export const SavingNote = ({ saving, what }: { readonly saving: Saving; readonly what: string }): ReactNode => (
  <>
    <ConflictDialog saving={saving} what={what} />
    <Alert title="Not saved yet.">{saving.state.kind === 'unsaved' ? unsavedWords(saving.state) : null}</Alert>
  </>
);
