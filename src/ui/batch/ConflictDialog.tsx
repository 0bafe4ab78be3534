'use client';
import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react';
import type { ReactNode } from 'react';
import { Button } from '../kit/Button';

type ConflictDialogProps = { readonly open: boolean; readonly onTheirs: () => void; readonly onMine: () => void };

/** Two people changed one batch: both are told, neither is overwritten unasked. */
export function ConflictDialog({ open, onTheirs, onMine }: ConflictDialogProps): ReactNode {
  return (
    <Dialog open={open} onClose={() => undefined} className="relative z-40">
      <DialogBackdrop className="fixed inset-0 bg-ink/40" />
      <div className="fixed inset-0 grid place-items-center p-6">
        <DialogPanel className="max-w-lg rounded-[18px] border-[1.6px] border-rim bg-face p-6">
          <DialogTitle className="font-display text-[20px] font-semibold">Someone else saved this batch</DialogTitle>
          <p className="pt-2">
            It was changed and saved from another place while you were working here. Nothing has been overwritten. Which one
            should stay?
          </p>
          <div className="flex flex-wrap justify-end gap-2 pt-4">
            <Button onClick={onTheirs}>Take theirs</Button>
            <Button look="main" onClick={onMine}>
              Keep mine
            </Button>
          </div>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
