'use client';
import { useCallback, useState } from 'react';
import { call } from '../kit/api';
import type { Habits } from './habits';

/** How this kitchen measures; a change is shown at once and remembered, and stays on this page if it cannot be. */
export function useHabits(first: Habits): readonly [Habits, (habits: Habits) => void] {
  const [habits, setHabits] = useState(first);
  const change = useCallback((next: Habits): void => {
    setHabits(next);
    void call('/api/kitchen', { method: 'PUT', body: next });
  }, []);
  return [habits, change];
}
