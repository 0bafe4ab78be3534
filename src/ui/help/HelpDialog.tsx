'use client';
import { Link } from '../kit/Link';
import type { ReactNode } from 'react';
import { Button } from '../kit/Button';
import { Modal } from '../kit/Modal';
import { HelpLists } from './HelpLists';
import type { PlaceHelp } from './place-help';

type HelpDialogProps = { readonly open: boolean; readonly help: PlaceHelp; readonly onClose: () => void };

/** Help in place: what this page is for, what can be done here, and what its marks, keys and words mean. */
export const HelpDialog = ({ open, help, onClose }: HelpDialogProps): ReactNode => (
  <Modal open={open} title={`Help: ${help.name}`} width="max-w-3xl" onClose={onClose}>
    <p className="text-[16px]">{help.isFor}</p>
    <ul className="list-disc space-y-1 pl-5 text-[15.5px]">
      {help.does.map((line) => (
        <li key={line}>{line}</li>
      ))}
    </ul>
    <HelpLists />
    <div className="flex flex-wrap items-center gap-3 pt-1">
      <Button look="main" onClick={onClose}>
        Close
      </Button>
      <Link href="/help" className="underline" onClick={onClose}>
        All of the help on one page
      </Link>
    </div>
  </Modal>
);
