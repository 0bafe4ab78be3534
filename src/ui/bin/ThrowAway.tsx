'use client';
import { Trash2 } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import type { BinWish } from '@/contract/bin';
import { Alert } from '../kit/Alert';
import { Button } from '../kit/Button';
import { mayHere } from '../kit/role-here';
import { throwAway } from './bin-store';

type ThrowAwayProps = {
  readonly things: readonly BinWish[];
  /** What it says, or is called where only its sign is shown. */
  readonly words: string;
  readonly look?: 'small' | 'quiet';
  /** Only its sign. */
  readonly signOnly?: boolean;
  /** Where one is led once they are gone; the page is drawn anew where it is left out. */
  readonly leadsTo?: string;
  readonly onGone?: () => void;
};

/** Takes things away into the bin. Nobody is asked first: it can be undone at once, and for a fortnight. */
export function ThrowAway({ things, words, look, signOnly = false, leadsTo, onGone }: ThrowAwayProps): ReactNode {
  const router = useRouter();
  const [wrong, setWrong] = useState<string | null>(null);
  const [going, setGoing] = useState(false);
  const go = async (): Promise<void> => {
    setGoing(true);
    const why = await throwAway(things);
    setGoing(false);
    setWrong(why);
    if (why !== null) return;
    onGone?.();
    if (leadsTo === undefined) router.refresh();
    else router.push(leadsTo);
  };
  if (!mayHere('baker')) return null;
  return (
    <>
      <Button
        {...(look ? { look } : {})}
        className="print:hidden"
        disabled={going || things.length === 0}
        {...(signOnly ? { 'aria-label': words, title: words } : {})}
        onClick={() => void go()}
      >
        <Trash2 aria-hidden size={16} /> {!signOnly && words}
      </Button>
      <Alert look="line">{wrong}</Alert>
    </>
  );
}
