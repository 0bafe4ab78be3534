'use client';
import { X } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useEffect, useState, useSyncExternalStore, type ReactNode } from 'react';
import { Button } from '../kit/Button';
import { binnedWords, bringBack, lastBinned, letGo, nothingOnServer, subscribe } from './bin-store';

/** How long it is offered; afterwards the bin has it for a fortnight [ms]. */
const OFFERED_MS = 15_000;

/** What was just taken away, and the way back. */
export function UndoNotice(): ReactNode {
  const router = useRouter();
  const binned = useSyncExternalStore(subscribe, lastBinned, nothingOnServer);
  const [held, setHeld] = useState(false);
  const [wrong, setWrong] = useState<{ readonly of: unknown; readonly why: string } | null>(null);
  useEffect(() => {
    if (!binned || held) return;
    const timer = setTimeout(letGo, OFFERED_MS);
    return () => clearTimeout(timer);
  }, [binned, held]);
  const undo = async (): Promise<void> => {
    const why = await bringBack((binned ?? []).map(({ id }) => id));
    if (why === null) router.refresh();
    else setWrong({ of: binned, why });
  };
  return (
    <div
      aria-live="polite"
      data-undo
      className="print:hidden pointer-events-none fixed inset-x-0 bottom-4 max-sm:bottom-16 z-40 flex justify-center px-3"
    >
      {binned && (
        <p
          className="pointer-events-auto flex flex-wrap items-center gap-3 rounded-2xl border-[1.6px] border-rim bg-rail px-4 py-2 text-rail-ink"
          onMouseEnter={() => setHeld(true)}
          onMouseLeave={() => setHeld(false)}
          onFocus={() => setHeld(true)}
          onBlur={() => setHeld(false)}
        >
          <span>{wrong?.of === binned ? wrong.why : binnedWords(binned)}</span>
          <Button look="small" onClick={() => void undo()}>
            Undo
          </Button>
          <Button look="quiet" className="text-rail-ink!" aria-label="Leave it in the bin" onClick={letGo}>
            <X aria-hidden size={17} />
          </Button>
        </p>
      )}
    </div>
  );
}
