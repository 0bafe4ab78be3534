import type { ReactNode } from 'react';
import type { PracticeView } from '@/contract/practice';
import type { Guess as Said } from '@/core/practice';
import { Button } from '../kit/Button';
import { guessWords } from './practice-words';

const GUESSES: readonly Said[] = ['dry', 'damp', 'wet'];

type GuessProps = { readonly goal: PracticeView['goal']; readonly busy: boolean; readonly onGuess: (said: Said) => void };

/** Said before it is looked up: it stays with the bake. */
export const Guess = ({ goal, busy, onGuess }: GuessProps): ReactNode => (
  <div className="rounded-2xl border-[1.4px] border-rim/60 px-4 py-3">
    <h2 className="text-[19px]">Say it before you look</h2>
    <p className="pb-2 text-[14.5px] text-soft">They are out. How wet is the middle of one? Then it is cut open.</p>
    <div className="flex flex-wrap gap-1.5" role="group" aria-label="How wet is the middle?">
      {GUESSES.map((said) => (
        <Button key={said} disabled={busy} onClick={() => onGuess(said)}>
          {guessWords(said, goal)}
        </Button>
      ))}
    </div>
    {busy && (
      <p role="status" className="pt-2 text-[14.5px] text-soft">
        Baking every world that shows what you saw …
      </p>
    )}
  </div>
);
