import { useEffect, useRef, useState } from 'react';
import type { PracticeView } from '@/contract/practice';
import type { Act, Guess } from '@/core/practice';
import { call } from '../kit/api';
import { BakeClock } from './bake-clock';

type Doing = Act extends infer One ? (One extends Act ? Omit<One, 'minute'> : never) : never;

/** A practice bake on the page. */
export type Practising = {
  readonly view: PracticeView;
  readonly clock: BakeClock;
  /** The server is asked; the clock stands meanwhile. */
  readonly busy: boolean;
  readonly trouble: string | null;
  readonly act: (what: Doing) => void;
  readonly judge: (guess: Guess) => void;
};
export type { Doing };

const lastMinute = ({ window: { glimpses } }: Pick<PracticeView, 'window'>): number => glimpses[glimpses.length - 1].minute;
/** A minute on the clock, as fine as it is shown. */
const rounded = (minute: number): number => Math.round(minute * 20) / 20;

/** What is done in a practice bake goes to the server, which alone knows what is hidden, and comes back as what is seen. */
export function usePractice(first: PracticeView): Practising {
  const [view, setView] = useState(first);
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [clock] = useState(() => {
    const made = new BakeClock();
    made.set(first.minute, lastMinute(first));
    return made;
  });
  const left = useRef(false);
  useEffect(() => {
    left.current = false;
    return () => {
      left.current = true;
      clock.run(false);
    };
  }, [clock]);

  /** The clock stands while it is asked; it goes on afterwards if it ran. */
  const asking = async (work: () => Promise<string | null>): Promise<void> => {
    if (busy) return;
    const ran = clock.how().running;
    clock.run(false);
    setBusy(true);
    const wrong = await work();
    if (left.current) return;
    setTrouble(wrong);
    setBusy(false);
    if (ran && wrong === null) clock.run(true);
  };
  const act = (what: Doing): void =>
    void asking(async () => {
      const minute = Math.max(rounded(clock.now()), view.minute);
      const body = { after: view.acts.length, act: { ...what, minute } };
      const done = await call<Partial<PracticeView>>(`/api/practice/${view.id}/acts`, { body });
      if (!done.ok) return done.message;
      const next = { ...view, ...done.value };
      setView(next);
      clock.set(next.minute, lastMinute(next));
      if (what.do === 'out') clock.run(false);
      return null;
    });
  const judge = (guess: Guess): void =>
    void asking(async () => {
      const told = await call<Pick<PracticeView, 'verdict'>>(`/api/practice/${view.id}/verdict`, { body: { guess } });
      if (!told.ok) return told.message;
      setView({ ...view, ...told.value });
      return null;
    });
  return { view, clock, busy, trouble, act, judge };
}

/** Begins a practice bake and goes to it; what went wrong otherwise. */
export async function beginPractice(of: { readonly lesson: string } | { readonly batch_id: string }): Promise<string | null> {
  const begun = await call<{ id: string }>('/api/practice', { body: of });
  if (!begun.ok) return begun.message;
  window.location.assign(`/practice/${begun.value.id}`);
  return null;
}
