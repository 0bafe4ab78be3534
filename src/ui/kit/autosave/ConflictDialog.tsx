'use client';
import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react';
import type { ReactNode } from 'react';
import { Button } from '../Button';
import type { Saving } from './use-autosave';

/** What was saved, as in "Someone else saved this batch". */
type ConflictDialogProps = { readonly saving: Saving; readonly what: string };

/** Two people changed one thing: both are told, neither is overwritten unasked. */
export function ConflictDialog({ saving: { state, takeTheirs, keepMine }, what }: ConflictDialogProps): ReactNode {
  return (
    <Dialog open={state.kind === 'stale'} onClose={() => undefined} className="relative z-40">
      <DialogBackdrop className="fixed inset-0 bg-ink/40" />
      <div className="fixed inset-0 grid place-items-center p-6">
        <DialogPanel className="max-w-lg rounded-[18px] border-[1.6px] border-rim bg-face p-6">
          <DialogTitle className="font-display text-[20px] font-semibold">Someone else saved {what}</DialogTitle>
          <p className="pt-2">
            It was changed and saved from another place while you were working here. Nothing has been overwritten. Which one
            should stay?
          </p>
          <div className="flex flex-wrap justify-end gap-2 pt-4">
            <Button onClick={takeTheirs}>Take theirs</Button>
            <Button look="main" onClick={keepMine}>
              Keep mine
            </Button>
          </div>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
