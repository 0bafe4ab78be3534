'use client';
import { useCallback, useRef, useState } from 'react';
import { saveMerged } from '../kit/save-merged';
import type { Habits } from './habits';

/** How this kitchen measures; a change is shown at once and remembered, and stays on this page if it cannot be. */
export function useHabits(first: Habits, revision: number): readonly [Habits, (habits: Habits) => void] {
  const [habits, setHabits] = useState(first);
  const from = useRef({ revision, document: first });
  const last = useRef<Promise<void>>(Promise.resolve());
  const change = useCallback((next: Habits): void => {
    setHabits(next);
    // One after the other: each over what the one before left.
    last.current = last.current.then(async () => {
      const saved = await saveMerged({ route: '/api/kitchen', from: from.current, to: next });
      if (saved.ok) from.current = saved.value;
    });
  }, []);
  return [habits, change];
}
