import type { PlannedList } from '@/contract/batch';
import { useCallback, useRef, useState } from 'react';
import { call } from './api';

export type Planned = PlannedList & {
  readonly find: string;
  readonly look: (typed: string) => void;
  /** There are more than were told at first: worth a field to search them. */
  readonly isLong: boolean;
  readonly trouble: string | null;
};

/** Planned batches by name: those told at first, and others once they are looked for. */
export function usePlanned(first: PlannedList): Planned {
  const [find, setFind] = useState('');
  const [found, setFound] = useState<PlannedList | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const asked = useRef(0);
  const look = useCallback(async (wanted: string): Promise<void> => {
    const mine = ++asked.current;
    setFind(wanted);
    if (wanted === '') return setFound(null);
    const answer = await call<PlannedList>(`/api/batches?find=${encodeURIComponent(wanted)}`);
    if (asked.current !== mine) return;
    setTrouble(answer.ok ? null : answer.message);
    if (answer.ok) setFound(answer.value);
  }, []);
  const list = find === '' ? first : (found ?? first);
  return { ...list, find, look: (typed) => void look(typed), isLong: first.total > first.rows.length, trouble };
}
