import { useEffect, useState } from 'react';

type Saving = { readonly saved: boolean; readonly saveNow: () => void };

/**
 * Does something with what is saved: a change still on its way is saved first. Returns how to ask for it, and whether it is
 * waited for. Once asked, once done, even if the batch is changed meanwhile.
 */
export function useAfterSaving({ saved, saveNow }: Saving, act: () => Promise<void>): readonly [ask: () => void, waits: boolean] {
  const [stage, setStage] = useState<'idle' | 'asked' | 'doing'>('idle');
  const due = stage === 'asked' && saved;
  useEffect(() => {
    if (!due) return;
    // oxlint-disable-next-line react/set-state-in-effect -- from here on it is done, whatever is saved next
    setStage('doing');
    void act().finally(() => setStage('idle'));
    // What is done then is the same whenever it is done: only being asked and being saved start it.
    // oxlint-disable-next-line react/exhaustive-deps
  }, [due]);
  const ask = (): void => {
    setStage('asked');
    saveNow();
  };
  return [ask, stage !== 'idle'];
}
