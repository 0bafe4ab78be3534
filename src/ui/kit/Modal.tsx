'use client';
import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react';
import type { ReactNode } from 'react';

type ModalProps = {
  readonly open: boolean;
  readonly title: string;
  readonly onClose: () => void;
  /** How wide it may grow, as a class. */
  readonly width: 'max-w-lg' | 'max-w-xl' | 'max-w-3xl' | 'max-w-5xl' | 'max-w-6xl';
  readonly children: ReactNode;
};

/** Something to be seen to before the page goes on; Escape and a press beside it leave it. */
export const Modal = ({ open, title, onClose, width, children }: ModalProps): ReactNode => (
  <Dialog open={open} onClose={onClose} className="relative z-50">
    <DialogBackdrop className="fixed inset-0 bg-ink/40" />
    <div className="fixed inset-0 grid place-items-center p-4">
      <DialogPanel
        className={`flex max-h-[92vh] w-full flex-col gap-2.5 overflow-y-auto rounded-[18px] border-[1.6px] border-rim bg-face px-5 py-4 text-ink ${width}`}
      >
        <DialogTitle className="text-[21px]">{title}</DialogTitle>
        {children}
      </DialogPanel>
    </div>
  </Dialog>
);
