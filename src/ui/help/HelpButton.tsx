'use client';
import { CircleHelp } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useEffect, useState, type ReactNode } from 'react';
import { readerHere } from '../format/reader-here';
import { ownsKeys } from '../kit/owns-keys';
import { useEver } from '../kit/use-ever';
import { usePlace } from '../shell/use-place';
import { helpOf } from './place-help';

/** Loaded once it is asked for. */
const HelpDialog = dynamic(() => import('./HelpDialog').then((help) => help.HelpDialog), { ssr: false });

/** Opens the help of the page that one is at, also by the key of its sign. */
export function HelpButton({ className }: { readonly className: string }): ReactNode {
  const place = usePlace();
  const [open, setOpen] = useState(false);
  const opened = useEver(open);
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.key !== '?' || ownsKeys(event.target) || readerHere().keys === 'none') return;
      event.preventDefault();
      setOpen(true);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  return (
    <>
      <button type="button" aria-label="Help" aria-keyshortcuts="?" className={className} onClick={() => setOpen(true)}>
        <CircleHelp aria-hidden size={18} />
      </button>
      {opened && <HelpDialog open={open} help={helpOf(place)} onClose={() => setOpen(false)} />}
    </>
  );
}
